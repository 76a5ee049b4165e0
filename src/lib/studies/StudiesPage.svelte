<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { page } from '$app/state';
	import { goto } from '$app/navigation';
	import { oursOfFile, whyNot } from '$lib/client/ours-in';
	import { keepHandIn, takeReturned } from '$lib/client/handed';
	import { ownDefaults } from '$lib/client/own-defaults';
	import { setAsBrief } from '$lib/client/studies';
	import { emptyStudy } from '$lib/study/new-study';
	import { type ListQuery, type StudyLine, type StudyList } from '$lib/study/requests';
	import { type StudyDocument } from '$lib/study/study';
	import { loadTemplates, type Template } from '$lib/templates/templates';
	import FileButton from '$lib/ui/FileButton.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import ListPage from './ListPage.svelte';
	import { Making } from './making.svelte';
	import { today } from './today';
	import TemplatesDialog from './TemplatesDialog.svelte';

	let { list, query }: { list: StudyList; query: ListQuery } = $props();

	const making = new Making();

	/** The study that another is to stand beside, while that other is looked for. */
	let first = $state(page.url.searchParams.get('beside'));
	const pageOf = (id: string): string =>
		first === null || first === id ? `/studies/${id}` : `/studies/${first}?beside=${id}`;
	const titleOf = (lines: readonly StudyLine[]): string | null => lines.find(({ id }) => id === first)?.title ?? null;

	let choosing = $state(false);
	let templates = $state.raw<readonly Template[]>([]);

	async function showTemplates() {
		templates = await loadTemplates();
		choosing = true;
	}

	const fromTemplate = ({ name, document }: Template): StudyDocument => ({
		...document,
		titleBlock: { ...document.titleBlock, ...ownDefaults(), title: name, date: today() }
	});

	/**
	 * Reads in what was taken away: a study is opened, a brief taken up, a hand-in shown, a return put beside its hand-in. A file that is
	 * none of these is refused with the place and the reason.
	 */
	async function readIn([file]: readonly File[]) {
		if (!file) return;
		try {
			const ours = await oursOfFile(file);
			if (ours.what === 'study') await making.open(ours.study);
			else if (ours.what === 'brief') await making.takeUp(ours.brief);
			else if (ours.what === 'hand-in') {
				await keepHandIn(await file.text(), null);
				await goto(`/hand-ins/${ours.content.id}`);
			} else {
				await takeReturned(ours.content);
				await goto(`/hand-ins/${ours.content.handIn}`);
			}
		} catch (error) {
			notices.say(whyNot(file, error));
		}
	}

	function makeNew() {
		const study = emptyStudy('Untitled study', today());
		return making.open({ ...study, titleBlock: { ...study.titleBlock, ...ownDefaults() } });
	}

	async function toBrief({ id }: StudyLine) {
		try {
			const brief = await setAsBrief(id);
			await goto(`/studies/${brief.id}`);
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The brief could not be made.');
		}
	}
</script>

<ListPage
	heading="Studies"
	one="study"
	path="/"
	{list}
	{query}
	{pageOf}
	more={(study) => [
		{ label: 'Put another beside it', run: () => (first = study.id) },
		{ label: 'Set a brief from it', run: () => void toBrief(study) }
	]}
	ondropped={(files) => void readIn(files)}
>
	{#snippet tools()}
		<FileButton
			label="Read in a study or a brief"
			accept=".json,.zip,application/json,application/zip"
			onfiles={readIn}
		/>
		<Button class="act" disabled={making.busy} onclick={showTemplates}>From a template</Button>
		<Button class="act main" disabled={making.busy} onclick={makeNew}>{making.busy ? 'Making…' : 'New study'}</Button>
	{/snippet}
	{#snippet above(lines)}
		{#if first !== null}
			<p class="first" role="status">
				{titleOf(lines) === null ? 'The study you come from' : `“${titleOf(lines)}”`} will stand at the left. Choose the study
				to stand beside it.
				<button class="act" onclick={() => (first = null)}>Never mind</button>
			</p>
		{/if}
	{/snippet}
	{#snippet empty()}
		<h2>There are no studies yet</h2>
		<p>
			A study is a series of plates about colour. A new one begins with three dyes and the tints of the first: turn them
			in the mixer and see what follows.
		</p>
		<p><Button class="act main" disabled={making.busy} onclick={makeNew}>Make the first study</Button></p>
	{/snippet}
</ListPage>

<TemplatesDialog
	title="Start from a template"
	bind:open={choosing}
	{templates}
	onchoose={(template) => void making.open(fromTemplate(template))}
/>

<style>
	.first {
		display: flex;
		align-items: center;
		gap: 12px;
		margin-bottom: 22px;
		padding: 10px 14px;
		background: #fff;
		border-left: 3px solid var(--ink);
	}
</style>
