<script lang="ts">
	import { numberToHex } from '$lib/core/colour/code-number';
	import { DIRECTIONS } from '$lib/core/scheme/relatives';
	import { seenHex } from '$lib/drawing/view';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { crossesOf, relativesOfScheme } from '../scheme-of';
	import { type SchemePlate } from '../schema';
	import { indexHeld } from './scheme-state.svelte';

	/** What becomes of the member that is held: each way, and how many of the relatives that were asked for fit. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const drawn = $derived(crossesOf(plate));
	const member = $derived(drawn.includes(indexHeld(workbench) ?? -1) ? indexHeld(workbench)! : (drawn[0] ?? 0));
	const codes = $derived(relativesOfScheme(plate, workbench.document.linked)[member]);
</script>

{#if drawn.length > 0 && codes}
	<table aria-label="Relatives of {member === 0 ? 'the lead colour' : `member ${member + 1}`}">
		<tbody>
			{#each DIRECTIONS as direction (direction)}
				<tr>
					<th scope="row">{direction}</th>
					<td class="strips" aria-hidden="true"
						><span>
							{#each codes[direction] as code, i (i)}<i style:background={seenHex(workbench.view, numberToHex(code))}
								></i>{/each}</span
						>
					</td>
					<td>{codes[direction].length} of {plate.relatives.steps}</td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}

<style>
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: 12px;
	}
	th {
		width: 66px;
		font-weight: 400;
		text-align: left;
	}
	td {
		padding: 2px 0;
		text-align: right;
		white-space: nowrap;
	}
	.strips {
		width: 100%;
	}
	span {
		display: flex;
	}
	i {
		flex: 0 1 22px;
		height: 16px;
	}
</style>
