<script lang="ts">
	import Chart from '$lib/ui/Chart.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { judgedNow } from '../by-eye';
	import { meanErrors } from '../judged';
	import { matchedAt } from '../places';
	import { type MatchingPlate } from '../schema';
	import { goOn, showAttempt } from './acts';
	import { errorsFrame, errorsSeries, ERRORS_HEIGHT } from './errors-chart';

	/** How the errors fall from attempt to attempt, and going on. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const found = $derived(matchedAt(plate, workbench.document.linked));
	const attempts = $derived(found?.at.settings.attempts ?? []);
	const means = $derived(
		attempts.flatMap((attempt, i) => {
			const mean = found && meanErrors(judgedNow(found.match, found.at, attempt));
			return mean ? [{ ...mean, number: i + 1 }] : [];
		})
	);
	const KINDS = [
		{ key: 'value', name: 'Value, L*' },
		{ key: 'chroma', name: 'Chroma' },
		{ key: 'hue', name: 'Hue' }
	] as const;
	const shown = $derived(Math.min(found?.at.settings.shown ?? 0, attempts.length - 1));
	const frame = $derived(errorsFrame(attempts.length));
</script>

<section aria-label="Attempts">
	<h3>{attempts.length === 1 ? 'One attempt' : `${attempts.length} attempts`}</h3>
	{#if means.length > 0}
		{#each KINDS as { key, name } (key)}
			<p class="line">
				<b>{name}</b>
				<span
					>{means.length > 1
						? `mean ${means[0]![key].toFixed(1)} at first, ${means.at(-1)![key].toFixed(1)} now`
						: `mean ${means[0]![key].toFixed(1)}`}</span
				>
			</p>
			{#if means.length > 1}
				<Chart {frame} series={errorsSeries(means.map((mean) => [mean.number, mean[key]]))} height={ERRORS_HEIGHT} />
			{/if}
		{/each}
		<p class="soft">Chroma and hue as distances in OKLab × 100, so that all three can be compared.</p>
	{/if}
	<div class="acts">
		<button class="act main" onclick={() => goOn(workbench, plate, 'here')}>Go on with it</button>
		<button class="act" onclick={() => goOn(workbench, plate, 'grey')}>Again from grey</button>
	</div>
	{#if attempts.length > 1}
		<div class="acts" role="group" aria-label="Which attempt is shown">
			<button class="act" disabled={shown === 0} onclick={() => showAttempt(workbench, plate, shown - 1)}
				>Earlier</button
			>
			<span role="status">Attempt {shown + 1} of {attempts.length}</span>
			<button
				class="act"
				disabled={shown === attempts.length - 1}
				onclick={() => showAttempt(workbench, plate, shown + 1)}>Later</button
			>
		</div>
	{/if}
</section>

<style>
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
		font-size: 12px;
	}
	.soft {
		font-size: 11.5px;
		color: var(--soft);
	}
	.acts {
		display: flex;
		gap: 8px;
		align-items: center;
		margin-top: 4px;
		font-size: 12px;
	}
</style>
