<script lang="ts">
	import { readScale } from '$lib/core/scale/readings';
	import { type Step } from '$lib/core/scale/scale';
	import { sheetOf } from '$lib/drawing/plate-ground';
	import { seenHex } from '$lib/drawing/view';
	import { hueRing } from '../chart-of';
	import { type WheelPlate } from '../schema';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type Cell } from '../cell';
	import { holdCell } from './chosen-cell';
	import { linkSpoke, spokeToScales } from './spoke-actions';
	import { cellName } from '../cell-names';

	interface Props {
		workbench: Workbench;
		plate: WheelPlate;
		cell: Cell;
		steps: readonly Step[];
	}

	/** The chosen spoke from the rim to the middle: each colour with its value and how far it looks from the next. */
	let { workbench, plate, cell, steps }: Props = $props();

	const readings = $derived(readScale({ steps, leaps: [] }, sheetOf(plate, workbench.document.linked).linear));
	const rows = $derived(
		steps.map((step, ring) => ({ step, ring, difference: ring > 0 ? readings.differences[ring - 1]! : null })).reverse()
	);
	const nameOf = (ring: number): string =>
		ring === hueRing(plate) ? 'The hue' : cellName(plate, { spoke: cell.spoke, ring }).replace(/ of hue.*/, '');
</script>

<table>
	<thead>
		<tr><th scope="col">Spoke</th><th scope="col">Code</th><th scope="col">L*</th><th scope="col">ΔE00</th></tr>
	</thead>
	<tbody>
		{#each rows as { step, ring, difference } (ring)}
			<tr class:held={ring === cell.ring}>
				<th scope="row">
					<button onclick={() => holdCell(workbench, plate, cell.spoke, ring)}>
						<i style:background={seenHex(workbench.view, step.hex)}></i>{nameOf(ring)}
					</button>
				</th>
				<td>{step.hex}</td>
				<td>{step.value.toFixed(0)}</td>
				<td>{difference === null ? '' : difference.toFixed(1)}</td>
			</tr>
		{/each}
	</tbody>
</table>
<p class="actions">
	<button class="act" onclick={() => linkSpoke(workbench, plate, cell.spoke, steps)}>Make linked colours</button>
	{#if plate.making === 'mixed' && steps.length > 1}
		<button class="act" onclick={() => spokeToScales(workbench, plate, cell.spoke)}>Make scales</button>
	{/if}
</p>

<style>
	table {
		border-collapse: collapse;
		font-size: 12px;
	}
	th {
		font-weight: 400;
		text-align: left;
	}
	thead th {
		padding-bottom: 3px;
		color: var(--soft);
	}
	td,
	thead th:not(:first-child) {
		padding-left: 8px;
		text-align: right;
	}
	th button {
		display: flex;
		align-items: center;
		gap: 7px;
		min-height: 24px;
		cursor: pointer;
	}
	.held button {
		font-weight: 600;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	i {
		flex: none;
		width: 26px;
		height: 19px;
	}
	.actions {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
</style>
