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
	import LinkedColours from '../index/LinkedColours.svelte';
	import PlateIndex from '../index/PlateIndex.svelte';
	import Mixer from '../mixer/Mixer.svelte';
	import BoardArea from './BoardArea.svelte';
	import ConflictDialog from './ConflictDialog.svelte';
	import { Saver } from './saver.svelte';
	import { pasteTaken, takeAlong } from './take-along';
	import StudyFrame from './StudyFrame.svelte';
	import SecondButton from './SecondButton.svelte';
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

	const choices = setBeside(new Beside((act) => workbench.try(act)));
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

<StudyFrame {workbench} board={BOARD_COLOURS[board]}>
	{#snippet top()}
		<TopBar {workbench} {saver} bind:board />
		{#if workbench.adding}
			{#await import('../add/AddPage.svelte') then { default: AddPage }}
				<AddPage {workbench} onclose={() => (workbench.adding = false)} />
			{/await}
		{/if}
	{/snippet}
	{#snippet side()}
		<PlateIndex {workbench} />
		<LinkedColours {workbench} />
	{/snippet}
	{#snippet bar()}
		{#if bench && workbench.plate}<bench.bar {workbench} plate={workbench.decidedPlate ?? workbench.plate} />{/if}
	{/snippet}
	{#snippet plate()}<BoardArea {workbench} />{/snippet}
	{#snippet beside()}
		<SidePanel {workbench} beside={choices}>
			{#snippet readings()}
				{#if bench && workbench.plate}<bench.readings {workbench} plate={workbench.plate} />{/if}
			{/snippet}
		</SidePanel>
	{/snippet}
	{#snippet mixer()}<Mixer {workbench} />{/snippet}
</StudyFrame>
<SecondButton {workbench} />
<ConflictDialog state={saver.state} onreload={reload} oncopy={copy} />
