<script lang="ts">
	import { download } from '$lib/client/files';
	import { handIn, handInFileName } from '$lib/client/handed';
	import { keepDefaults } from '$lib/client/own-defaults';
	import { sayDay } from '$lib/drawing/say-day';
	import { asLine } from '$lib/model/line';
	import { noteHandIn } from '$lib/study/brief/brief-edits';
	import { sayProgress, type AskedOf } from '$lib/study/brief/progress';
	import { isLate } from '$lib/study/handed/on-wall';
	import { now } from '$lib/studies/today';
	import { setTitleBlock } from '$lib/study/edits';
	import { notices } from '$lib/ui/notices.svelte';
	import Sheet from '$lib/ui/Sheet.svelte';
	import { downloadPdf } from '../study/take-away';
	import { whileMade } from '../study/while-made';
	import { type Workbench } from '../study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		/** The study that is handed in. */
		id: string;
		asked: readonly AskedOf[];
	}

	/** Hands the study in: what does not hold is shown first, and handing in all the same is allowed. */
	let { workbench, id, asked }: Props = $props();

	const handedIn = $derived(workbench.document.handedIn ?? []);
	const open = $derived(asked.filter(({ holds }) => !holds));

	const due = $derived(workbench.document.answers?.terms.due ?? '');

	let asking = $state(false);
	let maker = $state('');
	let printed = $state(false);
	let busy = $state(false);

	function begin() {
		maker = workbench.document.titleBlock.maker;
		asking = true;
	}

	async function send() {
		const { titleBlock } = workbench.document;
		const name = asLine(maker).trim();
		if (name !== titleBlock.maker) {
			keepDefaults({ ...titleBlock, maker: name });
			workbench.edit('Change the title block', setTitleBlock({ ...titleBlock, maker: name }));
		}
		busy = true;
		const { document } = workbench;
		try {
			const { content, text } = await handIn(id, document);
			download(handInFileName(content), new Blob([text], { type: 'application/json' }));
			// It happened: no undo takes it back.
			workbench.settle(noteHandIn(content.id, content.at));
			asking = false;
			notices.say('Handed in: the file is kept here too.');
			if (printed)
				await whileMade('the PDF', (making) =>
					downloadPdf(
						document,
						{ plates: document.plates, page: { paper: 'a4', across: true }, as: 'stands', codes: false },
						making
					)
				);
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'It could not be handed in.');
		} finally {
			busy = false;
		}
	}
</script>

<section aria-label="Hand in">
	<h3>Hand in</h3>
	{#if handedIn.length > 0}
		<ul>
			{#each handedIn as each, i (each.id)}
				<li><a href="/hand-ins/{each.id}">{i === 0 ? 'First' : `No. ${i + 1}`}, {sayDay(each.at)}</a></li>
			{/each}
		</ul>
	{/if}
	<p>
		<button class="act main" disabled={workbench.document.plates.length === 0} onclick={begin}
			>{handedIn.length > 0 ? 'Hand in again …' : 'Hand in …'}</button
		>
	</p>
</section>

<Sheet bind:open={asking} title="Hand in">
	<form class="asked" id="hand-in" onsubmit={(event) => (event.preventDefault(), void send())}>
		<label class="name">
			<span>Your name</span>
			<input class="field" required maxlength="120" autocomplete="name" bind:value={maker} />
		</label>
		{#if asked.length === 0}
			<p>Nothing is checked in this brief.</p>
		{:else if open.length === 0}
			<p>Everything that is asked holds.</p>
		{:else}
			<p>{sayProgress(asked)}. It can be handed in all the same; these are still open:</p>
			{#if !workbench.isHidden}
				<ul>
					{#each open as { asks, of, reason }, i (i)}
						<li><b>{asks}{of ? `, ${of}` : ''}</b> <span>{reason}</span></li>
					{/each}
				</ul>
			{/if}
		{/if}
		<label class="with"><input type="checkbox" bind:checked={printed} /> with a print of it, as PDF</label>
		{#if isLate(now(), due)}<p>It was due on {sayDay(due)}: what is handed in now is late.</p>{/if}
		<p class="hint">
			What is handed in is a copy as it stands now, in one file for whoever set the brief. You can go on with the study
			and hand in again.
		</p>
	</form>
	{#snippet footer()}
		<button class="act main" type="submit" form="hand-in" disabled={busy}
			>{busy ? 'Handing in …' : 'Hand in, as a file'}</button
		>
		<button class="act" onclick={() => (asking = false)}>Cancel</button>
	{/snippet}
</Sheet>

<style>
	section {
		display: grid;
		gap: 7px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
		font-size: 12.5px;
	}
	h3 {
		font: 500 16px/1.2 var(--font-serif);
	}
	ul {
		display: grid;
		gap: 4px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	section a {
		display: inline-block;
		min-height: 24px;
		color: inherit;
		text-underline-offset: 3px;
	}
	.asked {
		display: grid;
		gap: 10px;
	}
	.name {
		display: grid;
		gap: 4px;
	}
	.asked li span {
		color: var(--soft);
	}
	.with {
		display: flex;
		gap: 8px;
	}
	.with input {
		accent-color: var(--ink);
	}
	.hint {
		font-size: 12px;
		color: var(--soft);
	}
</style>
