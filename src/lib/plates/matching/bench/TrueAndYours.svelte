<script lang="ts">
	import { linearToOklch } from '$lib/core/colour/oklab';
	import { type ReadonlyTriple } from '$lib/core/colour/vector';
	import { valueOf } from '$lib/core/colour/value-of';
	import { seenHex } from '$lib/drawing/view';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { judgedNow } from '../by-eye';
	import { matchedAt } from '../places';
	import { type MatchingPlate } from '../schema';
	import { regionHeld } from './held-region';

	/** True and yours of the region that is held: both colours touching, their codes and values, and what the error is in words. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const found = $derived(matchedAt(plate, workbench.document.linked));
	const judged = $derived.by(() => {
		if (!found || found.at.settings.stage !== 'checked') return null;
		const index = regionHeld(workbench);
		return judgedNow(found.match, found.at).find((each) => each.index === index) ?? null;
	});
	function oklchOf(linear: ReadonlyTriple): string {
		const [lightness, chroma, hue] = linearToOklch(linear);
		return `${lightness.toFixed(2)} ${chroma.toFixed(3)} ${hue.toFixed(0)}`;
	}
	const sides = $derived(
		judged && [
			{ name: 'true', patch: judged.region.target },
			{ name: 'yours', patch: judged.yours }
		]
	);
</script>

{#if judged && sides}
	<div class="both">
		{#each sides as { name, patch } (name)}
			<i style:background={seenHex(workbench.view, patch.hex)}></i>
		{/each}
	</div>
	<table>
		<thead>
			<tr
				><td></td>{#each sides as { name } (name)}<th scope="col">{name}</th>{/each}</tr
			>
		</thead>
		<tbody>
			<tr>
				<th scope="row">Hex</th>
				{#each sides as { name, patch } (name)}<td>{patch.hex}</td>{/each}
			</tr>
			<tr>
				<th scope="row">OKLCH</th>
				{#each sides as { name, patch } (name)}<td>{oklchOf(patch.linear)}</td>{/each}
			</tr>
			<tr>
				<th scope="row">Value, L*</th>
				{#each sides as { name, patch } (name)}<td>{valueOf(patch.linear).toFixed(0)}</td>{/each}
			</tr>
		</tbody>
	</table>
{/if}

<style>
	.both {
		display: flex;
		flex: none;
		width: 88px;
		height: 88px;
	}
	i {
		flex: 1;
	}
	table {
		border-collapse: collapse;
		font-size: 11.5px;
		font-variant-numeric: tabular-nums;
		white-space: nowrap;
	}
	th,
	td {
		padding: 2px 6px;
		font-weight: 400;
		text-align: right;
	}
	th[scope='row'] {
		text-align: left;
		color: #c4c4c4;
	}
</style>
