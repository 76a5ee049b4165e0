<script lang="ts">
	import { onMount } from 'svelte';
	import { download } from '$lib/client/files';
	import { begunHere, downloadPortfolio, handInFileName, loadHandIn, sayHeld, type WithFile } from '$lib/client/handed';
	import { sayDay } from '$lib/drawing/say-day';
	import { drawnOtherwise, type HandIn } from '$lib/study/handed/hand-in';
	import { isLate } from '$lib/study/handed/on-wall';
	import { type HandInLine } from '$lib/study/handed/requests';
	import { Making } from '$lib/studies/making.svelte';
	import Menu from '$lib/ui/Menu.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import PageHead from '$lib/ui/PageHead.svelte';
	import Verdict from '$lib/workbench/readings/Verdict.svelte';
	import { whileMade } from '$lib/workbench/study/while-made';
	import AskedOfEach from './AskedOfEach.svelte';
	import FrozenPlate from './FrozenPlate.svelte';

	interface Props {
		line: HandInLine;
		/** What the same maker handed in for the same brief, the oldest first. */
		others: readonly HandInLine[];
	}

	/** What was handed in, as it was then: it can be looked at, begun from, and compared. What came back with it stands beside it. */
	let { line, others }: Props = $props();

	let found = $state.raw<WithFile | null>(null);
	let trouble = $state('');
	const making = new Making();

	onMount(() => {
		void loadHandIn(line.id)
			.then((read) => (found = read))
			.catch((error: unknown) => (trouble = error instanceof Error ? error.message : 'It cannot be read.'));
	});

	const handIn = $derived(found?.content ?? null);

	/** Another one of the same maker, beside it. */
	let beside = $state.raw<HandIn | null>(null);
	/** All of them in the order of time: that is how they are told apart, as several may be of one day. */
	const order = $derived([...others, line].map(({ at }) => at).sort());
	const numbered = ({ at }: { readonly at: string }): string => `No. ${order.indexOf(at) + 1}, ${sayDay(at)}`;

	let chosen = '';

	async function compare(id: string) {
		chosen = id;
		try {
			const read = id === '' ? null : (await loadHandIn(id)).content;
			// Another may have been chosen while it was read.
			if (chosen === id) beside = read;
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'It cannot be read.');
		}
	}
	const otherwise = $derived(handIn ? drawnOtherwise(handIn) : { plates: 0, checks: 0 });
	const isOverdue = $derived(isLate(line.at, handIn?.study.answers?.terms.due ?? ''));
	const notes = $derived(line.returned?.notes ?? []);
	const numberOf = (id: string): number => notes.findIndex((note) => note.id === id) + 1;
	const ofWhole = $derived(notes.filter(({ plate }) => !handIn?.study.plates.some(({ id }) => id === plate)));

	async function begin() {
		if (!handIn) return;
		try {
			await making.open(await begunHere(handIn));
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'It could not be begun from.');
		}
	}

	const portfolio = (notes: boolean) =>
		void whileMade('the portfolio', (making) => downloadPortfolio(line.maker, notes, making));

	function file() {
		if (found) download(handInFileName(found.content), new Blob([found.text], { type: 'application/json' }));
	}
</script>

<svelte:head><title>{line.title}, handed in · Ricercar</title></svelte:head>

<div class="page">
	<PageHead here="Studies" />
	<main id="content" tabindex="-1">
		<div class="head">
			<div>
				<h1>{line.title}</h1>
				<p>
					{line.maker}, handed in on <time datetime={line.at}>{sayDay(line.at)}</time>{isOverdue
						? ', after the day on which it was due'
						: ''}{handIn ? `: ${sayHeld(handIn)}` : ''}
				</p>
			</div>
			<button class="act" disabled={!handIn || making.busy} onclick={() => void begin()}>Begin from it</button>
			<button class="act" disabled={!found} onclick={file}>Save the file</button>
			<Menu
				kind="act"
				label="Portfolio"
				items={[
					{ label: 'All that was handed in, with notes, as PDF', run: () => portfolio(true) },
					{ label: 'The same without notes', run: () => portfolio(false) }
				]}
			/>
			{#if others.length > 0}
				<label class="compared">
					Beside it
					<select class="field" onchange={(event) => void compare(event.currentTarget.value)}>
						<option value="">nothing</option>
						{#each others as other (other.id)}
							<option value={other.id}>{numbered(other)}</option>
						{/each}
					</select>
				</label>
			{/if}
			{#if line.study}<a class="act" href="/studies/{line.study}">To the study</a>{/if}
		</div>
		{#if !line.asWritten}
			<p class="said">
				The file is not as it was handed in: something in it was changed since. That can happen by accident.
			</p>
		{/if}
		{#if otherwise.plates + otherwise.checks > 0}
			<p class="said">
				It is shown as it was. This version would draw {otherwise.plates} of its plates otherwise, and judge {otherwise.checks}
				of its checks otherwise.
			</p>
		{/if}
		{#if line.returned}
			<section class="returned" aria-label="Given back">
				<h2>Given back{line.returned.by ? ` by ${line.returned.by}` : ''}, {sayDay(line.returned.at)}</h2>
				{#if line.returned.mark}<p class="mark">{line.returned.mark}</p>{/if}
				{#each ofWhole as note (note.id)}<p class="note">{numberOf(note.id)}. {note.text}</p>{/each}
			</section>
		{/if}
		{#if trouble}
			<p class="said" role="alert">! It cannot be shown. {trouble}</p>
		{:else if !handIn}
			<p role="status">Reading it …</p>
		{:else}
			{#each handIn.study.plates as plate, i (plate.id)}
				{@const place = beside ? beside.study.plates.findIndex(({ id }) => id === plate.id) : -1}
				{@const asked = handIn.asked.filter((each) => each.plate === plate.id)}
				{@const own = notes.filter((note) => note.plate === plate.id)}
				<article class:two={beside}>
					<FrozenPlate {handIn} plate={i} pins={own.map((note) => ({ note, number: numberOf(note.id) }))} />
					{#if beside && place >= 0}<FrozenPlate handIn={beside} plate={place} />{:else if beside}<p>
							There is no such plate in the other.
						</p>{/if}
					<div class="beside">
						{#if beside}
							<AskedOfEach
								columns={[
									{ name: numbered(line), asked },
									{ name: numbered(beside), asked: beside.asked.filter((each) => each.plate === plate.id) }
								]}
							/>
						{:else if asked.length > 0}
							<ul>
								{#each asked as { asks, of, holds, reason }, k (k)}
									<li>
										<Verdict verdict={holds ? 'holds' : 'look'} />
										<span><b>{asks}{of ? `, ${of}` : ''}</b> <small>{reason}</small></span>
									</li>
								{/each}
							</ul>
						{/if}
						{#each own as note (note.id)}
							<p class="note">{numberOf(note.id)}. {note.text}</p>
							{#if note.at?.name}<small>pinned to {note.at.name}</small>{/if}
						{/each}
					</div>
				</article>
			{/each}
			{#if handIn.study.reflection}
				<section class="reflection">
					<h2>Reflection</h2>
					<p>{handIn.study.reflection}</p>
				</section>
			{/if}
		{/if}
	</main>
</div>

<style>
	.page {
		min-height: 100%;
		background: var(--panel-low);
	}
	main {
		max-width: 1160px;
		margin: 0 auto;
		padding: 26px 32px 60px;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 10px;
		margin-bottom: 20px;
	}
	.head div {
		flex: 1;
	}
	h1 {
		font-size: 30px;
		line-height: 1.1;
	}
	h2 {
		font-size: 18px;
	}
	.head p,
	small {
		font-size: 12.5px;
		color: var(--soft);
	}
	.compared {
		display: grid;
		gap: 2px;
		font-size: 12px;
		color: var(--soft);
	}
	.said,
	.returned {
		margin-bottom: 16px;
		padding: 10px 14px;
		background: #fff;
		border-left: 3px solid var(--ink);
	}
	.mark {
		font-weight: 600;
	}
	.note {
		font: italic 400 15px/1.42 var(--font-serif);
		white-space: pre-line;
	}
	article {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 300px;
		gap: 22px;
		margin-bottom: 26px;
	}
	.two {
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 270px;
	}
	.beside {
		display: grid;
		align-content: start;
		gap: 12px;
	}
	ul {
		display: grid;
		gap: 7px;
		margin: 0;
		padding: 0;
		list-style: none;
		font-size: 12.5px;
	}
	li {
		display: grid;
		grid-template-columns: 17px 1fr;
		gap: 6px;
	}
	b {
		font-weight: 560;
	}
	small {
		display: block;
	}
	.reflection p {
		max-width: 620px;
		font: 400 15px/1.5 var(--font-serif);
		white-space: pre-line;
	}
	@media (max-width: 800px) {
		main {
			padding-inline: 16px;
		}
		article,
		.two {
			grid-template-columns: 1fr;
		}
	}
</style>
