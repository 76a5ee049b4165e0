<script lang="ts">
	import { onMount } from 'svelte';
	import { beforeNavigate, goto } from '$app/navigation';
	import { page } from '$app/state';
	import { benchOf, loadBenches } from '$lib/plates/benches.svelte';
	import { type Study } from '$lib/study/study';
	import { BOARD_COLOURS, type Board } from '$lib/ui/boards';
	import { carriesFiles } from '$lib/ui/carries-files';
	import { Beside, setBeside } from '$lib/ui/beside.svelte';
	import LinkedColours from '../index/LinkedColours.svelte';
	import PlateIndex from '../index/PlateIndex.svelte';
	import Mixer from '../mixer/Mixer.svelte';
	import BoardArea from './BoardArea.svelte';
	import { bringOnPlates, picturesIn } from './bring';
	import ConflictDialog from './ConflictDialog.svelte';
	import { OpenStudy } from './open-study.svelte';
	import { Sides } from './sides.svelte';
	import { bringDrawing, drawingsIn } from './bring-drawing';
	import { isWriting } from '$lib/ui/is-writing';
	import { pasteTaken, takeAlong } from './take-along';
	import PutAway from './PutAway.svelte';
	import StudyFrame from './StudyFrame.svelte';
	import SecondButton from './SecondButton.svelte';
	import SidePanel from './SidePanel.svelte';
	import TopBar from './TopBar.svelte';

	let { study, board = $bindable() }: { study: Study; board: Board } = $props();

	// The page is made anew for each study (see the route), so this begins with it and is not replaced.
	// svelte-ignore state_referenced_locally
	const sides = new Sides(new OpenStudy(study));
	const active = $derived(sides.active);
	const workbench = $derived(active.workbench);
	const bench = $derived(workbench.plate && benchOf(workbench.plate));

	const choices = setBeside(new Beside((act) => workbench.try(act)));
	$effect(() => {
		for (const open of sides.all) open.follow();
	});
	$effect(() => {
		for (const open of sides.all) open.followPlate();
	});
	$effect(() => {
		const ends = sides.all.map(({ workbench: { acts } }) => acts.follow(window));
		return () => ends.forEach((end) => end());
	});
	// A plate that undo, or a change from elsewhere, brings to the front may be the first of its kind.
	$effect(() => {
		const plates = sides.pair?.map(({ plate }) => plate) ?? (workbench.plate ? [workbench.plate] : []);
		void loadBenches(plates);
	});

	onMount(() => sides.begin());
	/** The study that the address puts beside this one. */
	const asked = $derived(page.url.searchParams.get('beside'));
	$effect(() => void sides.bring(asked));

	const isSafe = () => sides.all.every(({ saver }) => saver.isSafe);

	/** Closing the window with unsaved work: the browser asks. */
	function warn(event: BeforeUnloadEvent) {
		if (isSafe()) return;
		for (const { saver } of sides.all) if (!saver.isSafe) saver.leave();
		event.preventDefault();
	}

	let leaving = false;

	// Going to another page of ours: saved first; asked only when that cannot be.
	beforeNavigate(async ({ cancel, to, willUnload }) => {
		if (isSafe() || leaving || willUnload || !to) return;
		cancel();
		await Promise.all(sides.all.map(({ saver }) => saver.flush()));
		leaving =
			isSafe() ||
			confirm(
				sides.all.every(({ saver }) => saver.isSafe || saver.isKeptHere)
					? 'Your last edits could not be saved. This browser keeps them until you open the study again. Leave this page?'
					: 'Your last edits could not be saved, and this browser keeps nothing. Leave this page and lose them?'
			);
		if (leaving) await goto(to.url);
		leaving = false;
	});

	async function copy(of: OpenStudy) {
		const id = await of.copy();
		if (id === null) return;
		leaving = true;
		await goto(`/studies/${id}`);
	}

	/** Pictures and drawings that are pasted are brought; what else is pasted is left to whoever reads it. */
	function pasteFiles(event: ClipboardEvent) {
		const files = picturesIn(event.clipboardData);
		const drawings = isWriting(event.target) ? [] : drawingsIn(workbench, event.clipboardData);
		if (files.length + drawings.length === 0) return;
		event.preventDefault();
		event.stopImmediatePropagation();
		void bringOnPlates(workbench, files);
		void bringDrawing(workbench, drawings);
	}

	function dropFiles(event: DragEvent) {
		if (!carriesFiles(event)) return;
		event.preventDefault();
		void bringOnPlates(workbench, picturesIn(event.dataTransfer));
		const drawings = drawingsIn(workbench, event.dataTransfer);
		if (drawings.length === 0) return;
		// Elsewhere the colours of a drawing are read.
		event.stopImmediatePropagation();
		void bringDrawing(workbench, drawings);
	}

	/** One plate again: of a second study the one that was being changed goes on alone. */
	async function alone() {
		if (workbench.pair) return workbench.endPair();
		await goto(`/studies/${active.id}`, { replaceState: true, keepFocus: true, noScroll: true });
	}

	const another = () => goto(`/?beside=${active.id}`);
</script>

<svelte:window
	onbeforeunload={warn}
	oncopy={(event) => takeAlong(workbench, event)}
	oncut={(event) => takeAlong(workbench, event)}
	onpastecapture={(event) => pasteTaken(workbench, event) || pasteFiles(event)}
	ondragover={(event) => carriesFiles(event) && event.preventDefault()}
	ondropcapture={dropFiles}
/>
<svelte:head><title>{workbench.document.titleBlock.title} · Ricercar</title></svelte:head>

<StudyFrame {workbench} board={BOARD_COLOURS[board]} paired={sides.pair !== null}>
	{#snippet top()}
		{#key workbench}<TopBar {workbench} saver={active.saver} bind:board />{/key}
		{#if workbench.adding}
			{#await import('../add/AddPage.svelte') then { default: AddPage }}
				<AddPage {workbench} onclose={() => (workbench.adding = false)} />
			{/await}
		{/if}
	{/snippet}
	{#snippet side()}
		{#key workbench}
			<PlateIndex {workbench} {sides} onalone={alone} onanother={another} />
			{#if workbench.byEye}<PutAway what="Linked colours" isHidden={workbench.isHidden} />{:else}<LinkedColours
					{workbench}
				/>{/if}
		{/key}
	{/snippet}
	{#snippet bar()}
		{#if bench && workbench.plate}
			{#key workbench}<bench.bar {workbench} plate={workbench.decidedPlate ?? workbench.plate} />{/key}
		{/if}
	{/snippet}
	{#snippet plate()}<BoardArea {workbench} {sides} onalone={alone} />{/snippet}
	{#snippet beside()}
		{#key workbench}
			<SidePanel {workbench} id={active.id} beside={choices}>
				{#snippet readings()}
					{#if bench && workbench.plate}<bench.readings {workbench} plate={workbench.plate} />{/if}
				{/snippet}
			</SidePanel>
		{/key}
	{/snippet}
	{#snippet mixer()}{#key workbench}<Mixer {workbench} />{/key}{/snippet}
</StudyFrame>
{#key workbench}<SecondButton {workbench} />{/key}
{#each sides.all as open (open.id)}
	<ConflictDialog state={open.saver.state} onreload={() => open.reload()} oncopy={() => copy(open)} />
{/each}
