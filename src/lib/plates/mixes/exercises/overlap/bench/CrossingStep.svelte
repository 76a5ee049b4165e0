<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { type Patch } from '$lib/drawing/patch';
	import { seenHex } from '$lib/drawing/view';
	import { scalesIn } from '$lib/plates/kinds';
	import { nameOfScale } from '$lib/plates/scales/draw-scales';
	import { scaleOf } from '$lib/plates/scales/scale-of';
	import SwatchRows, { type SwatchRow } from '$lib/ui/SwatchRows.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { numberHeld } from '../../../bench/held';
	import { setExercise } from '../../../mixes-edits';
	import { parentsOf } from '../../../parents';
	import { type MixesPlace } from '../../../places';
	import { type MixesPlate } from '../../../schema';
	import { stepsBetween } from '../../../steps-between';
	import { crossingSet, overlap } from '../overlap';

	/** A crossing taken from a step of a scale: of even steps between its two figures, or of any scale of the study. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const EVEN = 7;
	const linked = $derived(workbench.document.linked);
	/** The crossing that is held, or the first. */
	const crossing = $derived(numberHeld(workbench, 'crossing') ?? 0);

	const rowOf = (name: string, steps: readonly Patch[]): SwatchRow => ({
		name,
		colours: steps.map(({ hex, linear }, i) => ({
			key: `${i} ${hex}`,
			said: `Step ${i + 1}, ${colourWords(linear)}, ${hex}`,
			hex,
			shown: seenHex(workbench.view, hex)
		}))
	});

	function rows(): SwatchRow[] {
		const parents = parentsOf(plate, linked);
		const even = stepsBetween(parents[crossing]!, parents[crossing + 1]!, EVEN);
		return [
			rowOf(`Even steps between figures ${crossing + 1} and ${crossing + 2}`, even),
			...scalesIn(workbench.document.plates).map(({ scale }) =>
				rowOf(nameOfScale(scale, linked), scaleOf(scale, linked).steps)
			)
		];
	}

	function take(key: string) {
		const [, text] = key.split(' ');
		workbench.edit(
			'Take a crossing from a scale',
			setExercise(plate.id, overlap, crossingSet(crossing, { text: text! }))
		);
		workbench.hold({ what: 'crossing', key: String(crossing) } satisfies MixesPlace);
	}
</script>

<SwatchRows words="Take a step of a scale" label="Steps of scales" {rows} onchoose={take} />
