<script lang="ts">
	import { type View } from '$lib/drawing/view-kinds';
	import { sayHeld } from '$lib/client/handed';
	import { type HandInLine } from '$lib/study/handed/requests';
	import Verdict from '$lib/workbench/readings/Verdict.svelte';
	import FrozenPlate from './FrozenPlate.svelte';
	import { type PinUp } from './pin-up.svelte';

	interface Props {
		pinUp: PinUp;
		/** Those on the table, in the order in which they were taken. */
		lines: readonly HandInLine[];
		called: (line: HandInLine) => string;
		view: View;
		/** On which of them notes are being written. */
		noted: string | null;
		onnote: (id: string) => void;
		/** Takes a place of one that is clicked, while a note is to be pinned. */
		onplace: ((id: string, x: number, y: number) => void) | null;
	}

	/** Hand-ins side by side, with what was asked of each and what came of it. */
	let { pinUp, lines, called, view, noted, onnote, onplace }: Props = $props();

	const read = $derived(
		lines.flatMap((line) => {
			const handIn = pinUp.handInOf(line.id);
			if (!handIn) return [];
			const plate = pinUp.placeIn(handIn, pinUp.plate ?? 0);
			return [{ line, handIn, plate, id: handIn.study.plates[plate]?.id ?? null }];
		})
	);
	/** What was asked of this plate in any of them, each once. */
	const asked = $derived([
		...new Set(
			read.flatMap(({ handIn, id }) =>
				handIn.asked.filter((each) => each.plate === id).map(({ asks, of }) => (of ? `${asks}, ${of}` : asks))
			)
		)
	]);
	const verdictOf = ({ handIn, id }: (typeof read)[number], name: string) =>
		handIn.asked.find((each) => each.plate === id && (each.of ? `${each.asks}, ${each.of}` : each.asks) === name) ??
		null;
</script>

<div class="table">
	<section class="differences" aria-label="What was asked">
		<h2>On the table</h2>
		{#if asked.length > 0}
			<table>
				<thead>
					<tr>
						<th scope="col"><span class="unseen">Asked</span></th>
						{#each read as { line } (line.id)}<th scope="col">{called(line)}</th>{/each}
					</tr>
				</thead>
				<tbody>
					{#each asked as name (name)}
						<tr>
							<th scope="row">{name}</th>
							{#each read as each (each.line.id)}
								{@const verdict = verdictOf(each, name)}
								<td title={verdict?.reason}>
									{#if verdict}<Verdict verdict={verdict.holds ? 'holds' : 'look'} /><span class="unseen"
											>{verdict.reason}</span
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
	</section>
	<div class="plates">
		{#each read as { line, handIn, plate, id } (line.id)}
			<article class:noted={noted === line.id}>
				<header>
					<h3>{called(line)}</h3>
					<span>{sayHeld(handIn)}</span>
				</header>
				{#if plate >= 0}
					<FrozenPlate
						{handIn}
						{plate}
						{view}
						pins={line.given.notes.flatMap((note, i) => (note.plate === id ? [{ note, number: i + 1 }] : []))}
						onplace={onplace && noted === line.id ? (x, y) => onplace(line.id, x, y) : undefined}
					/>
				{:else}<p>There is no such plate in it.</p>{/if}
				<p class="acts">
					<button class="act small" aria-pressed={noted === line.id} onclick={() => onnote(line.id)}>Notes</button>
					<button class="act small" onclick={() => pinUp.turn(line.id)}>Pin it up again</button>
					<a class="act small" href="/hand-ins/{line.id}">The whole hand-in</a>
				</p>
			</article>
		{/each}
	</div>
</div>

<style>
	.table {
		display: grid;
		grid-template-columns: minmax(190px, 240px) minmax(0, 1fr);
		gap: 22px;
	}
	h2 {
		font-size: 18px;
	}
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
		padding: 0 4px 4px 0;
		color: var(--soft);
	}
	tbody tr {
		border-top: 1px solid var(--rule);
	}
	td,
	tbody th {
		padding: 5px 6px 5px 0;
	}
	.plates {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(100%, 215px), 1fr));
		gap: 18px;
		align-content: start;
	}
	article {
		max-width: 420px;
	}
	article header {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		margin-bottom: 6px;
	}
	h3 {
		font: 500 17px/1.2 var(--font-serif);
	}
	header span {
		font-size: 12px;
		font-weight: 560;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		margin-top: 6px;
	}
	.noted h3 {
		text-decoration: underline;
		text-decoration-thickness: 1px;
		text-underline-offset: 4px;
	}
	@media (max-width: 800px) {
		.table {
			grid-template-columns: 1fr;
		}
	}
</style>
