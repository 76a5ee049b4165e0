<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import { goto } from '$app/navigation';
	import { deleteStudy, duplicateStudy, renameStudy, restoreStudy } from '$lib/client/studies';
	import { SORTS, type ListQuery, type StudyLine, type StudyList } from '$lib/study/requests';
	import { carriesFiles } from '$lib/ui/carries-files';
	import { type MenuItem } from '$lib/ui/Menu.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import PageHead from '$lib/ui/PageHead.svelte';
	import { afterPause } from '$lib/ui/pause';
	import SelectField from '$lib/ui/SelectField.svelte';
	import UnreadableList from '$lib/ui/UnreadableList.svelte';
	import StudyCard from './StudyCard.svelte';
	import { ShownStudies } from './study-list.svelte';

	interface Props {
		/** "Studies" */
		heading: string;
		/** One of them: "study" */
		one: string;
		/** The address of the page. */
		path: string;
		list: StudyList;
		query: ListQuery;
		/** Where a click on one leads; its own page unless said. */
		pageOf?: (id: string) => string;
		/** What more can be done with one. */
		more: (study: StudyLine) => readonly MenuItem[];
		/** How new ones are made, and files read in. */
		tools: Snippet;
		/** What is said over the list. */
		above?: Snippet<[readonly StudyLine[]]>;
		/** What is said where there are none yet. */
		empty: Snippet;
		/** Takes files that are dropped. */
		ondropped: (files: readonly File[]) => void;
	}

	/** Studies, or those that are set as briefs, in pictures: found, sorted, renamed, duplicated, deleted with undo. */
	let {
		heading,
		one,
		path,
		list,
		query,
		pageOf = (id) => `/studies/${id}`,
		more,
		tools,
		above,
		empty,
		ondropped
	}: Props = $props();

	// svelte-ignore state_referenced_locally
	const shown = new ShownStudies(list, query);
	$effect(() => {
		const [latest, by] = [list, query];
		untrack(() => shown.begin(latest, by));
	});

	const SORT_WORDS = { changed: 'Last changed first', title: 'By title' } as const;

	// What was asked for last: a further change builds on it although its answer has not come yet.
	// svelte-ignore state_referenced_locally
	let asked = query;
	$effect(() => {
		asked = query;
	});

	/** Lists them another way. The address says how, so that it can be kept and gone back to. */
	function show(change: Partial<ListQuery>) {
		const next = { ...asked, ...change };
		asked = next;
		const words = next.words ? `&words=${encodeURIComponent(next.words)}` : '';
		return goto(`${path}?sort=${next.sort}${words}`, { replaceState: true, keepFocus: true, noScroll: true });
	}

	const search = afterPause<string>((words) => void show({ words }));

	const complain = (error: unknown) => notices.say(error instanceof Error ? error.message : 'That could not be done.');

	/** Does something to one of them and lists them afresh. */
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

	function drop(event: DragEvent) {
		if (!carriesFiles(event)) return;
		event.preventDefault();
		ondropped([...(event.dataTransfer?.files ?? [])]);
	}
</script>

<svelte:window ondragover={(event) => carriesFiles(event) && event.preventDefault()} ondrop={drop} />
<svelte:head><title>{heading} · Ricercar</title></svelte:head>

<div class="page">
	<PageHead here={heading} />
	<main id="content" tabindex="-1">
		<div class="tools">
			<h1>{heading}</h1>
			<input
				class="field find"
				type="search"
				value={query.words}
				placeholder="Find by title, maker, course or unit"
				aria-label="Find {heading.toLowerCase()}"
				maxlength="120"
				oninput={(event) => search(event.currentTarget.value)}
			/>
			<SelectField
				kind="sort"
				label="Order of the {heading.toLowerCase()}"
				choices={SORTS}
				words={SORT_WORDS}
				value={query.sort}
				onchoose={(sort) => void show({ sort })}
			/>
			{@render tools()}
		</div>
		{@render above?.(shown.lines)}
		{#if shown.lines.length > 0 || shown.unreadable.length > 0}
			<ul>
				{#each shown.lines as study (study.id)}
					<li>
						<StudyCard
							{study}
							page={pageOf(study.id)}
							more={more(study)}
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
				ondelete={(id) => void remove(id, `The ${one} ${id}`)}
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
				<h2>No {one} has “{query.words}” in its title block</h2>
				<p><button class="act" onclick={() => show({ words: '' })}>Show all {heading.toLowerCase()}</button></p>
			</div>
		{:else}
			<div class="empty">{@render empty()}</div>
		{/if}
	</main>
</div>

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
	.empty :global(h2) {
		font-size: 22px;
	}
	@media (max-width: 800px) {
		main {
			padding-inline: 16px;
		}
	}
</style>
