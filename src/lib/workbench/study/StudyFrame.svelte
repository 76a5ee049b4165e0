<script lang="ts">
	import { type Snippet } from 'svelte';
	import { inksOn } from '$lib/drawing/inks';
	import { INK } from '$lib/drawing/words';
	import { type Workbench } from './workbench.svelte';

	interface Props {
		workbench: Workbench;
		/** The colour of the board. */
		board: string;
		/** Whether two plates stand side by side. */
		paired: boolean;
		/** The head of the page, and what lies over it while exercises are looked through. */
		top: Snippet;
		side: Snippet;
		bar: Snippet;
		plate: Snippet;
		beside: Snippet;
		mixer: Snippet;
	}

	/** How the parts of the study page stand to each other, on every size of screen. */
	let { workbench, board, paired, top, side, bar, plate, beside, mixer }: Props = $props();

	let wasUnset = false;
	/** Where nothing is to be set the mixer gives its height to the plate; not while something is only tried, which must move nothing. */
	const unset = $derived.by(() => {
		if (!workbench.isTried) wasUnset = workbench.held === null;
		return wasUnset;
	});
</script>

<div class="study" class:adding={workbench.adding} class:paired class:alone={workbench.alone} class:unset>
	{@render top()}
	<div class="side">{@render side()}</div>
	<section class="bar" aria-label="What decides the plate">{@render bar()}</section>
	<main id="content" tabindex="-1" style:background={board} style:--on-board={inksOn(board)[INK]}>
		{@render plate()}
	</main>
	<aside>{@render beside()}</aside>
	<footer>{@render mixer()}</footer>
</div>

<style>
	.study {
		display: grid;
		grid-template: 52px auto minmax(0, 1fr) 156px / 164px minmax(0, 1fr) 280px;
		height: 100vh;
		height: 100dvh;
		overflow: hidden;
	}
	.study > :global(header) {
		grid-column: 1 / -1;
	}
	.unset {
		grid-template-rows: 52px auto minmax(0, 1fr) 40px;
	}
	/* The plate alone, with the mixer: all else is put away, and stays as it is. */
	.alone {
		grid-template-rows: 0 0 minmax(0, 1fr) 156px;
		grid-template-columns: 0 minmax(0, 1fr) 0;
	}
	.alone.unset {
		grid-template-rows: 0 0 minmax(0, 1fr) 40px;
	}
	.alone > :global(:is(header, .bar, .side, aside)) {
		visibility: hidden;
	}
	/* Two plates take the room of what stands beside one. */
	.paired {
		grid-template-columns: 164px minmax(0, 1fr) 0;
	}
	.paired aside {
		display: none;
	}
	/* While exercises are looked through the rest is put away, and stays as it is. */
	.adding > :global(:not(header, .add)) {
		display: none;
	}
	.side {
		display: flex;
		grid-row: 2 / 4;
		flex-direction: column;
		min-height: 0;
		background: var(--panel-low);
		border-right: 1px solid var(--rule);
	}
	.bar {
		grid-column: 2 / -1;
		min-width: 0;
	}
	main {
		display: flex;
		flex-direction: column;
		min-height: 0;
	}
	/* What changes in one part never moves another, so the browser need not look. */
	.side,
	main,
	aside,
	footer {
		contain: strict;
	}
	aside {
		overflow-y: auto;
		background: var(--panel);
		border-left: 1px solid var(--rule);
	}
	footer {
		grid-column: 1 / -1;
		min-width: 0;
	}
	@media (max-width: 1180px) {
		.study {
			grid-template-columns: 140px minmax(0, 1fr) 250px;
		}
	}
	@media (min-width: 1600px) and (min-height: 900px) {
		.study {
			grid-template: 56px auto minmax(0, 1fr) 196px / 232px minmax(0, 1fr) 400px;
		}
		.unset {
			grid-template-rows: 56px auto minmax(0, 1fr) 44px;
		}
		.paired {
			grid-template-columns: 232px minmax(0, 1fr) 0;
		}
		.alone {
			grid-template: 0 0 minmax(0, 1fr) 196px / 0 minmax(0, 1fr) 0;
		}
	}
	/*
	 * On a telephone, and seen at 200 %: the plate stays at the top and the mixer at the bottom, so that what is turned and what follows
	 * are seen together; the rest is scrolled between them.
	 */
	@media (max-width: 800px) {
		.study {
			display: flex;
			flex-direction: column;
			height: auto;
			min-height: 100dvh;
			overflow: visible;
		}
		.side,
		main,
		aside,
		footer {
			contain: none;
		}
		main {
			position: sticky;
			top: 0;
			z-index: 2;
			order: 1;
			flex: none;
			height: min(56dvh, calc(71vw + 50px));
		}
		.bar {
			order: 2;
		}
		aside {
			order: 3;
			flex: 1;
		}
		.side {
			grid-row: auto;
			order: 4;
		}
		footer {
			position: sticky;
			bottom: 0;
			z-index: 2;
			order: 5;
			max-height: 36dvh;
			overflow-y: auto;
		}
		.paired main {
			position: static;
			height: auto;
		}
		.alone > :global(:is(header, .bar, .side, aside)) {
			display: none;
		}
		.alone main {
			flex: 1;
		}
	}
	/* Wide and low: the plate over the mixer at the left, the rest scrolled at the right. */
	@media (max-width: 800px) and (max-height: 560px) and (min-aspect-ratio: 5/4) {
		.study {
			display: grid;
			grid-template: auto auto auto 1fr / minmax(0, 58fr) minmax(0, 42fr);
		}
		.study > :global(header) {
			grid-column: 1 / -1;
		}
		main {
			grid-area: 2 / 1 / 5 / 2;
			align-self: start;
			height: 64dvh;
		}
		footer {
			grid-area: 2 / 1 / 5 / 2;
			align-self: end;
		}
		.bar,
		aside,
		.side {
			grid-column: 2;
		}
	}
</style>
