<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { DULLINGS } from '$lib/core/scale/spec';
	import { WHEEL_WORDS } from '$lib/core/scale/words';
	import { RING_DULLING_WORDS } from '$lib/core/scheme/chart-words';
	import { HUE_COUNTS } from '$lib/core/scheme/hue-chart';
	import { WHEELS, type Wheel } from '$lib/core/scheme/wheel';
	import { LABEL_WORDS } from '$lib/drawing/label';
	import { seenHex } from '$lib/drawing/view';
	import { chartOf, hueRing } from '../../chart-of';
	import { LABELS } from '$lib/drawing/label';
	import { isDulled, type WheelPlate } from '../../schema';
	import Choices from '$lib/ui/Choices.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from './decide';
	import HueSource from './HueSource.svelte';
	import MakingChoices from './MakingChoices.svelte';
	import RingFields from './RingFields.svelte';

	/** The wheel as a sentence whose words can be changed: that is all that decides it. */
	let { workbench, plate }: { workbench: Workbench; plate: WheelPlate } = $props();

	const SAYS: Readonly<Record<Wheel, string>> = {
		light: 'Red, green and blue are the thirds, as light adds up: what lies opposite makes white.',
		painter: 'Red, yellow and blue are the thirds, as paints are taught: green lies opposite red.',
		perceptual: 'Hues at equal distances for the eye; no third of it is a pure colour.'
	};
	const WHEEL_CHOICES = WHEELS.map((key) => ({ key, name: WHEEL_WORDS[key], says: SAYS[key] }));

	const COUNTS = HUE_COUNTS.map(String);
	const COUNT_WORDS = Object.fromEntries(COUNTS.map((count) => [count, `${count} hues`]));

	const huesOf = (wheel: Wheel): string[] =>
		chartOf({ ...plate, wheel }, workbench.document.linked).map(({ steps }) =>
			seenHex(workbench.view, steps[hueRing(plate)]!.hex)
		);
</script>

{#snippet hues()}
	<div class="sentence" role="group" aria-label="What decides the hues">
		<SelectField
			label="Number of hues"
			choices={COUNTS}
			words={COUNT_WORDS}
			value={String(plate.hues)}
			onchoose={(count) => decide(workbench, 'Change the number of hues', { hues: HUE_COUNTS[COUNTS.indexOf(count)]! })}
		/>
		<span>of the</span>
		<Choices
			label="Wheel"
			words={WHEEL_WORDS[plate.wheel]}
			choices={WHEEL_CHOICES}
			chosen={plate.wheel}
			preview={huesOf}
			onchoose={(wheel) => decide(workbench, 'Change the wheel', { wheel })}
		/>
	</div>
{/snippet}
{#snippet source()}<div class="sentence" role="group" aria-label="How strong the hues are">
		<HueSource {workbench} {plate} />
	</div>{/snippet}
{#snippet rings()}
	<div class="sentence" role="group" aria-label="Rings">
		<RingFields {workbench} {plate} side="inside" />
		<RingFields {workbench} {plate} side="outside" />
	</div>
{/snippet}
{#snippet making()}
	<div class="sentence" role="group" aria-label="How rings are made">
		<MakingChoices {workbench} {plate} />
		{#if isDulled(plate) && plate.making !== 'multiplied'}
			<SelectField
				kind="dulling"
				label="How rings are dulled"
				choices={DULLINGS}
				words={RING_DULLING_WORDS}
				value={plate.dulling ?? 'mixed'}
				onchoose={(dulling) => decide(workbench, 'Change how rings are dulled', { dulling })}
			/>
		{/if}
	</div>
{/snippet}
{#snippet labels()}
	<label class="sentence">
		at each hue
		<SelectField
			label="At each hue"
			choices={LABELS}
			words={LABEL_WORDS}
			value={plate.label}
			onchoose={(label) => decide(workbench, 'Change the labels', { label })}
		/>
	</label>
{/snippet}

<PlateBar parts={[hues, rings, source, ...(plate.inside.count + plate.outside.count > 0 ? [making] : []), labels]} />
