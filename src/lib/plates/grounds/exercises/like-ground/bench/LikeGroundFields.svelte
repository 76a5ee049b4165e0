<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import ExchangeGrounds from '../../../bench/ExchangeGrounds.svelte';
	import Solution from '../../../bench/Solution.svelte';
	import Toggles from '../../../bench/Toggles.svelte';
	import { type GroundsPlate } from '../../../schema';
	import { likeGround } from '../like-ground';

	/** What is shown of the figures on their grounds: prediction, proof strip, cover, solution. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const TOGGLES = { predicted: 'prediction', strip: 'proof strip', cover: 'cover' } as const;
</script>

<div class="sentence" role="group" aria-label="Proofs">
	<Toggles {workbench} {plate} exercise={likeGround} toggles={TOGGLES} />
	<Solution {workbench} {plate} exercise={likeGround} figure={0} />
	<ExchangeGrounds {workbench} {plate} />
</div>
