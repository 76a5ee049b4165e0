<script lang="ts">
	import DotsHorizontalOutline from 'flowbite-svelte-icons/DotsHorizontalOutline.svelte';
	import { sayDay } from '$lib/drawing/say-day';
	import { seenDrawing } from '$lib/drawing/view';
	import { type View } from '$lib/drawing/view-kinds';
	import { thawed } from '$lib/study/handed/stored-drawing';
	import { type HandInLine } from '$lib/study/handed/requests';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import Menu, { type MenuItem } from '$lib/ui/Menu.svelte';
	import HeldMarks from './HeldMarks.svelte';
	import { type PinUp } from './pin-up.svelte';

	interface Props {
		pinUp: PinUp;
		line: HandInLine;
		/** Those that the same maker handed in before. */
		older: readonly HandInLine[];
		/** What the maker is called on the wall. */
		called: string;
		view: View;
		items: readonly MenuItem[];
	}

	/** One hand-in on the wall: a plate of it, or all, its maker, and how many checks held. */
	let { pinUp, line, older, called, view, items }: Props = $props();

	const handIn = $derived(pinUp.handInOf(line.id));
	const broken = $derived(pinUp.broken.get(line.id));
	const onTable = $derived(pinUp.isOnTable(line.id));
	const drawings = $derived.by(() => {
		if (!handIn) return [];
		const { plate } = pinUp;
		const stored = plate === null ? handIn.drawings : [handIn.drawings[pinUp.placeIn(handIn, plate)]];
		return stored.flatMap((each) => (each ? [seenDrawing(view, thawed(each))] : []));
	});
	const said = $derived(line.asked === 0 ? 'no checks' : `${line.held} of ${line.asked}`);
</script>

<li>
	<button
		class="sheet"
		class:away={onTable}
		aria-pressed={onTable}
		aria-label="{called}, {said} hold{onTable ? ', on the table' : ''}{line.seen ? '' : ', still to be looked at'}"
		onclick={() => pinUp.turn(line.id)}
	>
		{#if onTable}<em>on the table</em>
		{:else if broken}<em>cannot be read</em>
		{:else if drawings.length === 0}<em>{handIn ? 'no such plate' : '…'}</em>
		{:else}
			<span class="drawn" class:all={pinUp.plate === null} style:--columns={Math.ceil(Math.sqrt(drawings.length))}>
				{#each drawings as drawing, i (i)}<DrawingCanvas {drawing} shapes={drawing.shapes} />{/each}
			</span>
		{/if}
	</button>
	<p class="under">
		<span class="maker" class:unseen-yet={!line.seen}>{called}</span>
		<Menu kind="act bare tiny" label="{called}: what to do" {items}
			><DotsHorizontalOutline size="xs" aria-hidden="true" /></Menu
		>
	</p>
	<p class="under">
		<HeldMarks holds={handIn?.asked.map(({ holds }) => holds) ?? []} />
		<span>{said}</span>
	</p>
	{#if older.length > 0}
		<p class="older">
			before:
			{#each older as each (each.id)}
				<button
					aria-pressed={pinUp.isOnTable(each.id)}
					title="Take it to the table, to compare"
					onclick={() => pinUp.turn(each.id)}>{sayDay(each.at)}</button
				>
			{/each}
		</p>
	{/if}
	{#if broken}<p class="older">{broken}</p>{/if}
</li>

<style>
	li {
		content-visibility: auto;
		contain-intrinsic-size: auto 150px;
		color: var(--on-board);
		font-size: 12px;
	}
	.sheet {
		display: grid;
		position: relative;
		place-items: center;
		width: 100%;
		aspect-ratio: 792 / 560;
		overflow: hidden;
		background: #fff;
		cursor: pointer;
	}
	.sheet::before {
		content: '';
		position: absolute;
		top: 3px;
		left: calc(50% - 2.5px);
		z-index: 1;
		width: 5px;
		height: 5px;
		border-radius: 50%;
		background: #1c1c1c;
	}
	.sheet:hover,
	.sheet:focus-visible {
		outline: 2px solid var(--on-board);
		outline-offset: 2px;
	}
	/* Where it hung, its corners are left. */
	.away {
		background:
			linear-gradient(var(--on-board) 0 0) 0 0 / 12px 1px,
			linear-gradient(var(--on-board) 0 0) 0 0 / 1px 12px,
			linear-gradient(var(--on-board) 0 0) 100% 100% / 12px 1px,
			linear-gradient(var(--on-board) 0 0) 100% 100% / 1px 12px;
		background-repeat: no-repeat;
	}
	.drawn {
		display: grid;
		align-self: start;
		width: 100%;
	}
	.all {
		grid-template-columns: repeat(var(--columns), 1fr);
		gap: 3px;
		padding: 10px 4px 4px;
	}
	em {
		font: italic 14px var(--font-serif);
		color: inherit;
	}
	.sheet:not(.away) em {
		color: var(--soft);
	}
	.under {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 6px;
		min-height: 20px;
	}
	.maker {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.unseen-yet {
		font-weight: 620;
	}
	.older button {
		text-decoration: underline;
		text-underline-offset: 2px;
		cursor: pointer;
	}
	.older button[aria-pressed='true'] {
		font-weight: 620;
	}
</style>
