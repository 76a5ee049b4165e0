<script lang="ts">
	import DotsHorizontalOutline from 'flowbite-svelte-icons/DotsHorizontalOutline.svelte';
	import { tick } from 'svelte';
	import { type DndEvent } from 'svelte-dnd-action';
	import { type Plate } from '$lib/plates/plate';
	import Menu from '$lib/ui/Menu.svelte';
	import RenameField from '$lib/ui/RenameField.svelte';
	import { sortable } from '$lib/ui/sortable';
	import { movePlate, renamePlate } from '$lib/model/edit-plates';
	import { gathers } from '../study/gathered';
	import { deleteGathered } from '../study/taken';
	import { SIDES, type Sides } from '../study/sides.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { duplicatePlate, openPlate, putBeside, removePlate, shiftPlate } from './plate-actions';
	import ChecksLine from './ChecksLine.svelte';
	import Thumbnail from './Thumbnail.svelte';

	interface Props {
		workbench: Workbench;
		sides: Sides;
		/** One plate again. */
		onalone: () => void;
		/** A plate of another study is to stand beside the open one. */
		onanother: () => void;
	}

	let { workbench, sides, onalone, onanother }: Props = $props();

	/** The order while a plate is being dragged; the study's own order at all other times. */
	let dragged = $state.raw<Plate[] | null>(null);
	const plates = $derived(dragged ?? workbench.document.plates);
	let renaming = $state<string | null>(null);
	let list = $state<HTMLElement>();
	let adds = $state<HTMLElement>();

	// Whoever has looked through the exercises comes back to where they went from.
	let was = false;
	$effect(() => {
		if (was && !workbench.adding) adds?.focus();
		was = workbench.adding;
	});

	function drop({ detail }: CustomEvent<DndEvent<Plate>>) {
		const id = detail.info.id;
		const index = detail.items.findIndex((plate) => plate.id === id);
		dragged = null;
		if (index !== workbench.document.plates.findIndex((plate) => plate.id === id))
			workbench.edit('Move a plate', movePlate(id, index));
	}

	const sideOf = (id: string): string =>
		SIDES[sides.pair?.findIndex((side) => side.workbench === workbench && side.plate.id === id) ?? -1] ?? '';

	async function focusPlate(id: string) {
		await tick();
		list?.querySelector<HTMLElement>(`[data-plate="${id}"]`)?.focus();
	}

	/** A click opens a plate; with Alt it puts it beside the open one, with Ctrl or Shift it gathers several. */
	function clicked(event: MouseEvent & { currentTarget: HTMLElement }, plate: Plate) {
		// What can be dragged is not given the focus by a click.
		event.currentTarget.focus();
		if (event.altKey) return putBeside(workbench, plate);
		workbench.gather('plates', plate.id, event);
		if (!gathers(event)) openPlate(workbench, plate.id);
	}

	/** Alt with an arrow moves the plate, F2 renames it, Delete takes it away. */
	function actByKey(event: KeyboardEvent, id: string) {
		if (event.altKey && event.key === 'ArrowUp') shiftPlate(workbench, id, -1);
		else if (event.altKey && event.key === 'ArrowDown') shiftPlate(workbench, id, 1);
		else if (event.key === 'F2') renaming = id;
		else if (event.key === 'Enter' && gathers(event)) workbench.gather('plates', id, event);
		else if (event.key === 'Delete' && deleteGathered(workbench, 'plates', id))
			void focusPlate(workbench.plate?.id ?? '');
		else if (event.key === 'Delete') removePlate(workbench, id);
		else if (event.altKey && event.key === 'Enter')
			putBeside(
				workbench,
				workbench.document.plates.find((plate) => plate.id === id)!
			);
		else if (event.key === 'Escape') workbench.gatherNone();
		else return;
		event.preventDefault();
		if (event.altKey && event.key !== 'Enter') void focusPlate(id);
	}
</script>

<nav class="plates" aria-label="Plates">
	<ol
		bind:this={list}
		use:sortable={{
			items: plates,
			type: 'plates',
			dragDisabled: renaming !== null
		}}
		onconsider={(event) => (dragged = event.detail.items)}
		onfinalize={drop}
	>
		{#each plates as plate, i (plate.id)}
			{@const chosen = workbench.plate?.id === plate.id}
			<li class:chosen>
				<em aria-hidden="true">{i + 1}</em>
				<button
					class="thumbnail"
					data-plate={plate.id}
					aria-current={chosen ? 'page' : undefined}
					aria-label="Plate {i + 1}: {plate.title}"
					aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown F2 Delete Alt+Enter Control+Enter Shift+Enter"
					title={chosen
						? undefined
						: 'Alt and click puts it beside the open plate; Ctrl or Shift and click gathers several'}
					onclick={(event) => clicked(event, plate)}
					class:gathered={workbench.isGathered('plates', plate.id)}
					ondblclick={() => (renaming = plate.id)}
					onkeydown={(event) => actByKey(event, plate.id)}
				>
					<Thumbnail {workbench} {plate} />
				</button>
				<div class="name">
					{#if renaming === plate.id}
						<RenameField
							name={plate.title}
							label="Title of plate {i + 1}"
							onrename={(title) => workbench.edit('Rename the plate', renamePlate(plate.id, title))}
							onend={() => (renaming = null)}
						/>
					{:else}
						<small>
							{#if sides.pair}<i>{sideOf(plate.id)}</i>{/if}
							{plate.title}
							<ChecksLine {workbench} {plate} />
						</small>
						{#if chosen || plates.length > 1}
							<Menu
								kind="act bare"
								label="Plate {i + 1}"
								items={[
									...(sideOf(plate.id) !== ''
										? [{ label: 'One plate alone', run: onalone }]
										: chosen
											? [{ label: 'Put one of another study beside it', run: onanother }]
											: [{ label: 'Put it beside the open plate', run: () => putBeside(workbench, plate) }]),
									{ label: 'Rename', run: () => (renaming = plate.id) },
									{ label: 'Duplicate', run: () => duplicatePlate(workbench, plate.id) },
									{ label: 'Move up', run: () => shiftPlate(workbench, plate.id, -1), disabled: i === 0 },
									{
										label: 'Move down',
										run: () => shiftPlate(workbench, plate.id, 1),
										disabled: i === plates.length - 1
									},
									{ label: 'Delete', run: () => removePlate(workbench, plate.id) }
								]}
							>
								<DotsHorizontalOutline size="sm" aria-hidden="true" />
							</Menu>
						{/if}
					{/if}
				</div>
			</li>
		{/each}
	</ol>
	{#if plates.length === 0}<p>This study has no plates yet. Add one to begin.</p>{/if}
	<button class="act add" bind:this={adds} onclick={() => (workbench.adding = true)}>Add a plate</button>
</nav>

<style>
	.plates {
		display: flex;
		flex: 1;
		flex-direction: column;
		min-height: 120px;
		padding: 0 0 10px;
	}
	ol {
		display: grid;
		align-content: start;
		gap: 7px;
		min-height: 0;
		margin: 0;
		padding: 12px 10px 4px 8px;
		overflow-y: auto;
		list-style: none;
		outline: none;
		/* Shift with a click gathers plates, and no letters. */
		user-select: none;
	}
	li {
		display: grid;
		grid-template-columns: 20px minmax(0, 1fr);
		gap: 2px 5px;
		outline: none;
	}
	em {
		font: italic 15px/1.2 var(--font-serif);
		color: var(--soft);
		text-align: center;
	}
	.chosen em {
		color: var(--ink);
	}
	.thumbnail {
		position: relative;
		display: block;
		width: 108px;
		padding: 1px;
		border: 1px solid #a3a3a3;
		background: #fff;
		cursor: pointer;
	}
	.chosen .thumbnail {
		padding: 0;
		border: 2px solid var(--ink);
	}
	.thumbnail.gathered {
		outline: 3px solid #8a8a8a;
		outline-offset: 1px;
	}
	.name {
		display: flex;
		grid-column: 2;
		align-items: flex-start;
		justify-content: space-between;
		gap: 2px;
		min-height: 24px;
	}
	small {
		overflow: hidden;
		padding-top: 2px;
		font-size: 11px;
		line-height: 1.25;
		color: var(--ink);
	}
	.name :global(.act) {
		min-height: 24px;
		padding: 0 3px;
	}
	p {
		padding: 4px 6px;
		font-size: 12px;
		color: var(--soft);
	}
	.plates > :global(.add) {
		flex: none;
		width: 108px;
		margin: 6px 0 0 33px;
		border-style: dashed;
		background: none;
	}
	@media (min-width: 1600px) and (min-height: 900px) {
		.thumbnail,
		.plates > :global(.add) {
			width: 176px;
		}
	}
	@media (max-width: 1180px) {
		.thumbnail,
		.plates > :global(.add) {
			width: 96px;
		}
	}
	@media (max-width: 800px) {
		ol {
			grid-auto-flow: column;
			grid-auto-columns: 136px;
			overflow-x: auto;
		}
	}
</style>
