<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import ExchangeGrounds from '../../../bench/ExchangeGrounds.svelte';
	import Solution from '../../../bench/Solution.svelte';
	import Toggles from '../../../bench/Toggles.svelte';
	import { type GroundsPlate } from '../../../schema';
	import { twoAsOne } from '../two-as-one';

	/** What is shown of the figures on their grounds: prediction, cover, solution. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const TOGGLES = { predicted: 'prediction', cover: 'cover' } as const;
</script>

<div class="sentence" role="group" aria-label="Proofs">
	<Toggles {workbench} {plate} exercise={twoAsOne} toggles={TOGGLES} />
	<Solution {workbench} {plate} exercise={twoAsOne} figure={1} />
	<ExchangeGrounds {workbench} {plate} />
</div>
