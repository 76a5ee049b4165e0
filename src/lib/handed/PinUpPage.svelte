<script lang="ts">
	import { onMount } from 'svelte';
	import { inksOn } from '$lib/drawing/inks';
	import { sayDay } from '$lib/drawing/say-day';
	import { PLAIN_VIEW, VIEWS, type View } from '$lib/drawing/view-kinds';
	import { VIEW_WORDS } from '$lib/drawing/view';
	import { INK } from '$lib/drawing/words';
	import { type Brief } from '$lib/study/brief/brief';
	import { type GroupWall } from '$lib/study/handed/groups';
	import { type HandInLine, type HandInList } from '$lib/study/handed/requests';
	import { type Note } from '$lib/study/handed/returned';
	import { carriesFiles } from '$lib/ui/carries-files';
	import BoardPicker from '$lib/ui/BoardPicker.svelte';
	import { BOARD_COLOURS, type Board } from '$lib/ui/boards';
	import Mark from '$lib/ui/Mark.svelte';
	import Menu from '$lib/ui/Menu.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { awayItems } from './acts';
	import { droppedFiles } from './collect';
	import ClassAtOnce from './ClassAtOnce.svelte';
	import { nameAt } from './name-at';
	import NotesPart from './NotesPart.svelte';
	import OnTable from './OnTable.svelte';
	import { PinUp } from './pin-up.svelte';
	import PinUpSide from './PinUpSide.svelte';
	import Room from './Room.svelte';
	import WallInGroups from './WallInGroups.svelte';
	import WallSheet from './WallSheet.svelte';
	import WallTools from './WallTools.svelte';

	interface Props {
		/** The study that is set as the brief. */
		study: string;
		brief: Brief;
		list: HandInList;
		groups: GroupWall;
		board: Board;
	}

	/** All hand-ins of a brief on one wall; some of them side by side on the table, with notes. */
	let { study, brief, list, groups, board: remembered }: Props = $props();

	// The page is made anew for each brief (see the route).
	// svelte-ignore state_referenced_locally
	const pinUp = new PinUp(brief, list, groups);
	// svelte-ignore state_referenced_locally
	let board = $state(remembered);
	let view = $state.raw<View>(PLAIN_VIEW);
	let inRoom = $state(false);
	const ink = $derived(inksOn(BOARD_COLOURS[board])[INK]!);

	onMount(() => pinUp.begin());

	/** What a maker is called on the wall: by name, or by a letter while names are put away. */
	function called(line: HandInLine): string {
		const at = pinUp.makers.findIndex((each) => each.line === line || each.older.includes(line));
		const name = pinUp.names ? line.maker : `Sheet ${at + 1}`;
		return pinUp.makers[at]?.line === line ? name : `${name}, ${sayDay(line.at)}`;
	}

	const onTable = $derived(pinUp.table.flatMap((id) => pinUp.lines.find((line) => line.id === id) ?? []));
	let notedId = $state<string | null>(null);
	const noted = $derived(onTable.find(({ id }) => id === notedId) ?? onTable.at(-1) ?? null);
	/** Plates of a hand-in have the ids of the brief's. */
	const notedPlate = $derived(brief.plates[pinUp.plate ?? 0]?.id ?? null);

	let pinning = $state(false);
	let at = $state.raw<Note['at']>(null);
	function pin(id: string, x: number, y: number) {
		const handIn = pinUp.handInOf(id);
		const plate = handIn ? pinUp.placeIn(handIn, pinUp.plate ?? 0) : -1;
		at = { name: handIn && plate >= 0 ? nameAt(handIn, plate, x, y) : '', x, y };
		pinning = false;
	}

	async function drop(event: DragEvent) {
		if (!carriesFiles(event) || !event.dataTransfer) return;
		event.preventDefault();
		await pinUp.collect(await droppedFiles(event.dataTransfer));
	}
</script>

<svelte:window
	ondragover={(event) => carriesFiles(event) && event.preventDefault()}
	ondrop={(event) => void drop(event)}
/>
<svelte:head><title>Pin-up: {brief.title} · Ricercar</title></svelte:head>

<div class="page">
	<header class="top">
		<Mark />
		<nav aria-label="Where you are">
			<a href="/briefs">Briefs</a> <span aria-hidden="true">/</span>
			<a href="/studies/{study}">{brief.title}</a> <span aria-hidden="true">/</span> <b>Pin-up</b>
		</nav>
		<span class="space"></span>
		<SelectField
			kind="view"
			label="View"
			choices={VIEWS}
			words={VIEW_WORDS}
			value={view.kind}
			onchoose={(kind) => (view = { ...view, kind })}
		/>
		<BoardPicker bind:board />
		<button class="act" disabled={pinUp.wall.length === 0} onclick={() => (inRoom = true)}>Show to the room</button>
		<Menu kind="act main" label="Take it away" items={awayItems(pinUp)} />
	</header>
	<PinUpSide {pinUp} />
	<main id="content" tabindex="-1" style:background={BOARD_COLOURS[board]} style:--on-board={ink}>
		<WallTools {pinUp} />
		{#if pinUp.told.length > 0}
			<section class="told" aria-label="What was collected" role="status">
				<ul>
					{#each pinUp.told as { name, why, kept }, i (i)}
						<li><b>{name}</b> {kept ? 'is on the wall.' : 'was not taken in.'} {why}</li>
					{/each}
				</ul>
				<button class="act small" onclick={() => (pinUp.told = [])}>I see</button>
			</section>
		{/if}
		{#if pinUp.makers.length === 0}
			<div class="empty">
				<h2>Nothing is pinned up yet</h2>
				<p>
					Drop the hand-ins of this brief here: files, a folder, or a zip of them. Whatever does not fit is listed with
					the reason, and nothing else is lost.
				</p>
			</div>
		{:else if pinUp.atOnce}
			<ClassAtOnce {pinUp} {called} {view} />
		{:else if pinUp.arranged === 'groups'}
			<WallInGroups {pinUp} {called} {view} />
		{:else}
			<ul class="wall" style:--size="{pinUp.size}px">
				{#each pinUp.wall as sheet (sheet.line.id)}
					<li><WallSheet {pinUp} {sheet} called={called(sheet.line)} {view} /></li>
				{/each}
			</ul>
		{/if}
		{#if pinUp.unreadable.length > 0}
			<p class="told">Stored here, but not to be read: {pinUp.unreadable.join(', ')}.</p>
		{/if}
	</main>
	{#if onTable.length > 0}
		<section class="below" aria-label="On the table">
			<OnTable
				{pinUp}
				lines={onTable}
				{called}
				{view}
				noted={noted?.id ?? null}
				onnote={(id) => ((notedId = id), (at = null), (pinning = false))}
				onplace={pinning ? pin : null}
			/>
			{#if noted}
				{#key noted.id}
					<NotesPart
						{pinUp}
						line={noted}
						called={called(noted)}
						plate={notedPlate}
						{at}
						{pinning}
						onpin={(on) => ((pinning = on), (at = null))}
					/>
				{/key}
			{/if}
		</section>
	{/if}
</div>

{#if inRoom}<Room {pinUp} {called} {view} {board} {ink} onclose={() => (inRoom = false)} />{/if}

<style>
	.page {
		display: grid;
		grid-template: 52px minmax(0, 1fr) auto / 164px minmax(0, 1fr);
		height: 100vh;
		height: 100dvh;
	}
	.top {
		display: flex;
		grid-column: 1 / -1;
		align-items: center;
		gap: 14px;
		padding: 0 14px 0 18px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
	}
	nav {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	nav a {
		color: var(--soft);
	}
	.space {
		flex: 1;
	}
	.top :global(.view) {
		flex: none;
		width: 168px;
	}
	main {
		padding: 0 22px 22px;
		overflow-y: auto;
	}
	main :global(.wall) {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(var(--size), 1fr));
		gap: 16px 18px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	.told {
		display: flex;
		align-items: start;
		justify-content: space-between;
		gap: 14px;
		margin-bottom: 16px;
		padding: 10px 14px;
		background: #fff;
		color: var(--ink);
		font-size: 12.5px;
	}
	.told ul {
		display: grid;
		gap: 4px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	.empty {
		display: grid;
		gap: 10px;
		max-width: 440px;
		padding: 24px 28px;
		background: #fff;
		color: var(--ink);
	}
	.empty h2 {
		font-size: 21px;
	}
	.below {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 250px;
		gap: 26px;
		max-height: 46vh;
		padding: 16px 22px;
		overflow-y: auto;
		background: var(--panel);
		border-top: 1px solid var(--rule);
	}
	@media (max-width: 800px) {
		.page {
			grid-template: auto auto auto auto / minmax(0, 1fr);
			height: auto;
		}
		.top {
			flex-wrap: wrap;
			padding: 8px 14px;
		}
		.below {
			grid-template-columns: 1fr;
			max-height: none;
		}
	}
</style>
