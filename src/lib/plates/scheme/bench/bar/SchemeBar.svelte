<script lang="ts">
	import { type TakenColour } from '$lib/model/colour-text';
	import CheckField from '$lib/ui/CheckField.svelte';
	import { show } from '$lib/core/colour/shown';
	import { WHEEL_WORDS } from '$lib/core/scale/words';
	import { SCHEME_WORDS } from '$lib/core/scheme/scheme-words';
	import { SCHEMES, SCHEME_RULES } from '$lib/core/scheme/schemes';
	import { WHEELS, type Wheel } from '$lib/core/scheme/wheel';
	import { colourOf, textOf } from '$lib/model/resolve';
	import { schemeOf, spreadOf } from '../../scheme-of';
	import { seenHex } from '$lib/drawing/view';
	import { LEAST_MEMBERS, MOST_MEMBERS, type SchemePlate } from '../../schema';
	import ColourChip from '$lib/ui/ColourChip.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import { decideScheme, setMemberCount, setScheme, withOtherScheme } from '../../scheme-edits';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { leadName } from '../scheme-actions';
	import NumberField from '$lib/ui/NumberField.svelte';
	import ChosenRelatives from './ChosenRelatives.svelte';
	import RelativesFields from './RelativesFields.svelte';
	import UseFields from './UseFields.svelte';

	/** The scheme as a sentence whose words can be changed. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const linked = $derived(workbench.document.linked);
	const SCHEME_CHOICES = SCHEMES.map((key) => ({ key, ...SCHEME_WORDS[key] }));
	const SAYS: Readonly<Record<Wheel, string>> = {
		light: 'As light adds up: cyan lies opposite red.',
		painter: 'As paints are taught: green lies opposite red.',
		perceptual: 'At equal distances for the eye: chroma and lightness stay.'
	};
	const WHEEL_CHOICES = WHEELS.map((key) => ({ key, name: WHEEL_WORDS[key], says: SAYS[key] }));
	const range = $derived(SCHEME_RULES[plate.scheme].spread);
	const count = $derived(plate.others.length + 1);
	const lead = $derived(seenHex(workbench.view, show(colourOf(textOf(plate.lead, linked))).hex));

	const codesWith = (other: SchemePlate): string[] =>
		schemeOf(other, linked).members.map(({ hex }) => seenHex(workbench.view, hex));

	const decide = (label: string, decisions: Parameters<typeof decideScheme>[1], what: string | null = null) =>
		workbench.edit(label, decideScheme(plate.id, decisions), what);

	function put(lead: TakenColour) {
		decide('Take a lead colour', { lead });
		workbench.hold({ kind: 'lead' });
	}
</script>

{#snippet scheme()}
	<div class="sentence" role="group" aria-label="What decides the scheme">
		<Choices
			label="Scheme"
			words={SCHEME_WORDS[plate.scheme].name}
			choices={SCHEME_CHOICES}
			chosen={plate.scheme}
			preview={(scheme) => codesWith(withOtherScheme(plate, scheme, linked))}
			onchoose={(scheme) => workbench.edit('Change the scheme', setScheme(plate.id, scheme))}
		/>
		<span>of</span>
		<ColourChip
			name={leadName(plate, linked)}
			fill={lead}
			onhold={() => workbench.hold({ kind: 'lead' })}
			ontake={put}
		/>
		<span>on the</span>
		<Choices
			label="Wheel"
			words={WHEEL_WORDS[plate.wheel]}
			choices={WHEEL_CHOICES}
			chosen={plate.wheel}
			preview={(wheel) => codesWith({ ...plate, wheel })}
			onchoose={(wheel) => decide('Change the wheel', { wheel })}
		/>
		<NumberField
			label="Members"
			value={count}
			least={LEAST_MEMBERS}
			most={MOST_MEMBERS}
			onset={(members) => workbench.edit('Change the number of members', setMemberCount(plate.id, members))}
		/>
		<span>members</span>
	</div>
{/snippet}
{#snippet spread()}
	<div class="sentence" role="group" aria-label="Spread and value">
		{#if range}
			<label>
				spread
				<input
					type="range"
					min={range.least}
					max={range.most}
					step="1"
					value={spreadOf(plate)}
					aria-valuetext="{spreadOf(plate)?.toFixed(0)}°"
					oninput={(event) =>
						decide('Set the spread', { spread: Number(event.currentTarget.value) }, `spread ${plate.id}`)}
				/>
				{spreadOf(plate)?.toFixed(0)}°
			</label>
		{/if}
		<CheckField
			words="hold value"
			checked={plate.holdValue}
			onset={(checked) => decide('Hold value', { holdValue: checked })}
		/>
	</div>
{/snippet}
{#snippet relatives()}<RelativesFields {workbench} {plate} />{/snippet}
{#snippet chosen()}<ChosenRelatives {workbench} {plate} />{/snippet}
{#snippet use()}<UseFields {workbench} {plate} />{/snippet}

<!-- What can be done with chosen relatives stands where it is seen. -->
<PlateBar parts={[scheme, ...(plate.relatives.chosen.length > 0 ? [chosen] : []), spread, relatives, use]} />
