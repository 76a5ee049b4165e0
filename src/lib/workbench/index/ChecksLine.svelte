<script lang="ts">
	import { judgePlate } from '$lib/plates/judge-plate';
	import { type Plate } from '$lib/plates/plate';
	import { inTurn } from '$lib/ui/in-turn';
	import { type Workbench } from '../study/workbench.svelte';

	/** "9 of 11 checks hold", or nothing where there are none; said when there is time for it. */
	let { workbench, plate }: { workbench: Workbench; plate: Plate } = $props();

	let words = $state('');

	$effect(() => {
		const { linked } = workbench.document;
		const judged = plate;
		inTurn(`checks of ${plate.id}`, () => {
			const verdicts = judgePlate(judged, linked);
			const held = verdicts.filter(({ holds }) => holds).length;
			words = verdicts.length === 0 ? '' : `${held} of ${verdicts.length} checks hold`;
		});
	});
</script>

{#if words && !workbench.isHidden}<span>{words}</span>{/if}

<style>
	span {
		display: block;
		color: var(--soft);
	}
</style>
