<script lang="ts">
	import { seenHex, type View } from '$lib/drawing/view';
	import { type Corresponding } from '$lib/study/corresponding';

	/** What corresponds on two plates, each pair of colours touching: an edge that goes is a match. */
	let { rows, views }: { rows: readonly Corresponding[]; views: readonly [View, View] } = $props();

	const largest = ({ pairs }: Corresponding): number => Math.max(...pairs.map(({ difference }) => difference));
	const signed = (x: number): string =>
		Math.abs(x) < 0.5 ? 'as light' : `${Math.abs(x).toFixed(0)} ${x > 0 ? 'lighter' : 'darker'}`;
</script>

<!-- What is longer than its room is scrolled by keys. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="differences" tabindex="0" role="region" aria-label="Differences of what corresponds">
	<table>
		<thead>
			<tr>
				<th scope="col">Step by step, ΔE00</th>
				<th scope="col" class="wide">left above, right below; bold is farthest</th>
				<th scope="col">Average</th>
				<th scope="col">Right, on the whole</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as row, i (i)}
				<tr>
					<th scope="row"><i>{i + 1}</i> {row.names[0]}{row.names[0] === row.names[1] ? '' : ` / ${row.names[1]}`}</th>
					<td class="wide">
						<ol>
							{#each row.pairs as { hexes, difference }, at (at)}
								<li>
									<span style:background={seenHex(views[0], hexes[0])}></span>
									<span style:background={seenHex(views[1], hexes[1])}></span>
									<small class:farthest={difference === largest(row) && difference > 0}>{difference.toFixed(1)}</small>
								</li>
							{/each}
						</ol>
					</td>
					<td><b>{row.average.toFixed(1)}</b></td>
					<td>
						{signed(row.lighter)}{row.alone[0] > 0 ? `; ${row.alone[0]} more left` : ''}{row.alone[1] > 0
							? `; ${row.alone[1]} more right`
							: ''}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if rows.length === 0}<p>Nothing on these two plates corresponds.</p>{/if}
</div>

<style>
	.differences {
		max-height: 28%;
		padding: 6px 16px 8px;
		overflow-y: auto;
		background: var(--panel);
		color: var(--ink);
		font-size: 12px;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th {
		padding: 2px 12px 2px 0;
		font-weight: 400;
		text-align: left;
		white-space: nowrap;
	}
	thead th {
		color: var(--soft);
	}
	tbody th {
		width: 26%;
		font: 500 13px/1.15 var(--font-serif);
		white-space: normal;
	}
	th i {
		margin-right: 4px;
		color: var(--soft);
	}
	tr + tr {
		border-top: 1px solid var(--rule);
	}
	.wide {
		width: 46%;
	}
	td {
		padding: 4px 12px 3px 0;
		white-space: nowrap;
	}
	ol {
		display: flex;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		flex: 1;
		min-width: 0;
	}
	li span {
		display: block;
		height: 11px;
	}
	small {
		display: block;
		overflow: hidden;
		font-size: 10.5px;
		text-align: center;
	}
	.farthest {
		font-weight: 700;
	}
	p {
		color: var(--soft);
	}
</style>
