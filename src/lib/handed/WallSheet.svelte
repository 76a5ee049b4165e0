<script lang="ts">
	import DotsHorizontalOutline from 'flowbite-svelte-icons/DotsHorizontalOutline.svelte';
	import { sayDay } from '$lib/drawing/say-day';
	import { type View } from '$lib/drawing/view-kinds';
	import Menu from '$lib/ui/Menu.svelte';
	import { sheetItems } from './acts';
	import HeldMarks from './HeldMarks.svelte';
	import PaintedSheet from './PaintedSheet.svelte';
	import { type PinUp } from './pin-up.svelte';

	interface Props {
		pinUp: PinUp;
		/** The newest hand-in of a maker, with those before. */
		sheet: PinUp['wall'][number];
		/** What the maker is called on the wall. */
		called: string;
		view: View;
	}

	/** One hand-in on the wall: a plate of it, or all, its maker, and how many checks held. */
	let { pinUp, sheet, called, view }: Props = $props();

	const { id: maker, line, older } = $derived(sheet);

	const handIn = $derived(pinUp.handInOf(line.id));
	const broken = $derived(pinUp.reading.broken.get(line.id));
	const onTable = $derived(pinUp.isOnTable(line.id));
	const isLate = $derived(pinUp.isLate(line));
	/** Where the plate that hangs stands in it; null for all, −1 where it has none. */
	const place = $derived(handIn && pinUp.plate !== null ? pinUp.placeIn(handIn, pinUp.plate) : null);
	const hangs = $derived(handIn && (place === null ? handIn.drawings.length > 0 : place >= 0));
	const said = $derived(line.asked === 0 ? 'no checks' : `${line.held} of ${line.asked}`);
</script>

<div class="hung">
	<button
		class="hanging"
		class:away={onTable}
		aria-pressed={onTable}
		aria-label="{called}, {said} hold{isLate ? ', late' : ''}{onTable ? ', on the table' : ''}{line.seen
			? ''
			: ', still to be looked at'}"
		onclick={() => pinUp.turn(line.id)}
	>
		{#if onTable}<em>on the table</em>
		{:else if broken}<em>cannot be read</em>
		{:else if hangs && pinUp.reading.wall}
			<PaintedSheet wall={pinUp.reading.wall} id={line.id} plate={place} {view} />
		{:else}<em>{handIn ? 'no such plate' : '…'}</em>
		{/if}
	</button>
	<p class="under">
		<span class="maker" class:unseen-yet={!line.seen}>{called}</span>
		<Menu kind="act bare tiny" label="{called}: what to do" items={sheetItems(pinUp, maker, line)}
			><DotsHorizontalOutline size="xs" aria-hidden="true" /></Menu
		>
	</p>
	<p class="under">
		<HeldMarks holds={handIn?.asked.map(({ holds }) => holds) ?? []} />
		<span
			>{#if isLate}<b>late</b>,{/if}
			{said}</span
		>
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
</div>

<style>
	.hung {
		content-visibility: auto;
		contain-intrinsic-size: auto 150px;
		color: var(--on-board);
		font-size: 12px;
	}
	.hanging {
		display: grid;
		position: relative;
		place-items: center;
		width: 100%;
		aspect-ratio: 792 / 560;
		overflow: hidden;
		background: #fff;
		cursor: pointer;
	}
	.hanging::before {
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
	.hanging:hover,
	.hanging:focus-visible {
		outline: 2px solid var(--on-board);
		outline-offset: 2px;
	}
	/* Where it hung, its corners are left. */
	.away {
		--along: linear-gradient(90deg, var(--on-board) 12px, #0000 12px calc(100% - 12px), var(--on-board) 0);
		--down: linear-gradient(var(--on-board) 12px, #0000 12px calc(100% - 12px), var(--on-board) 0);
		background:
			var(--along) 0 0 / 100% 1px no-repeat,
			var(--along) 0 100% / 100% 1px no-repeat,
			var(--down) 0 0 / 1px 100% no-repeat,
			var(--down) 100% 0 / 1px 100% no-repeat;
	}
	em {
		font: italic 14px var(--font-serif);
		color: inherit;
	}
	.hanging:not(.away) em {
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
	b {
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
