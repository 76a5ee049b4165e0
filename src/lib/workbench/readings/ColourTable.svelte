<script lang="ts">
	import { seenHex } from '$lib/drawing/view';
	import { copyText } from '../mixer/clipboard';
	import { type Workbench } from '../study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		colours: readonly { readonly name: string; readonly hex: string }[];
	}

	/** Colours with their names and codes; a click on a code copies it. */
	let { workbench, colours }: Props = $props();
</script>

<table>
	<tbody>
		{#each colours as { name, hex }, i (i)}
			<tr>
				<th scope="row"><i style:background={seenHex(workbench.view, hex)}></i><span>{name}</span></th>
				<td>
					<button title="Copy {hex}" onclick={() => void copyText(hex)}>{hex}<span class="unseen">, copy</span></button>
				</td>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		border-collapse: collapse;
		font-size: 12px;
	}
	th {
		display: grid;
		grid-template-columns: 26px minmax(0, 1fr);
		align-items: center;
		gap: 7px;
		font-weight: 400;
		text-align: left;
	}
	i {
		align-self: stretch;
		min-height: 24px;
	}
	td {
		text-align: right;
		vertical-align: middle;
	}
	button {
		cursor: copy;
	}
	button:hover {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
</style>
