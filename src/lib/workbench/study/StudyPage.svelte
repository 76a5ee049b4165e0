<script lang="ts">
	import { onMount } from 'svelte';
	import { beforeNavigate, goto } from '$app/navigation';
	import { draftsOf, readDraft } from '$lib/client/drafts';
	import { leaveAt, plateLeft } from '$lib/client/left-off';
	import { openPlate } from '../index/plate-actions';
	import { comeBack, leave } from './histories';
	import { keepCopy, loadStudy } from '$lib/client/studies';
	import { benchOf, loadBenches } from '$lib/plates/benches.svelte';
	import { isSameDocument, type Study } from '$lib/study/study';
	import { BOARD_COLOURS, type Board } from '$lib/ui/boards';
	import { afterPause } from '$lib/ui/pause';
	import { renameByUs } from '$lib/model/edit-linked';
	import { NameAsking } from './name-asking';
	import { Beside, setBeside } from '$lib/ui/beside.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import { inksOn } from '$lib/drawing/inks';
	import { INK } from '$lib/drawing/words';
	import LinkedColours from '../index/LinkedColours.svelte';
	import PlateIndex from '../index/PlateIndex.svelte';
	import Mixer from '../mixer/Mixer.svelte';
	import BoardArea from './BoardArea.svelte';
	import ConflictDialog from './ConflictDialog.svelte';
	import { Saver } from './saver.svelte';
	import { pasteTaken, takeAlong } from './take-along';
	import SidePanel from './SidePanel.svelte';
	import TopBar from './TopBar.svelte';
	import { Workbench } from './workbench.svelte';

	let { study, board = $bindable() }: { study: Study; board: Board } = $props();

	// The page is made anew for each study (see the route), so these begin with it and are not replaced.
	// svelte-ignore state_referenced_locally
	const { id, revision, document, brought = [] } = study;
	const before = comeBack(id, document);
	const workbench = new Workbench(
		before?.document ?? document,
		(titles) =>
			notices.say(
				`A colour on ${titles.map((title) => `“${title}”`).join(' and ')} followed what is gone. It keeps its last colour.`,
				{ label: 'Undo', run: () => workbench.undo() }
			),
		before?.history
	);
	const drafts = draftsOf(id);
	const saver = new Saver(id, revision, before?.document ?? document, drafts);
	// The plate at which it was left, from the first time that another was opened.
	let opened = false;
	$effect(() => {
		const plate = workbench.plate?.id;
		if (opened && plate !== undefined) leaveAt(id, plate);
		opened = true;
	});
	const bench = $derived(workbench.plate && benchOf(workbench.plate));
	/** Where nothing is to be set the mixer gives its height to the plate. */
	const unset = $derived(workbench.held === null);

	const beside = setBeside(new Beside((act) => workbench.try(act)));
	$effect(() => saver.note(workbench.decided));
	const asking = new NameAsking(document.linked);
	/** When a gesture is over: nobody wants to be asked at each turn of a dial. */
	const askNames = afterPause<Workbench>(({ decided: { linked } }) => {
		for (const { id: of, says, name } of asking.offers(linked))
			notices.say(says, {
				label: `Call it “${name}”`,
				run: () => workbench.edit('Rename a linked colour', renameByUs(of, name))
			});
	});
	$effect(() => {
		asking.note(workbench.decided.linked);
		askNames(workbench);
	});
	// A plate that undo, or a change from elsewhere, brings to the front may be the first of its kind.
	$effect(() => void loadBenches(workbench.pair ?? (workbench.plate ? [workbench.plate] : [])));

	onMount(() => {
		const retry = () => void saver.flush();
		window.addEventListener('online', retry);
		const leftAt = plateLeft(id);
		if (leftAt !== null && workbench.decided.plates.some((plate) => plate.id === leftAt)) openPlate(workbench, leftAt);
		void bringBack();
		if (brought.length > 0)
			notices.say(`Stored beyond all measure, and shown as the nearest there is: ${brought.join(', ')}.`, {
				label: 'I see',
				run: () => undefined
			});
		return () => {
			window.removeEventListener('online', retry);
			leave(id, workbench.left);
			saver.stop();
		};
	});

	/** Edits that a reload or a closed window left in the browser come back, and are saved as if nothing had been. */
	async function bringBack() {
		const draft = await readDraft(id);
		if (!draft) return;
		if (isSameDocument(draft.document, document)) return drafts.drop();
		saver.resume(draft);
		workbench.edit('Bring back what was not saved', () => draft.document);
		notices.say('Edits that had not been saved are brought back.', { label: 'Undo', run: () => workbench.undo() });
	}

	/** Closing the window with unsaved work: the browser asks. */
	function warn(event: BeforeUnloadEvent) {
		if (saver.isSafe) return;
		// The save that goes out now belongs to what is kept: it may arrive, and its answer no longer find us.
		void saver.flush();
		saver.keepDraft();
		event.preventDefault();
	}

	let leaving = false;

	// Going to another page of ours: saved first; asked only when that cannot be.
	beforeNavigate(async ({ cancel, to, willUnload }) => {
		if (saver.isSafe || leaving || willUnload || !to) return;
		cancel();
		await saver.flush();
		leaving =
			saver.isSafe ||
			confirm(
				'Your last edits could not be saved. This browser keeps them until you open the study again. Leave this page?'
			);
		if (leaving) await goto(to.url);
	});

	async function reload() {
		try {
			const latest = await loadStudy(id);
			saver.restart(latest.revision, latest.document);
			// An edit like any other, so that what was there can be brought back.
			workbench.edit('Load what was saved elsewhere', () => latest.document);
			notices.say('What was saved elsewhere is loaded.', { label: 'Undo', run: () => workbench.undo() });
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The study could not be loaded.');
		}
	}

	async function copy() {
		try {
			const kept = await keepCopy(workbench.document);
			leaving = true;
			drafts.drop();
			await goto(`/studies/${kept.id}`);
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The copy could not be kept.');
		}
	}
</script>

<svelte:window
	onbeforeunload={warn}
	oncopy={(event) => takeAlong(workbench, event)}
	oncut={(event) => takeAlong(workbench, event)}
	onpastecapture={(event) => pasteTaken(workbench, event)}
/>
<svelte:head><title>{workbench.document.titleBlock.title} · Ricercar</title></svelte:head>

<div
	class="study"
	class:adding={workbench.adding}
	class:paired={workbench.pair !== null}
	class:alone={workbench.alone}
	class:unset
>
	<TopBar {workbench} {saver} bind:board />
	{#if workbench.adding}
		{#await import('../add/AddPage.svelte') then { default: AddPage }}
			<AddPage {workbench} onclose={() => (workbench.adding = false)} />
		{/await}
	{/if}
	<div class="side">
		<PlateIndex {workbench} />
		<LinkedColours {workbench} />
	</div>
	<section class="bar" aria-label="What decides the plate">
		{#if bench && workbench.plate}<bench.bar {workbench} plate={workbench.decidedPlate ?? workbench.plate} />{/if}
	</section>
	<main
		id="content"
		tabindex="-1"
		style:background={BOARD_COLOURS[board]}
		style:--on-board={inksOn(BOARD_COLOURS[board])[INK]}
	>
		<BoardArea {workbench} />
	</main>
	<aside>
		<SidePanel {workbench} {beside}>
			{#snippet readings()}
				{#if bench && workbench.plate}<bench.readings {workbench} plate={workbench.plate} />{/if}
			{/snippet}
		</SidePanel>
	</aside>
	<footer><Mixer {workbench} /></footer>
</div>
<ConflictDialog state={saver.state} onreload={reload} oncopy={copy} />

<style>
	.study {
		display: grid;
		grid-template: 52px auto minmax(0, 1fr) 156px / 164px minmax(0, 1fr) 280px;
		height: 100vh;
		height: 100dvh;
		overflow: hidden;
	}
	.study > :global(header) {
		grid-column: 1 / -1;
	}
	.unset {
		grid-template-rows: 52px auto minmax(0, 1fr) 40px;
	}
	/* The plate alone, with the mixer: all else is put away, and stays as it is. */
	.alone {
		grid-template-rows: 0 0 minmax(0, 1fr) 156px;
		grid-template-columns: 0 minmax(0, 1fr) 0;
	}
	.alone.unset {
		grid-template-rows: 0 0 minmax(0, 1fr) 40px;
	}
	.alone > :global(:is(header, .bar, .side, aside)) {
		visibility: hidden;
	}
	/* Two plates take the room of what stands beside one. */
	.paired {
		grid-template-columns: 164px minmax(0, 1fr) 0;
	}
	.paired aside {
		display: none;
	}
	/* While exercises are looked through the rest is put away, and stays as it is. */
	.adding > :global(:not(header, .add)) {
		display: none;
	}
	.side {
		display: flex;
		grid-row: 2 / 4;
		flex-direction: column;
		min-height: 0;
		background: var(--panel-low);
		border-right: 1px solid var(--rule);
	}
	.bar {
		grid-column: 2 / -1;
		min-width: 0;
	}
	main {
		display: flex;
		flex-direction: column;
		min-height: 0;
	}
	/* What changes in one part never moves another, so the browser need not look. */
	.side,
	main,
	aside,
	footer {
		contain: strict;
	}
	aside {
		overflow-y: auto;
		background: var(--panel);
		border-left: 1px solid var(--rule);
	}
	footer {
		grid-column: 1 / -1;
		min-width: 0;
	}
	@media (max-width: 1180px) {
		.study {
			grid-template-columns: 140px minmax(0, 1fr) 250px;
		}
	}
	@media (min-width: 1600px) and (min-height: 900px) {
		.study {
			grid-template: 56px auto minmax(0, 1fr) 196px / 232px minmax(0, 1fr) 400px;
		}
		.unset {
			grid-template-rows: 56px auto minmax(0, 1fr) 44px;
		}
		.paired {
			grid-template-columns: 232px minmax(0, 1fr) 0;
		}
		.alone {
			grid-template: 0 0 minmax(0, 1fr) 196px / 0 minmax(0, 1fr) 0;
		}
	}
	/*
	 * On a telephone, and seen at 200 %: the plate stays at the top and the mixer at the bottom, so that what is turned and what follows
	 * are seen together; the rest is scrolled between them.
	 */
	@media (max-width: 800px) {
		.study {
			display: flex;
			flex-direction: column;
			height: auto;
			min-height: 100dvh;
			overflow: visible;
		}
		.side,
		main,
		aside,
		footer {
			contain: none;
		}
		main {
			position: sticky;
			top: 0;
			z-index: 2;
			order: 1;
			flex: none;
			height: min(56dvh, calc(71vw + 50px));
		}
		.bar {
			order: 2;
		}
		aside {
			order: 3;
			flex: 1;
		}
		.side {
			grid-row: auto;
			order: 4;
		}
		footer {
			position: sticky;
			bottom: 0;
			z-index: 2;
			order: 5;
			max-height: 36dvh;
			overflow-y: auto;
		}
		.paired main {
			position: static;
			height: auto;
		}
		.alone > :global(:is(header, .bar, .side, aside)) {
			display: none;
		}
		.alone main {
			flex: 1;
		}
	}
	/* Wide and low: the plate over the mixer at the left, the rest scrolled at the right. */
	@media (max-width: 800px) and (max-height: 560px) and (min-aspect-ratio: 5/4) {
		.study {
			display: grid;
			grid-template: auto auto auto 1fr / minmax(0, 58fr) minmax(0, 42fr);
		}
		.study > :global(header) {
			grid-column: 1 / -1;
		}
		main {
			grid-area: 2 / 1 / 5 / 2;
			align-self: start;
			height: 64dvh;
		}
		footer {
			grid-area: 2 / 1 / 5 / 2;
			align-self: end;
		}
		.bar,
		aside,
		.side {
			grid-column: 2;
		}
	}
</style>
