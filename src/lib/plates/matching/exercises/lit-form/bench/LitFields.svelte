<script lang="ts">
	import { FORMS, LAMPS } from '$lib/core/matching/lit-shares';
	import { type LitDegree } from '$lib/core/matching/lit-degrees';
	import RangeField from '$lib/ui/RangeField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { matchingExercises } from '../../../exercises';
	import { decide } from '../../../bench/decide';
	import { nextSeed, renewed } from '../../../match-state';
	import { type MatchingPlate } from '../../../schema';
	import { drawnForm, litForm, MOST_GLOSS, type LitForm } from '../lit-form';
	import { DEGREE_WORDS, FORM_WORDS, LAMP_WORDS } from '../lit-words';

	/** Which form, where the lamp stands, and how far apart its regions are. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const settings = $derived(matchingExercises.on(litForm, plate, workbench.document.linked)?.settings ?? null);
	const DEGREES = ['0', '1', '2', '3', 'hand'] as const;
	const words = Object.fromEntries([
		...DEGREE_WORDS.map(({ degree, name }) => [String(degree), name]),
		['hand', 'lights set by hand']
	]) as Readonly<Record<(typeof DEGREES)[number], string>>;

	/** Another form, lamp or degree is another subject: what was set for the one before is put away. */
	const renew = (label: string, work: (latest: LitForm) => LitForm) =>
		decide(workbench, plate, litForm, label, (latest) => work(renewed(latest, nextSeed(latest.seed))));

	function chooseDegree(chosen: (typeof DEGREES)[number]) {
		if (chosen === 'hand') renew('Set the lights by hand', (latest) => ({ ...latest, degree: null, stage: 'arrange' }));
		else renew('Change the degree', (latest) => drawnForm(latest, Number(chosen) as LitDegree, latest.seed));
	}

	/** A form that is drawn at a degree is drawn anew when it is another form. */
	const redrawn = (latest: LitForm): LitForm =>
		latest.degree === null ? latest : drawnForm(latest, latest.degree, latest.seed);
</script>

{#if settings}
	<div class="sentence" role="group" aria-label="Lit form">
		<SelectField
			label="Form"
			choices={FORMS}
			words={FORM_WORDS}
			value={settings.form}
			onchoose={(form) => renew('Change the form', (latest) => redrawn({ ...latest, form }))}
		/>
		<SelectField
			label="How far apart the regions are"
			choices={DEGREES}
			{words}
			value={settings.degree === null ? 'hand' : (String(settings.degree) as (typeof DEGREES)[number])}
			title={DEGREE_WORDS.find(({ degree }) => degree === settings.degree)?.says}
			onchoose={chooseDegree}
		/>
		<SelectField
			label="Lamp"
			choices={LAMPS}
			words={LAMP_WORDS}
			value={settings.lamp}
			onchoose={(lamp) => renew('Move the lamp', (latest) => ({ ...latest, lamp }))}
		/>
		{#if settings.stage === 'arrange'}
			<RangeField
				label="Gloss"
				value={settings.gloss}
				least={0}
				most={MOST_GLOSS}
				step={0.05}
				said={settings.gloss.toFixed(2)}
				before="dull"
				after="glossy"
				onset={(gloss) =>
					decide(
						workbench,
						plate,
						litForm,
						'Change the gloss',
						(latest) => ({ ...latest, gloss, degree: null }),
						'gloss'
					)}
			/>
		{/if}
	</div>
{/if}
