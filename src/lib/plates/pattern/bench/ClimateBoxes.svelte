<script lang="ts">
	import ColourPlaces from '$lib/workbench/study/ColourPlaces.svelte';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { climateCount, climateName } from '../draw-climates';
	import { climateBox } from '../pattern-layout';
	import { type PatternPlate } from '../schema';
	import { climateHeld, holdClimate } from './climate-held';

	/** The climates to be chosen from, by click and by arrow keys. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const held = $derived(climateHeld(workbench, plate));
	const places = $derived(
		Array.from({ length: climateCount(plate) }, (_, i) => ({
			key: i === 0 ? 'own' : plate.climates[i - 1]!.id,
			box: climateBox(i),
			said: `Climate ${i + 1}, ${climateName(plate, i)}`,
			held: held === i,
			marked: true
		}))
	);
</script>

<ColourPlaces
	{places}
	width={PLATE_WIDTH}
	height={PLATE_HEIGHT}
	onhold={(index) => holdClimate(workbench, plate, index)}
/>
