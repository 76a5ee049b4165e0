<script lang="ts">
	import { afterPause } from '$lib/ui/pause';
	import Button from 'flowbite-svelte/Button.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { readStudyApart } from '$lib/client/reading';
	import { MOST_OF_ZIP } from '$lib/client/zip-limits';
	import { deleteStudy, duplicateStudy, keepNew, renameStudy, restoreStudy } from '$lib/client/studies';
	import { ownDefaults } from '$lib/client/own-defaults';
	import { emptyStudy } from '$lib/study/new-study';
	import { LONGEST_STUDY_FILE } from '$lib/study/study-file';
	import { Problem } from '$lib/core/problem';
	import { SORTS, type ListQuery, type StudyList } from '$lib/study/requests';
	import { notices } from '$lib/ui/notices.svelte';
	import PageHead from '$lib/ui/PageHead.svelte';
	import { type StudyDocument } from '$lib/study/study';
	import { loadTemplates, type Template } from '$lib/templates/templates';
	import UnreadableList from '$lib/ui/UnreadableList.svelte';
	import StudyCard from './StudyCard.svelte';
	import { ShownStudies } from './study-list.svelte';
	import TemplatesDialog from './TemplatesDialog.svelte';

	let { list, query }: { list: StudyList; query: ListQuery } = $props();

	// svelte-ignore state_referenced_locally
	const shown = new ShownStudies(list, query);
	$effect(() => {
		const [latest, by] = [list, query];
		untrack(() => shown.begin(latest, by));
	});

	/** The study that another is to stand beside, while that other is looked for. */
	let first = $state(page.url.searchParams.get('beside'));
	const firstTitle = $derived(shown.lines.find(({ id }) => id === first)?.title ?? null);
	const pageOf = (id: string): string =>
		first === null || first === id ? `/studies/${id}` : `/studies/${first}?beside=${id}`;

	const SORT_WORDS = { changed: 'Last changed first', title: 'By title' } as const;
	let making = $state(false);

	/** What was asked for last: a further change builds on it although its answer has not come yet. */
	// svelte-ignore state_referenced_locally
	let asked = query;
	$effect(() => {
		asked = query;
	});

	/** Lists the studies another way. The address says how, so that it can be kept and gone back to. */
	function show(change: Partial<ListQuery>) {
		const next = { ...asked, ...change };
		asked = next;
		const words = next.words ? `&words=${encodeURIComponent(next.words)}` : '';
		return goto(`/?sort=${next.sort}${words}`, { replaceState: true, keepFocus: true, noScroll: true });
	}

	const search = afterPause<string>((words) => void show({ words }));

	const today = (): string => new Date().toISOString().slice(0, 10);

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

	async function make(document: StudyDocument) {
		making = true;
		try {
			const study = await keepNew(document);
			await goto(`/studies/${study.id}`);
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The study could not be made.');
		} finally {
			making = false;
		}
	}

	/** A zip begins with these letters (APPNOTE 6.3, 4.3.7), whatever it is called. */
	const isZip = async (file: File): Promise<boolean> => (await file.slice(0, 4).text()) === 'PK\u0003\u0004';

	/** @throws Problem `file`, Error in words */
	async function studyOfFile(file: File): Promise<StudyDocument> {
		const zipped = await isZip(file);
		const most = zipped ? MOST_OF_ZIP : LONGEST_STUDY_FILE;
		if (file.size > most) throw new Problem('file', 'The file is too large.', `at most ${most / 1_000_000} megabytes`);
		if (!zipped) return readStudyApart(await file.text());
		const { studyOfZip } = await import('$lib/client/study-zip');
		return studyOfZip(new Uint8Array(await file.arrayBuffer()));
	}

	/** Reads a study that was taken away as JSON, or as a zip with its pictures; a file that is none is refused with the place and the reason. */
	async function readIn(field: HTMLInputElement) {
		const file = field.files?.[0];
		field.value = '';
		if (!file) return;
		try {
			await make(await studyOfFile(file));
		} catch (error) {
			if (!(error instanceof Error)) throw error;
			const expected = error instanceof Problem ? ` Expected: ${error.expected}.` : '';
			notices.say(`“${file.name}” was not read in. ${error.message}${expected}`);
		}
	}

	function makeNew() {
		const study = emptyStudy('Untitled study', today());
		return make({ ...study, titleBlock: { ...study.titleBlock, ...ownDefaults() } });
	}

	const complain = (error: unknown) => notices.say(error instanceof Error ? error.message : 'That could not be done.');

	/** Does something to a study and lists them afresh. */
	async function carryOut(work: Promise<unknown>, done?: () => void) {
		try {
			await work;
			done?.();
			await shown.again();
		} catch (error) {
			complain(error);
		}
	}

	/** Gone from the list at once; back where it was if that could not be done, or is undone. */
	async function remove(id: string, name: string) {
		const putBack = shown.without(id);
		try {
			await deleteStudy(id);
			notices.say(`${name} deleted.`, {
				label: 'Undo',
				run: () => void restoreStudy(id).then(putBack).catch(complain)
			});
		} catch (error) {
			putBack();
			complain(error);
		}
	}

	/** Asks for the next helping when the end of the list comes near. */
	function goesOn(end: HTMLElement) {
		const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting && void shown.more().catch(complain), {
			rootMargin: '1200px'
		});
		observer.observe(end);
		return () => observer.disconnect();
	}
</script>

<svelte:head><title>Studies · Ricercar</title></svelte:head>

<div class="page">
	<PageHead here="studies" />
	<main id="content" tabindex="-1">
		<div class="tools">
			<h1>Studies</h1>
			<input
				class="field find"
				type="search"
				value={query.words}
				placeholder="Find by title, maker, course or unit"
				aria-label="Find studies"
				maxlength="120"
				oninput={(event) => search(event.currentTarget.value)}
			/>
			<SelectField
				kind="sort"
				label="Order of the studies"
				choices={SORTS}
				words={SORT_WORDS}
				value={query.sort}
				onchoose={(sort) => void show({ sort })}
			/>
			<label class="act file">
				Read in a study
				<input
					type="file"
					accept=".json,.zip,application/json,application/zip"
					onchange={(event) => void readIn(event.currentTarget)}
				/>
			</label>
			<Button class="act" disabled={making} onclick={showTemplates}>From a template</Button>
			<Button class="act main" disabled={making} onclick={makeNew}>{making ? 'Making…' : 'New study'}</Button>
		</div>
		{#if first !== null}
			<p class="first" role="status">
				{firstTitle === null ? 'The study you come from' : `“${firstTitle}”`} will stand at the left. Choose the study to
				stand beside it.
				<button class="act" onclick={() => (first = null)}>Never mind</button>
			</p>
		{/if}
		{#if shown.lines.length > 0 || shown.unreadable.length > 0}
			<ul>
				{#each shown.lines as study (study.id)}
					<li>
						<StudyCard
							{study}
							page={pageOf(study.id)}
							onbeside={() => (first = study.id)}
							onrename={(title) => void carryOut(renameStudy(study.id, title))}
							onduplicate={() =>
								void carryOut(duplicateStudy(study.id), () => notices.say(`“${study.title}” duplicated.`))}
							ondelete={() => void remove(study.id, `“${study.title}”`)}
						/>
					</li>
				{/each}
			</ul>
			<UnreadableList
				ids={shown.unreadable}
				pageOf={(id) => `/studies/${id}`}
				ondelete={(id) => void remove(id, `The study ${id}`)}
			/>
			{#if shown.next !== null}
				<!-- Made anew for each helping, so that an end that stays in sight asks again. -->
				{#key shown.next}
					<p class="more" {@attach goesOn}>
						<Button class="act" disabled={shown.busy} onclick={() => void shown.more().catch(complain)}>
							{shown.busy ? 'More are coming …' : 'Show more'}
						</Button>
					</p>
				{/key}
			{/if}
		{:else if query.words}
			<div class="empty">
				<h2>No study has “{query.words}” in its title block</h2>
				<p><button class="act" onclick={() => show({ words: '' })}>Show all studies</button></p>
			</div>
		{:else}
			<div class="empty">
				<h2>There are no studies yet</h2>
				<p>
					A study is a series of plates about colour. A new one begins with three dyes and the tints of the first: turn
					them in the mixer and see what follows.
				</p>
				<p><Button class="act main" disabled={making} onclick={makeNew}>Make the first study</Button></p>
			</div>
		{/if}
	</main>
</div>

<TemplatesDialog bind:open={choosing} {templates} onchoose={(template) => void make(fromTemplate(template))} />

<style>
	.page {
		min-height: 100%;
		background: var(--panel-low);
	}
	main {
		max-width: 1240px;
		margin: 0 auto;
		padding: 26px 32px 60px;
	}
	.tools {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 12px;
		margin-bottom: 26px;
	}
	h1 {
		flex: 1;
		font-size: 32px;
		line-height: 1;
	}
	.find {
		width: 270px;
	}
	.tools :global(.sort) {
		width: 160px;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(100%, 330px), 1fr));
		gap: 34px 30px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	.first {
		display: flex;
		align-items: center;
		gap: 12px;
		margin-bottom: 22px;
		padding: 10px 14px;
		background: #fff;
		border-left: 3px solid var(--ink);
	}
	.more {
		margin-top: 30px;
		text-align: center;
	}
	.empty {
		display: grid;
		gap: 12px;
		max-width: 470px;
		padding: 28px 32px;
		background: #fff;
		outline: 1px solid #00000030;
	}
	.empty h2 {
		font-size: 22px;
	}
	@media (max-width: 800px) {
		main {
			padding-inline: 16px;
		}
	}
</style>
