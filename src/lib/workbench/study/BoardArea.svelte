<script lang="ts">
	import { captionHeight } from '$lib/drawing/caption';
	import { PLATE_HEIGHT } from '$lib/drawing/plate-size';
	import { benchOf } from '$lib/plates/benches.svelte';
	import FirstColours from './FirstColours.svelte';
	import PlateFoot from './PlateFoot.svelte';
	import { type Sides } from './sides.svelte';
	import { type Workbench } from './workbench.svelte';

	/** What lies on the board: the open plate, or two side by side, or what to do where there is none. */
	let { workbench, sides, onalone }: { workbench: Workbench; sides: Sides; onalone: () => void } = $props();

	const bench = $derived(workbench.plate && benchOf(workbench.plate));
</script>

{#if sides.pair}
	{#await import('./SideBySide.svelte') then { default: SideBySide }}
		{#if sides.pair}<SideBySide {sides} pair={sides.pair} {onalone} />{/if}
	{/await}
{:else if bench && workbench.plate}
	<div class="board">
		<div
			class="plate {workbench.zoom}"
			class:tried={workbench.isTried}
			style:--tall={PLATE_HEIGHT + captionHeight(workbench.plate.caption)}
		>
			<bench.view {workbench} plate={workbench.plate} />
		</div>
	</div>
	<PlateFoot {workbench} plate={workbench.plate} />
{:else}
	<div class="none">
		<h1>No plates yet</h1>
		{#if workbench.document.linked.length === 0}<FirstColours {workbench} />{/if}
		<p>
			A plate is one page of the study. {workbench.document.linked.length === 0
				? 'Or look through the exercises first, and take one.'
				: 'Look through the exercises, drawn in your colours, and take one.'} A picture that is dropped here brings its own
			colours.
		</p>
		<button class="act" class:main={workbench.document.linked.length > 0} onclick={() => (workbench.adding = true)}
			>Add a plate</button
		>
	</div>
{/if}

<style>
	.board {
		flex: 1;
		display: grid;
		place-items: safe center safe center;
		min-height: 0;
		padding: 8px 16px 4px;
		overflow: auto;
		container-type: size;
	}
	/* The sheet fits the board both ways; a longer plate scrolls. */
	.plate {
		position: relative;
		width: min(100cqw, 100cqh * 792 / var(--tall));
		outline: 1px solid #00000030;
	}
	.plate.whole {
		width: 792px;
	}
	.plate.double {
		width: 1584px;
	}
	/* What is only tried stands between dashed brackets. */
	.plate.tried:not(:has(:global(.row.chosen)))::before,
	.plate.tried:not(:has(:global(.row.chosen)))::after {
		content: '';
		position: absolute;
		top: 0;
		bottom: 0;
		width: 7px;
		border: 2px dashed var(--ink);
	}
	.plate.tried::before {
		right: 100%;
		border-right: 0 !important;
	}
	.plate.tried::after {
		left: 100%;
		border-left: 0 !important;
	}
	.none {
		display: grid;
		justify-items: start;
		gap: 8px;
		width: 460px;
		max-width: calc(100% - 24px);
		margin: auto;
		padding: 24px 28px;
		background: #fff;
		outline: 1px solid #00000030;
	}
	.none h1 {
		font-size: 22px;
	}
	@media (max-width: 800px) {
		.board {
			padding: 8px 10px 4px;
		}
	}
</style>
