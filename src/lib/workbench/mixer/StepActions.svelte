<script lang="ts">
	import { scaleOf } from '$lib/drawing/resolve';
	import { MOST_PARENTS } from '$lib/model/scale';
	import { putParent } from '../study/put-parent';
	import { pinStep } from '../study/scale-edits';
	import { type Workbench } from '../study/workbench.svelte';

	/** What can be done with a step that follows from its parents: pin it, or make it a parent. */
	let { workbench }: { workbench: Workbench } = $props();

	const step = $derived(workbench.held?.kind === 'step' ? workbench.held.step : null);
	const scale = $derived(workbench.scale);
	const inside = $derived(scale !== null && step !== null && step > 0 && step <= scale.between);
	const extendable = $derived(
		scale !== null &&
			(scale.recipe === 'path' ? scale.parents.length < MOST_PARENTS : scale.recipe === 'interval') &&
			!scale.pins?.length
	);

	function pin() {
		const { plate, document } = workbench;
		if (plate && scale && step !== null)
			workbench.edit('Pin a step', pinStep(plate.id, scale.id, step, null, document.linked));
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
