<script lang="ts">
	import PaletteChoice from '$lib/workbench/palettes/PaletteChoice.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { onDestroy } from 'svelte';
	import { linearToHex } from '$lib/core/colour/bytes';
	import { fit } from '$lib/core/colour/shown';
	import { GROUND_SEARCHES, type GroundSearch, type Proposal } from '$lib/core/ground/propose';
	import { colourOf } from '$lib/model/resolve';
	import { seenHex } from '$lib/drawing/view';
	import { type GroundsPlate } from '../../../schema';
	import { groundExercises } from '../../../exercises';
	import { oneAsTwo } from '../one-as-two';
	import { type GroundAnswer, type GroundQuestion } from './ground-search';
	import { sayStrengths } from '../../../say-strengths';
	import { decideGrounds, setExercise } from '../../../grounds-edits';
	import { lookApart } from '../../../remarks-on-pair';
	import { pairOf } from '../../../seen';
	import { type ColourSource } from '$lib/model/colour-text';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { SEARCH_WORDS } from './search-words';

	/** Grounds that the machine proposes for one as two, ranked, the person's own attempt among them. Searched in a worker. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	type Codes = readonly [string, string];

	const sameGrounds = (one: Codes, other: Codes): boolean => one[0] === other[0] && one[1] === other[1];

	const MOST = 5;
	const PLACES = [...GROUND_SEARCHES, 'kept'] as const;
	/** Where to look: as the core has it, or in the palette that the plate keeps. */
	let search = $state<GroundSearch | 'kept'>('free');
	const places = $derived(PLACES.filter((each) => each !== 'kept' || plate.palette));
	const words = $derived({ ...SEARCH_WORDS, kept: `in ${plate.palette?.name ?? 'a palette'}` });
	let proposals = $state.raw<readonly Proposal[]>([]);
	/** The figure and the strength that the proposals were found for. */
	let found = $state('');
	let progress = $state<number | null>(null);
	let complaint = $state('');
	let worker: Worker | null = null;

	const made = $derived(groundExercises.on(oneAsTwo, plate, workbench.document.linked)!.made);
	const asked = $derived(`${made.pair[0].figure.hex} ${sayStrengths(plate.strengths)}`);
	const settings = $derived(groundExercises.settingsOf(oneAsTwo, plate));
	const now = $derived<Codes>([made.pair[0].ground.hex, made.pair[1].ground.hex]);
	const theirs = $derived(
		proposals.map(({ grounds, apart }) => ({
			own: false,
			codes: [linearToHex(...grounds[0]), linearToHex(...grounds[1])] as const,
			apart
		}))
	);
	const isTheirs = $derived(theirs.some(({ codes }) => sameGrounds(codes, now)));
	/** One's own grounds: those on the plate, or those that stood there before proposed ones were taken. */
	const attempt = $derived<Codes>(isTheirs ? (settings.attempt ?? now) : now);
	/** What was found, best first, with one's own grounds at their place. */
	const ranked = $derived.by(() => {
		const sources = attempt.map((text) => ({ text })) as [ColourSource, ColourSource];
		const pair = pairOf({ ...plate, grounds: sources }, workbench.document.linked);
		const own = isTheirs && !settings.attempt ? [] : [{ own: true, codes: attempt, apart: lookApart(pair) }];
		return [...theirs, ...own].sort((one, other) => other.apart - one.apart);
	});

	function stop() {
		worker?.terminate();
		worker = null;
		progress = null;
	}

	function start() {
		stop();
		complaint = '';
		progress = 0;
		found = asked;
		const question: GroundQuestion = {
			figure: [...made.pair[0].figure.linear],
			search: search === 'kept' ? 'palette' : search,
			palette: (search === 'kept' ? (plate.palette?.colours ?? []) : workbench.document.linked).map(
				({ text }) => fit(colourOf(text)).linear
			),
			strengths: { ...plate.strengths },
			most: MOST
		};
		worker = new Worker(new URL('./ground-search.ts', import.meta.url), { type: 'module' });
		worker.addEventListener('message', ({ data }: MessageEvent<GroundAnswer>) => {
			if (data.kind === 'progress') progress = data.share;
			else {
				if (data.kind === 'done') proposals = data.proposals;
				else complaint = data.words;
				stop();
			}
		});
		worker.addEventListener('error', () => {
			complaint = 'The search could not be started.';
			stop();
		});
		worker.postMessage(question);
	}

	onDestroy(stop);

	/** Lays grounds under the figure; what somebody had found themselves is kept beside them. */
	function take(codes: Codes, own: boolean) {
		const laid = decideGrounds(plate.id, { grounds: [{ text: codes[0] }, { text: codes[1] }] });
		const kept: [string, string] = [attempt[0], attempt[1]];
		const keep = setExercise(plate.id, oneAsTwo, (before) => ({ ...before, attempt: kept }));
		workbench.edit(own ? 'Take one’s own grounds back' : 'Take proposed grounds', (study) => laid(keep(study)));
	}
</script>

<section aria-label="Proposed grounds">
	<div class="ask">
		<SelectField
			kind="where"
			label="Where to look for grounds"
			choices={places}
			{words}
			value={search}
			onchoose={(place) => (search = place)}
		/>
		{#if progress === null}
			<button class="act" onclick={start}>Propose</button>
		{:else}
			<progress max="1" value={progress} aria-label="Searching"></progress>
			<button class="act" onclick={stop}>Cancel</button>
		{/if}
	</div>
	<PaletteChoice
		{workbench}
		label={plate.palette ? 'Look in another palette' : 'Look in a palette'}
		onchoose={({ name, colours }) =>
			workbench.edit('Look for grounds in a palette', decideGrounds(plate.id, { palette: { name, colours } }))}
		ontaken={() => (search = 'kept')}
	/>
	{#if complaint}<p role="alert">{complaint}</p>{/if}
	{#if proposals.length > 0}
		{#if found !== asked}<p>The figure or the strengths have changed since these were found.</p>{/if}
		<ol>
			{#each ranked as { own, codes, apart }, i (i)}
				<li class:own>
					<span class="pair" aria-hidden="true">
						{#each codes as code, c (c)}<i style:background={seenHex(workbench.view, code)}></i>{/each}
					</span>
					<span>{own ? 'your own' : codes.join(' ')}, {apart.toFixed(1)} ΔE00 apart</span>
					{#if !sameGrounds(codes, now)}<button
							class="act small"
							aria-label={own ? 'Take your own grounds back' : `Take grounds ${codes.join(' and ')}`}
							onclick={() => take(codes, own)}>{own ? 'Back' : 'Take'}</button
						>{/if}
				</li>
			{/each}
		</ol>
	{/if}
</section>

<style>
	section {
		display: grid;
		gap: 7px;
		padding-top: 9px;
		border-top: 1px solid var(--rule);
		font-size: 12px;
	}
	.ask {
		display: flex;
		align-items: center;
		gap: 6px;
	}
	.ask :global(.where) {
		flex: 1;
		min-width: 0;
	}
	progress {
		flex: 1;
		min-width: 0;
		accent-color: var(--ink);
	}
	ol {
		display: grid;
		gap: 4px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 52px minmax(0, 1fr) auto;
		align-items: center;
		gap: 8px;
		min-height: 24px;
	}
	.own {
		font-weight: 600;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		height: 24px;
	}
	.small {
		min-height: 24px;
		padding: 0 6px;
	}
</style>
