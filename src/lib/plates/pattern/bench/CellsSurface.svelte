<script lang="ts">
	import { finderOf } from '$lib/core/pattern/finder';
	import { alongDirection, cellsAlong, cellsBetween, cellsOnLine, DIRECTIONS, nextCell } from '$lib/core/pattern/lay';
	import { type Point } from '$lib/core/pattern/outline';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { notices } from '$lib/ui/notices.svelte';
	import { percentOf } from '$lib/ui/percent-of';
	import { focusMixer } from '$lib/workbench/mixer/focus-mixer';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { contentOf } from '../design';
	import { fieldOf } from '../field';
	import { DESIGN } from '../pattern-layout';
	import { type PatternPlate } from '../schema';
	import { countWords } from '../words';
	import { wordsOfCell } from './cell-words';
	import CellsMarks from './CellsMarks.svelte';
	import { fill, fillArea, latest, layBlock, replaceLike, takeBlock, takeUp } from './filling';
	import { toolOf } from './tool.svelte';

	/** The cells to be filled: by click, by drag, and by a cursor that goes by keys and says where it is. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const tool = $derived(toolOf(workbench));
	const field = $derived(fieldOf(plate));
	const grid = $derived(field.grid);
	const find = $derived(finderOf(grid));
	const directions = $derived(plate.drawing ? [0, 90] : DIRECTIONS[plate.grid.kind]);

	let surface = $state<HTMLElement>();
	/** The cell that the cursor is on; by its number, brought back where a grid has fewer. */
	let at = $state(0);
	const cursor = $derived(Math.min(at, grid.cells.length - 1));
	let focused = $state(false);
	let hovered = $state<number | null>(null);
	/** The ends of a run, or the corners of a block, while they are drawn. */
	let drawn = $state.raw<{ readonly from: Point; readonly to: Point } | null>(null);
	let said = $state('');

	interface Stroke {
		readonly start: number;
		readonly from: Point;
		/** The content that strokes are laid on: of a run that of the beginning, otherwise with what was filled. */
		content: readonly (number | null)[];
		last: number;
	}
	let going: Stroke | null = null;

	function pointUnder({ clientX, clientY }: PointerEvent): Point {
		const bounds = surface!.getBoundingClientRect();
		return [
			DESIGN.x + ((clientX - bounds.left) / bounds.width) * DESIGN.width,
			DESIGN.y + ((clientY - bounds.top) / bounds.height) * DESIGN.height
		];
	}

	/** A click that is no stroke: with a block in hand, to take up a colour, to replace one, to fill an area. */
	function clicked(cell: number): boolean {
		const now = latest(workbench, plate);
		if (tool.act === 'take-up') takeUp(workbench, now, cell);
		else if (tool.act === 'replace') replaceLike(workbench, now, cell);
		else if (tool.stroke === 'block' && tool.block?.plate === plate.id) layBlock(workbench, now, cell);
		else if (tool.stroke === 'areas') fillArea(workbench, now, cell);
		else return false;
		return true;
	}

	function begin(event: PointerEvent) {
		if (event.button !== 0 || event.ctrlKey || event.metaKey || event.altKey) return;
		const point = pointUnder(event);
		const cell = find(point);
		if (cell === null) return;
		event.preventDefault();
		surface!.focus({ preventScroll: true });
		at = cell;
		if (clicked(cell)) return;
		surface!.setPointerCapture(event.pointerId);
		const content = contentOf(latest(workbench, plate));
		going = { start: cell, from: point, content, last: cell };
		if (tool.stroke === 'block') drawn = { from: point, to: point };
		else stroke(event, point, cell);
	}

	/** The cells of a run to a point, along the grid's directions where Shift is down. */
	function runTo({ start, from }: Stroke, point: Point, cell: number | null, snaps: boolean): number[] {
		if (snaps) {
			const middle = grid.cells[start]!.middle;
			return cellsOnLine(grid, middle, alongDirection(directions, middle, point));
		}
		return cell === null ? cellsOnLine(grid, from, point) : cellsAlong(grid, start, cell);
	}

	function stroke({ shiftKey }: PointerEvent, point: Point, cell: number | null) {
		const now = going!;
		if (tool.stroke === 'runs' || shiftKey) {
			const cells = runTo(now, point, cell, shiftKey);
			fill(workbench, plate, { content: now.content, cells, what: 'stroke' });
			drawn = { from: grid.cells[now.start]!.middle, to: grid.cells[cells.at(-1) ?? now.start]!.middle };
			return;
		}
		if (cell === null) return;
		const cells = cell === now.last ? [cell] : cellsAlong(grid, now.last, cell);
		now.content = fill(workbench, plate, { content: now.content, cells, what: 'stroke' });
		now.last = cell;
	}

	function move(event: PointerEvent) {
		const point = pointUnder(event);
		const cell = find(point);
		if (hovered !== cell) hovered = cell;
		if (!going) return;
		if (tool.stroke === 'block') drawn = { from: going.from, to: point };
		else if (tool.stroke === 'runs' || event.shiftKey || (cell !== null && cell !== going.last))
			stroke(event, point, cell);
	}

	function end() {
		if (going && tool.stroke === 'block' && drawn) {
			const cells = cellsBetween(grid, drawn.from, drawn.to);
			if (cells.length === 0) notices.say('Draw a rectangle over the cells of a block.');
			else {
				takeBlock(workbench, latest(workbench, plate), cells);
				notices.say(`${countWords(cells.length, 'cell')} taken as a block. Click where its middle shall lie.`);
			}
		}
		going = null;
		drawn = null;
	}

	const ARROWS: Readonly<Record<string, Point>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};

	const say = (cell: number, before = ''): void => {
		said = `${before}${wordsOfCell(latest(workbench, plate), cell, workbench.document.linked)}`;
	};

	function fillAtCursor(what: string | null = null) {
		const now = latest(workbench, plate);
		fill(workbench, now, { content: contentOf(now), cells: [cursor], what });
		say(cursor, tool.act === 'empty' ? 'emptied: ' : 'filled: ');
	}

	function goTo(direction: Point, fills: boolean) {
		const next = nextCell(grid, cursor, direction);
		if (next === null) {
			said = 'the edge';
			return;
		}
		at = next;
		if (fills) fillAtCursor('run');
		else say(next);
	}

	function chooseByNumber(key: string): boolean {
		const colour = /^\d$/.test(key) ? plate.colours[(Number(key) + 9) % 10] : undefined;
		if (!colour) return false;
		tool.act = 'fill';
		workbench.hold({ kind: 'colour', id: colour.id, climate: null });
		said = `fills with colour ${plate.colours.indexOf(colour) + 1}`;
		return true;
	}

	/** The first corner of a block that is taken by keys. */
	let corner: number | null = null;

	/** Marks a corner of a block, or takes the block between that one and the cursor. */
	function cornerOfBlock() {
		if (corner === null || corner >= grid.cells.length) {
			corner = cursor;
			say(cursor, 'corner of a block: ');
			return;
		}
		const [from, to] = [grid.cells[corner]!.middle, grid.cells[cursor]!.middle];
		const taken = cellsBetween(grid, from, to);
		corner = null;
		tool.stroke = 'block';
		takeBlock(workbench, latest(workbench, plate), taken);
		said = `${countWords(taken.length, 'cell')} taken as a block; Space lays it with its middle on a cell`;
	}

	const KEYS: Readonly<Record<string, () => void>> = {
		' ': () => {
			if (clicked(cursor)) say(cursor);
			else fillAtCursor();
		},
		Enter: () => focusMixer(),
		Delete: () => {
			tool.act = 'empty';
			fillAtCursor();
			tool.act = 'fill';
		},
		a: () => {
			fillArea(workbench, latest(workbench, plate), cursor);
			say(cursor, 'area filled: ');
		},
		b: () => cornerOfBlock(),
		r: () => replaceLike(workbench, latest(workbench, plate), cursor),
		t: () => {
			takeUp(workbench, latest(workbench, plate), cursor);
			say(cursor, 'taken up: ');
		}
	};

	/** Arrow keys go from cell to cell, with Shift they fill on the way; Space fills, Delete empties, numbers choose a colour. */
	function onkeydown(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const direction = ARROWS[event.key];
		const act = KEYS[event.key.length === 1 ? event.key.toLowerCase() : event.key];
		if (direction) goTo(direction, event.shiftKey);
		else if (act) act();
		else if (!chooseByNumber(event.key)) return;
		event.preventDefault();
		event.stopPropagation();
	}

	const left = (x: number): string => percentOf(x, PLATE_WIDTH);
	const top = (y: number): string => percentOf(y, PLATE_HEIGHT);

	const marked = $derived(focused && hovered === null ? cursor : hovered);
</script>

<CellsMarks {workbench} {plate} {drawn} {marked} />
<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<div
	class="cells"
	data-cells
	role="application"
	tabindex="0"
	bind:this={surface}
	style:left={left(DESIGN.x)}
	style:top={top(DESIGN.y)}
	style:width={left(DESIGN.width)}
	style:height={top(DESIGN.height)}
	aria-label="Cells of the design: arrow keys go from cell to cell, with Shift they fill on the way; Space fills, Delete empties, 1 to 9 and 0 choose a colour, A fills an area, R replaces all like it, T takes up its colour, B marks the corners of a block, which Space lays, Enter goes to the mixer"
	onpointerdown={begin}
	onpointermove={move}
	onpointerup={end}
	onpointercancel={end}
	onpointerleave={() => (hovered = null)}
	onfocus={() => {
		focused = true;
		say(cursor);
	}}
	onblur={() => (focused = false)}
	{onkeydown}
></div>
<p class="unseen" aria-live="assertive" data-said>{said}</p>

<style>
	.cells {
		position: absolute;
		cursor: crosshair;
		touch-action: none;
	}
	.cells:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: 5px;
	}
</style>
