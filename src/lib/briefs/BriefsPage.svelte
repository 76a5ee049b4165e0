<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { goto } from '$app/navigation';
	import { oursOfFile, whyNot } from '$lib/client/ours-in';
	import { ownDefaults } from '$lib/client/own-defaults';
	import { loadStudy } from '$lib/client/studies';
	import { newId } from '$lib/model/ids';
	import { Making } from '$lib/studies/making.svelte';
	import { today } from '$lib/studies/today';
	import ListPage from '$lib/studies/ListPage.svelte';
	import TemplatesDialog from '$lib/studies/TemplatesDialog.svelte';
	import { briefOf, type Brief } from '$lib/study/brief/brief';
	import { emptyTerms } from '$lib/study/brief/terms';
	import { emptyStudy } from '$lib/study/new-study';
	import { type ListQuery, type StudyLine, type StudyList } from '$lib/study/requests';
	import { type StudyDocument } from '$lib/study/study';
	import { loadBriefs, type Template } from '$lib/templates/templates';
	import FileButton from '$lib/ui/FileButton.svelte';
	import { notices } from '$lib/ui/notices.svelte';

	let { list, query }: { list: StudyList; query: ListQuery } = $props();

	const making = new Making();

	function makeNew() {
		const study = emptyStudy('Untitled brief', today());
		return making.open({
			...study,
			titleBlock: { ...study.titleBlock, ...ownDefaults() },
			brief: emptyTerms(newId())
		});
	}

	let choosing = $state(false);
	let shipped = $state.raw<readonly Template[]>([]);

	async function showShipped() {
		shipped = await loadBriefs();
		choosing = true;
	}

	/** A brief that ships, under its name, as a brief of one's own. */
	const fromShipped = ({ name, document }: Template): StudyDocument => ({
		...document,
		titleBlock: { ...document.titleBlock, ...ownDefaults(), title: name, date: today() },
		brief: { ...(document.brief ?? emptyTerms('')), id: newId() }
	});

	/** A brief that somebody handed out, to be set anew: the same brief, under its own name. */
	const asSet = ({ title, by, course, unit, terms, linked, plates }: Brief) => ({
		titleBlock: { title, maker: by, course, unit, date: today() },
		linked,
		plates,
		brief: terms
	});

	async function readIn([file]: readonly File[]) {
		if (!file) return;
		try {
			const ours = await oursOfFile(file);
			if (ours.what === 'brief') await making.open(asSet(ours.brief));
			else
				notices.say(
					`“${file.name}” is no brief. It is read in where the studies are; a brief can be set from a study there.`
				);
		} catch (error) {
			notices.say(whyNot(file, error));
		}
	}

	async function takeUp({ id }: StudyLine) {
		try {
			const brief = briefOf((await loadStudy(id)).document);
			if (brief) await making.takeUp(brief);
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The brief could not be taken up.');
		}
	}
</script>

<ListPage
	heading="Briefs"
	one="brief"
	path="/briefs"
	{list}
	{query}
	more={(brief) => [
		{ label: 'Pin up what was handed in', run: () => void goto(`/studies/${brief.id}/pin-up`) },
		{ label: 'Take it up as a student', run: () => void takeUp(brief) }
	]}
	ondropped={(files) => void readIn(files)}
>
	{#snippet tools()}
		<FileButton label="Read in a brief" accept=".json,application/json" onfiles={readIn} />
		<Button class="act" disabled={making.busy} onclick={showShipped}>One that ships</Button>
		<Button class="act main" disabled={making.busy} onclick={makeNew}>{making.busy ? 'Making…' : 'New brief'}</Button>
	{/snippet}
	{#snippet empty()}
		<h2>There are no briefs yet</h2>
		<p>
			A brief is an exercise as you set it: the plates to be made, what is given on them, and what they are checked by.
			It is handed out as one file. A study can be made into one, from its menu in the list of studies.
		</p>
		<p><Button class="act main" disabled={making.busy} onclick={makeNew}>Make the first brief</Button></p>
	{/snippet}
</ListPage>

<TemplatesDialog
	bind:open={choosing}
	title="Set a brief that ships"
	templates={shipped}
	onchoose={(brief) => void making.open(fromShipped(brief))}
/>
