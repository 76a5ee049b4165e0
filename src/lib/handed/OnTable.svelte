<script lang="ts">
	import { type View } from '$lib/drawing/view-kinds';
	import { sayHeld } from '$lib/client/handed';
	import { type HandInLine } from '$lib/study/handed/requests';
	import AskedOfEach from './AskedOfEach.svelte';
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
	const columns = $derived(
		read.map(({ line, handIn, id }) => ({
			name: called(line),
			asked: handIn.asked.filter(({ plate }) => plate === id)
		}))
	);
</script>

<div class="table">
	<section class="differences" aria-label="What was asked">
		<h2>On the table</h2>
		<AskedOfEach {columns} />
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
