<script lang="ts">
	import { scaleOf } from '../../scale-of';
	import { MOST_PARENTS } from '../../scale';
	import { putParent } from '../put-parent';
	import { pinStep } from '../../scale-edits';
	import { type ScalesPlate } from '../../schema';
	import { placeOn, scaleOn } from '../chosen-scale';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** What can be done with a step that follows from its parents: pin it, or make it a parent. */
	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const held = $derived(placeOn(workbench));
	const step = $derived(held?.kind === 'step' ? held.step : null);
	const scale = $derived(scaleOn(workbench, plate));
	const inside = $derived(scale !== null && step !== null && step > 0 && step <= scale.between);
	const extendable = $derived(
		scale !== null &&
			(scale.recipe === 'path' ? scale.parents.length < MOST_PARENTS : scale.recipe === 'interval') &&
			!scale.pins?.length
	);

	function pin() {
		if (scale && step !== null)
			workbench.edit('Pin a step', pinStep(plate.id, scale.id, step, null, workbench.document.linked));
	}

	function makeParent() {
		if (!scale || step === null) return;
		putParent(workbench, 'Make a step a parent', scaleOf(scale, workbench.document.linked).steps[step]!.share);
	}
</script>

{#if inside}
	<button class="act" onclick={pin}>Pin this step</button>
	{#if extendable}<button class="act" onclick={makeParent}>Make it a parent</button>{/if}
{/if}
