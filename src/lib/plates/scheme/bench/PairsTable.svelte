<script lang="ts">
	import { type Pair } from '$lib/core/scheme/scheme-readings';
	import { seenHex } from '$lib/drawing/view';
	import { type SchemePlate } from '../schema';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { startScale } from './scheme-actions';

	interface Props {
		workbench: Workbench;
		plate: SchemePlate;
		pairs: readonly Pair[];
		codes: readonly string[];
	}

	/** Every two members beside each other: how they differ, and a scale between them. Made only while it is open. */
	let { workbench, plate, pairs, codes }: Props = $props();

	// Open where there are few; afterwards only people open and close it.
	// svelte-ignore state_referenced_locally
	let open = $state(pairs.length <= 6);
</script>

<details bind:open>
	<summary>{pairs.length} {pairs.length === 1 ? 'pair' : 'pairs'}: contrast, and scales between</summary>
	{#if open}
		<table>
			<thead>
				<tr>
					<th scope="col">Pair</th><th scope="col" title="Difference of value, L*">ΔL*</th><th scope="col">ΔE00</th><th
						scope="col"
						title="Contrast ratio of WCAG 2">WCAG</th
					><th scope="col"><span class="unseen">Scale</span></th>
				</tr>
			</thead>
			<tbody>
				{#each pairs as { one, other, value, difference, ratio } (`${one} ${other}`)}
					<tr>
						<th scope="row">
							<i style:background={seenHex(workbench.view, codes[one - 1]!)}></i><i
								style:background={seenHex(workbench.view, codes[other - 1]!)}
							></i>
							{one} · {other}
						</th>
						<td>{value.toFixed(0)}</td>
						<td>{difference.toFixed(1)}</td>
						<td>{ratio.toFixed(1)}</td>
						<td>
							<button
								class="act small"
								aria-label="Start a scale from {one} to {other}"
								onclick={() => startScale(workbench, plate, one - 1, other - 1)}>Scale</button
							>
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</details>

<style>
	details {
		padding-top: 9px;
		border-top: 1px solid var(--rule);
		font-size: 12px;
	}
	summary {
		cursor: pointer;
	}
	table {
		width: 100%;
		margin-top: 5px;
		border-collapse: collapse;
	}
	th {
		font-weight: 400;
		text-align: left;
		white-space: nowrap;
	}
	thead th {
		color: var(--soft);
	}
	td,
	thead th:not(:first-child) {
		text-align: right;
	}
	i {
		display: inline-block;
		width: 13px;
		height: 13px;
		vertical-align: -2px;
	}
	.small {
		min-height: 24px;
		padding: 0 6px;
		font-size: 11.5px;
	}
</style>
