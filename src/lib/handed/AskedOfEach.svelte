<script lang="ts">
	import { type AskedOf } from '$lib/study/brief/progress';
	import Verdict from '$lib/workbench/readings/Verdict.svelte';

	interface Props {
		/** What was asked of one plate of each hand-in, under its name. */
		columns: readonly { readonly name: string; readonly asked: readonly AskedOf[] }[];
	}

	/** What was asked of hand-ins side by side, with what came of it and what was measured. */
	let { columns }: Props = $props();

	const nameOf = ({ asks, of }: AskedOf): string => (of ? `${asks}, ${of}` : asks);
	/** What was asked in any of them, each once. */
	const rows = $derived([...new Set(columns.flatMap(({ asked }) => asked.map(nameOf)))]);
</script>

{#if rows.length > 0}
	<table>
		<thead>
			<tr>
				<th scope="col"><span class="unseen">Asked</span></th>
				{#each columns as { name }, i (i)}<th scope="col">{name}</th>{/each}
			</tr>
		</thead>
		<tbody>
			{#each rows as row (row)}
				<tr>
					<th scope="row">{row}</th>
					{#each columns as { asked }, i (i)}
						{@const verdict = asked.find((each) => nameOf(each) === row)}
						<td title={verdict?.reason}>
							{#if verdict}
								<span class="measured"
									><Verdict verdict={verdict.holds ? 'holds' : 'look'} />
									{verdict.figure ?? ''}<span class="unseen">{verdict.reason}</span></span
								>
							{:else}–{/if}
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
{:else}
	<p>Nothing is checked on this plate.</p>
{/if}

<style>
	table {
		width: 100%;
		margin-top: 6px;
		border-collapse: collapse;
		font-size: 12px;
	}
	th {
		font-weight: 400;
		text-align: left;
		vertical-align: bottom;
	}
	thead th {
		padding: 0 6px 4px 0;
		color: var(--soft);
	}
	tbody tr {
		border-top: 1px solid var(--rule);
	}
	td,
	tbody th {
		padding: 5px 6px 5px 0;
	}
	td {
		white-space: nowrap;
	}
	.measured {
		display: inline-flex;
		align-items: center;
		gap: 4px;
	}
</style>
