<script lang="ts">
	import { type DndEvent } from 'svelte-dnd-action';
	import { type View } from '$lib/drawing/view-kinds';
	import { inGroups } from '$lib/study/handed/groups';
	import { type HandInLine } from '$lib/study/handed/requests';
	import { sortable } from '$lib/ui/sortable';
	import { type PinUp } from './pin-up.svelte';
	import WallSheet from './WallSheet.svelte';

	interface Props {
		pinUp: PinUp;
		called: (line: HandInLine) => string;
		view: View;
	}

	/** The wall in groups of the educator's own: sheets are dragged from one to another, or moved by their menus. */
	let { pinUp, called, view }: Props = $props();

	type Sheets = PinUp['wall'];
	const { groups } = $derived(pinUp);
	const sections = $derived(inGroups(pinUp.wall, groups.all));
	/** While something is dragged: what each group shows then, by its id, '' for none. */
	let dragged = $state.raw<Readonly<Record<string, Sheets>>>({});

	function drop(to: string | null, { detail: { items } }: CustomEvent<DndEvent<Sheets[number]>>) {
		const shown = new Set(pinUp.wall.map(({ id }) => id));
		groups.hang(
			to,
			items.map(({ id }) => id),
			shown
		);
		// Of a group that it was only dragged across no end is told.
		dragged = {};
	}

	/** A name that is refused goes back to the one before. */
	function rename(id: string, name: string, field: HTMLInputElement) {
		if (!groups.rename(id, field.value)) field.value = name;
	}
</script>

{#each sections as { group, sheets: own } (group?.id ?? '')}
	{@const key = group?.id ?? ''}
	{@const sheets = dragged[key] ?? own}
	<section aria-label={group ? `Group “${group.name}”` : 'In no group'}>
		<header>
			{#if group}
				<input
					class="field"
					aria-label="Name of the group"
					maxlength="120"
					value={group.name}
					onchange={(event) => rename(group.id, group.name, event.currentTarget)}
				/>
				<span>{own.length}</span>
				<button class="act small" onclick={() => groups.remove(group.id)}>Take apart</button>
			{:else}
				<h2>{groups.all.length === 0 ? 'All in no group yet' : 'In no group'}</h2>
				<span>{own.length}</span>
				<button class="act small" disabled={groups.isFull} onclick={() => groups.add(null)}>New group</button>
			{/if}
		</header>
		<ul
			class="wall"
			class:bare={sheets.length === 0}
			style:--size="{pinUp.size}px"
			use:sortable={{ items: [...sheets], type: 'sheets' }}
			onconsider={(event) => (dragged = { ...dragged, [key]: event.detail.items })}
			onfinalize={(event) => drop(group?.id ?? null, event)}
		>
			{#each sheets as sheet (sheet.id)}
				<li data-maker={sheet.id}>
					<WallSheet {pinUp} {sheet} called={called(sheet.line)} {view} />
				</li>
			{/each}
		</ul>
		{#if sheets.length === 0 && group}<p>Drag sheets here, or move them by their menus.</p>{/if}
	</section>
{/each}

<style>
	section {
		margin-bottom: 20px;
		color: var(--on-board);
	}
	header {
		display: flex;
		align-items: center;
		gap: 10px;
		margin-bottom: 10px;
		font-size: 12px;
	}
	header input {
		width: 220px;
		color: var(--ink);
	}
	h2 {
		font-size: 17px;
	}
	.bare {
		min-height: 60px;
		outline: 1px dashed var(--on-board);
	}
	p {
		margin-top: -42px;
		padding: 0 14px 24px;
		font-size: 12px;
		pointer-events: none;
	}
</style>
