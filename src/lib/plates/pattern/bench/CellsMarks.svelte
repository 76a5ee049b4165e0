<script lang="ts">
	import { type Point } from '$lib/core/pattern/outline';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { percentOf } from '$lib/ui/percent-of';
	import { fieldOf } from '../field';
	import { DESIGN } from '../pattern-layout';
	import { type PatternPlate } from '../schema';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { toolOf } from './tool.svelte';

	interface Props {
		workbench: Workbench;
		plate: PatternPlate;
		/** The ends of a run, or the corners of a block, while they are drawn. */
		drawn: { readonly from: Point; readonly to: Point } | null;
		/** The cell that the cursor or the pointer is on. */
		marked: number | null;
	}

	/** What is seen over a design while working and never taken away: the grid, what is being drawn, and which cell is meant. */
	let { workbench, plate, drawn, marked }: Props = $props();

	const tool = $derived(toolOf(workbench));
	const field = $derived(fieldOf(plate));
	const grid = $derived(field.grid);
	const left = (x: number): string => percentOf(x, PLATE_WIDTH);
	const top = (y: number): string => percentOf(y, PLATE_HEIGHT);

	/** The box of a cell for the brackets about it. */
	const boxOf = (cell: number) => {
		const { outline } = grid.cells[cell]!;
		const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
		const [x, y] = [Math.min(...xs), Math.min(...ys)];
		return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
	};
	/** The lines of the grid, each once. */
	const isLined = $derived(plate.line);
	const lines = $derived(
		isLined
			? grid.sides
					.flatMap((sides, cell) =>
						sides
							.filter(({ other }) => other === null || other > cell)
							.map(({ from, to }) => `M${field.corners[from]!}L${field.corners[to]!}`)
					)
					.join('')
			: ''
	);
	/** A bracket under the design for one repeat across. */
	const repeat = $derived.by((): string => {
		const { across } = plate.symmetry;
		if (!grid.pitch || across === 0) return '';
		const [x, y] = [DESIGN.x, DESIGN.y + DESIGN.height + 4];
		return `M${x} ${y}v6h${across * grid.pitch.column.along}v-6`;
	});
	const isBlockHere = $derived(tool.stroke === 'block' && tool.block?.plate === plate.id);
</script>

<svg class="lines" viewBox="0 0 {PLATE_WIDTH} {PLATE_HEIGHT}" aria-hidden="true">
	{#if lines !== ''}<path d={lines} />{/if}
	{#if repeat !== ''}<path class="repeat" d={repeat} />{/if}
	{#if isBlockHere}<path class="block" d={tool.block!.cells.map((cell) => field.paths[cell] ?? '').join('')} />{/if}
	{#if drawn && tool.stroke === 'block'}
		<rect
			class="drawn"
			x={Math.min(drawn.from[0], drawn.to[0])}
			y={Math.min(drawn.from[1], drawn.to[1])}
			width={Math.abs(drawn.to[0] - drawn.from[0])}
			height={Math.abs(drawn.to[1] - drawn.from[1])}
		/>
	{:else if drawn}
		<line class="under" x1={drawn.from[0]} y1={drawn.from[1]} x2={drawn.to[0]} y2={drawn.to[1]} />
		<line class="drawn" x1={drawn.from[0]} y1={drawn.from[1]} x2={drawn.to[0]} y2={drawn.to[1]} />
	{/if}
</svg>
{#if marked !== null}
	{@const { x, y, width, height } = boxOf(marked)}
	<span
		class="marked"
		style:left={left(x)}
		style:top={top(y)}
		style:width={left(width)}
		style:height={top(height)}
		style:--fill={tool.act === 'empty' ? 'transparent' : undefined}
	></span>
{/if}

<style>
	.lines {
		position: absolute;
		inset: 0 0 auto;
		width: 100%;
		pointer-events: none;
	}
	.lines path {
		fill: none;
		stroke: #80808066;
		stroke-width: 0.7;
	}
	.lines .repeat {
		stroke: var(--ink);
		stroke-width: 1;
	}
	.lines .block {
		stroke: #fff;
		stroke-width: 1.6;
		stroke-dasharray: 4 3;
	}
	.drawn,
	.under {
		fill: none;
		stroke: #fff;
		stroke-width: 1.4;
	}
	rect.drawn {
		stroke: #1c1c1c;
		stroke-dasharray: 5 3;
	}
	.under {
		stroke: #1c1c1c;
		stroke-width: 3;
	}
	/* Brackets that stand away from the cell. */
	.marked {
		position: absolute;
		pointer-events: none;
	}
	.marked::before,
	.marked::after {
		content: '';
		position: absolute;
		inset-block: -4px;
		width: 6px;
		border: 2px solid #1c1c1c;
		outline: 1px solid #ffffffb0;
	}
	.marked::before {
		left: -7px;
		border-right: 0;
	}
	.marked::after {
		right: -7px;
		border-left: 0;
	}
</style>
