<script lang="ts">
	import { onMount } from 'svelte';
	import { errorsOf, leansOf, quartiles, SERIES } from '$lib/core/matching/practice';
	import { thresholdOf } from '$lib/core/matching/staircase';
	import { sayDay } from '$lib/drawing/say-day';
	import Chart from '$lib/ui/Chart.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { holdRegion } from '../../../bench/held-region';
	import { matchingExercises } from '../../../exercises';
	import { nextSeed, UNSET } from '../../../match-state';
	import Questions from '../../../bench/Questions.svelte';
	import { type MatchingPlate } from '../../../schema';
	import { practice } from '../practice';
	import { practised, type Practice } from '../practised';
	import { keptPractice } from './kept-practice.svelte';
	import { PRACTICE_HEIGHT, practiceFrame, practiceSeries } from './practice-chart';

	/** Going from subject to subject; what a series and all series came to. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const at = $derived(matchingExercises.on(practice, plate, workbench.document.linked));
	const done = $derived(at?.made.done.length ?? 0);
	const list = $derived(keptPractice.list);
	const results = $derived(list.flatMap((series) => series.results));
	const leans = $derived(leansOf(results).slice(0, 3));
	const threshold = $derived(thresholdOf(keptPractice.trials));
	const frame = $derived(practiceFrame(list.length));
	const KINDS = [
		{ key: 'value', name: 'Value, L*' },
		{ key: 'chroma', name: 'Chroma × 100' },
		{ key: 'hue', name: 'Hue, degrees' }
	] as const;

	onMount(() => keptPractice.load());
	let picker = $state<HTMLInputElement | null>(null);

	/** Keeps what is set for the subject at hand; after the last one the series is kept in this browser. */
	function check() {
		if (!at) return;
		const set = (latest: Practice): Practice => ({
			...latest,
			// A new series goes on where the last one ended.
			before: latest.texts.length === 0 && latest.before.length === 0 ? keptPractice.trials : latest.before,
			stage: 'checked',
			texts: [...latest.texts, latest.text ?? UNSET].slice(0, SERIES),
			text: null
		});
		const next = set(at.settings);
		const finished = next.texts.length === SERIES && !next.kept;
		const kept = finished ? keptPractice.keep(practised(next).done.map(({ result }) => result)) : null;
		decide(workbench, plate, practice, 'Check a subject', (latest) => ({
			...set(latest),
			kept: kept ? { id: kept.id, made: kept.made } : latest.kept
		}));
	}

	function next() {
		decide(workbench, plate, practice, 'Next subject', (latest): Practice => ({ ...latest, stage: 'eye' }));
		holdRegion(workbench, 0);
	}

	function newSeries() {
		decide(workbench, plate, practice, 'Begin a new series', (latest): Practice => ({
			...latest,
			stage: 'eye',
			seed: nextSeed(latest.seed),
			before: keptPractice.trials,
			texts: [],
			text: null,
			kept: null
		}));
		holdRegion(workbench, 0);
	}

	async function bring(field: HTMLInputElement) {
		const file = field.files?.[0];
		field.value = '';
		if (file) await keptPractice.bring(file);
	}
</script>

{#if at}
	<div class="acts">
		{#if !at.made.now}
			<button class="act main" onclick={newSeries}>Begin a new series</button>
		{:else if at.settings.stage === 'checked'}
			<button class="act main" onclick={next}>Next subject</button>
		{:else}
			<button class="act main" disabled={at.settings.text === null} onclick={check}>Check</button>
		{/if}
		<p role="status">{done} of {SERIES} done{at.settings.kept ? '; kept in this browser' : ''}</p>
	</div>
	{#if at.settings.stage !== 'checked'}
		<Questions lit={null} />
	{:else}
		<section aria-label="All practice">
			<h3>All practice</h3>
			{#if list.length === 0}
				<p>None kept yet. When all ten subjects are done the series is kept in this browser.</p>
			{:else}
				<p>{list.length} series since {sayDay(list.at(-1)!.made)}.</p>
				{#if threshold !== null}<p>Three in four hold at about <b>{threshold.toFixed(1)} ΔE00</b>.</p>{/if}
				{#each leans as { words } (words)}<p class="lean">{words}</p>{/each}
				{#each KINDS as { key, name } (key)}
					{@const now = quartiles(errorsOf(results, key))}
					<p class="line">
						<b>{name}</b>{#if now}<span
								>median {now.median.toFixed(1)}, half from {now.low.toFixed(1)} to {now.high.toFixed(1)}</span
							>{/if}
					</p>
					{#if list.length > 1}<Chart {frame} series={practiceSeries(list, key)} height={PRACTICE_HEIGHT} />{/if}
				{/each}
				{#if list.length > 1}<p class="soft">
						Across: series, the newest at the right. Full: the median. Dashed: half of the subjects lie between.
					</p>{/if}
			{/if}
			<div class="acts">
				<button class="act" disabled={list.length === 0} onclick={() => keptPractice.takeAlong()}
					>Take along as a file</button
				>
				<button class="act" onclick={() => picker?.click()}>Bring from a file</button>
				<button class="act" disabled={list.length === 0} onclick={() => keptPractice.removeAll()}>Delete all</button>
				<input
					bind:this={picker}
					class="unseen"
					type="file"
					accept=".json,application/json"
					tabindex="-1"
					aria-label="File of practice"
					onchange={(event) => void bring(event.currentTarget)}
				/>
			</div>
			<p class="soft">
				Only this browser keeps it. It is practice on this screen, in this room, and no test of anyone’s eyes.
			</p>
		</section>
	{/if}
{/if}

<style>
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 10px;
		align-items: center;
	}
	p {
		font-size: 12px;
	}
	.soft {
		font-size: 11.5px;
		color: var(--soft);
	}
	.lean {
		font: 500 14px/1.35 var(--font-serif);
	}
	section {
		display: grid;
		gap: 6px;
		padding-top: 9px;
		border-top: 1px solid var(--rule);
	}
	h3 {
		font-size: 16px;
	}
	.line {
		display: flex;
		justify-content: space-between;
		gap: 8px;
	}
</style>
