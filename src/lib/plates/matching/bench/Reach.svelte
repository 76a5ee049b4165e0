<script lang="ts">
	import { nearestMixtureApart } from '$lib/client/mixtures';
	import { type NearestMixture } from '$lib/core/mix/nearest-mixture';
	import { patchBy, patchOf } from '$lib/drawing/patch';
	import { seenHex } from '$lib/drawing/view';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { paintNames, sayRecipe } from '../paint-names';
	import { matchedAt } from '../places';
	import { type MatchingPlate } from '../schema';
	import { regionHeld } from './held-region';

	/** After the check: how near these paints come to the region that is held, by what recipe, and what they do not reach. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const region = $derived.by(() => {
		const found = matchedAt(plate, linked);
		return found?.match.regions(found.at)[regionHeld(workbench) ?? 0] ?? null;
	});
	const paints = $derived(plate.paints.map((paint) => patchBy(paint, linked)));
	const names = $derived(paintNames(plate, linked));
	const asked = $derived(region && [region.target.hex, ...paints.map(({ hex }) => hex)].join(' '));
	let answer = $state.raw<{ readonly asked: string; readonly found: NearestMixture } | null>(null);

	$effect(() => {
		const question = asked;
		if (!region || question === null || answer?.asked === question) return;
		void nearestMixtureApart(
			region.target.linear,
			paints.map(({ linear }) => linear)
		)
			.then((found) => question === asked && (answer = { asked: question, found }))
			.catch(() => undefined);
	});
	const found = $derived(answer && answer.asked === asked ? answer.found : null);
</script>

{#if region}
	<section aria-label="What the paints reach">
		<h3>What the paints reach</h3>
		{#if found}
			<div class="both">
				<i style:background={seenHex(workbench.view, region.target.hex)}></i>
				<i style:background={seenHex(workbench.view, patchOf(found.linear).hex)}></i>
			</div>
			<p>
				{region.name}: {sayRecipe(found.parts, names)} comes to {found.partsDifference.toFixed(1)} ΔE00.
				{found.difference < 1
					? `More finely parted they come to ${found.difference.toFixed(1)}: these paints reach it.`
					: `No mixture of these paints comes nearer than ${found.difference.toFixed(1)}.`}
			</p>
		{:else}
			<p role="status">Looking for the nearest mixture …</p>
		{/if}
	</section>
{/if}

<style>
	section {
		display: grid;
		gap: 6px;
		padding-top: 9px;
		border-top: 1px solid var(--rule);
		font-size: 12px;
	}
	h3 {
		font-size: 16px;
	}
	.both {
		display: flex;
		height: 40px;
	}
	i {
		flex: 1;
	}
</style>
