<script lang="ts">
	import { patchBy, patchOf } from '$lib/drawing/patch';
	import { seenHex } from '$lib/drawing/view';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { matchingExercises } from '../../../exercises';
	import { type MatchingPlate } from '../../../schema';
	import { strokes } from '../strokes';
	import { brushOf } from './brush.svelte';

	/** What is in the brush and how strongly it covers; the last stroke back; and the check. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const brush = $derived(brushOf(workbench));
	const linked = $derived(workbench.document.linked);
	const at = $derived(matchingExercises.on(strokes, plate, linked));
	const holds = $derived.by(() => {
		if (!at) return '#8a8a8a';
		const { holds: held } = brush;
		if (typeof held === 'object') return patchOf(at.made.strip[held.field]!).hex;
		return patchBy(at.settings.parents[held === 'first' ? 0 : 1], linked).hex;
	});
	const said = $derived(
		typeof brush.holds === 'object' ? `picked up at field ${brush.holds.field + 1}` : `the ${brush.holds} colour`
	);

	const back = () =>
		decide(workbench, plate, strokes, 'Take back a stroke', (latest) => ({
			...latest,
			strokes: latest.strokes.slice(0, -1)
		}));
	const stage = (to: 'eye' | 'checked') =>
		decide(workbench, plate, strokes, to === 'eye' ? 'Go on blending' : 'Check the strip', (latest) => ({
			...latest,
			stage: to
		}));
</script>

{#if at && at.settings.stage === 'eye'}
	<section aria-label="Brush">
		<h3>Brush</h3>
		<div class="brush">
			<i style:background={seenHex(workbench.view, holds)}></i>
			<span role="status">{said}</span>
		</div>
		<div class="acts" role="group" aria-label="Load the brush">
			<button class="act" aria-pressed={brush.holds === 'first'} onclick={() => (brush.holds = 'first')}>First</button>
			<button class="act" aria-pressed={brush.holds === 'second'} onclick={() => (brush.holds = 'second')}
				>Second</button
			>
		</div>
		<p>Pick up what is on the strip: click it with Alt held, or press P on it.</p>
		<label>
			Strength
			<input
				type="range"
				min="0.05"
				max="1"
				step="0.05"
				bind:value={brush.strength}
				aria-valuetext="{Math.round(100 * brush.strength)} % covers"
			/>
		</label>
		<div class="acts">
			<button class="act main" disabled={at.settings.strokes.length === 0} onclick={() => stage('checked')}
				>Check</button
			>
			<button class="act" disabled={at.settings.strokes.length === 0} onclick={back}>Last stroke back</button>
		</div>
	</section>
{:else if at && at.settings.stage === 'checked'}
	<button class="act main" onclick={() => stage('eye')}>Go on with it</button>
{/if}

<style>
	section {
		display: grid;
		gap: 8px;
		padding-top: 8px;
		border-top: 1px solid var(--rule);
		font-size: 12.5px;
	}
	h3 {
		font-size: 16px;
	}
	.brush {
		display: flex;
		gap: 10px;
		align-items: center;
	}
	i {
		width: 72px;
		height: 44px;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
	label {
		display: flex;
		gap: 8px;
		align-items: center;
	}
	input {
		flex: 1;
		accent-color: var(--ink);
	}
	.acts {
		display: flex;
		gap: 8px;
	}
	button[aria-pressed='true'] {
		box-shadow: inset 0 -3px var(--ink);
	}
	button.main {
		justify-self: start;
	}
</style>
