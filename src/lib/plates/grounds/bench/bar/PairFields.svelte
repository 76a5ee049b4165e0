<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { groundsOf } from '../../grounds-of';
	import { type GroundsPlate } from '../../schema';
	import { exchangeGrounds, setGroundColour } from '../../grounds-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../decide';

	/** What is shown of figures on two grounds: prediction, proofs, solution. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const solvable = $derived(plate.exercise === 'two-as-one' || plate.exercise === 'like-ground');

	function takeSolution() {
		const { solution } = groundsOf(plate, workbench.document.linked);
		if (solution)
			workbench.edit(
				'Take the solution',
				setGroundColour(plate.id, 'figure', plate.exercise === 'two-as-one' ? 1 : 0, { text: solution.hex })
			);
	}

	const TOGGLES = [
		{ key: 'predicted', words: 'prediction' },
		{ key: 'strip', words: 'proof strip' },
		{ key: 'cover', words: 'cover' },
		{ key: 'solved', words: 'solution' }
	] as const;
	const toggles = $derived(
		TOGGLES.filter(({ key }) => (key !== 'strip' || plate.exercise !== 'two-as-one') && (key !== 'solved' || solvable))
	);
</script>

<div class="sentence" role="group" aria-label="Proofs">
	{#each toggles as { key, words } (key)}
		<CheckField
			{words}
			checked={plate[key]}
			onset={(checked) => decide(workbench, plate, `Show the ${words}`, { [key]: checked })}
		/>
	{/each}
	{#if solvable && plate.solved}<button class="act" onclick={takeSolution}>Take the solution</button>{/if}
	<button class="act" onclick={() => workbench.edit('Exchange the grounds', exchangeGrounds(plate.id))}
		>Exchange grounds</button
	>
</div>
