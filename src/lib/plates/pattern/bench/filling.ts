import { alikeBy, laidElsewhere } from '$lib/core/pattern/symmetry';
import { sameAround } from '$lib/core/pattern/lay';
import { plateOf } from '$lib/model/edit';
import { notices } from '$lib/ui/notices.svelte';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { contentOf } from '../design';
import { gridOfPlate } from '../field';
import { painted, replaceColour, setContent } from '../pattern-edits';
import { placeIn, type PatternPlace } from '../places';
import { type PatternPlate } from '../schema';
import { countWords } from '../words';
import { toolOf, type Block } from './tool.svelte';

type Content = readonly (number | null)[];

/** What is held of a pattern; null while the mixer holds a linked colour. */
export const placeOn = ({ placeHeld }: Workbench): PatternPlace | null => placeHeld as PatternPlace | null;

/** The number of the colour that fills: what is held, or the one of the linked colour that is. */
export function fillNumber(workbench: Workbench, plate: PatternPlate): number | null {
	const { held } = workbench;
	if (held?.kind === 'linked') {
		const at = plate.colours.findIndex(({ source }) => 'linked' in source && source.linked === held.id);
		return at < 0 ? null : at;
	}
	const place = placeOn(workbench);
	return place ? (placeIn(plate, place)?.index ?? null) : null;
}

/** The plate as it is decided now, whatever has been shown of it yet. */
export const latest = (workbench: Workbench, plate: PatternPlate): PatternPlate =>
	plateOf<PatternPlate>('pattern', workbench.decided.plates, plate.id) ?? plate;

const known = new WeakMap<object, { readonly grid: object; readonly alike: ReturnType<typeof alikeBy> }>();

/** Cells that are the same as each by the plate's symmetry. */
function alikeOn(plate: PatternPlate): ReturnType<typeof alikeBy> {
	const grid = gridOfPlate(plate);
	const found = known.get(plate.symmetry);
	if (found?.grid === grid) return found.alike;
	const alike = alikeBy(grid, plate.symmetry);
	known.set(plate.symmetry, { grid, alike });
	return alike;
}

/** These cells and all that are the same as them. */
export function withAlike(plate: PatternPlate, cells: readonly number[]): readonly number[] {
	const alike = alikeOn(plate);
	return cells.length === 1 ? alike[cells[0]!]! : [...new Set(cells.flatMap((cell) => alike[cell]!))];
}

/** What a stroke gives cells: null takes their colour away; undefined where no colour is held that could. */
export function strokeColour(workbench: Workbench, plate: PatternPlate): number | null | undefined {
	if (toolOf(workbench).act === 'empty') return null;
	return fillNumber(workbench, plate) ?? undefined;
}

export function sayNothingHeld(): void {
	notices.say('Choose a colour to fill with first: the linked colour in the mixer is not one of this design.');
}

/** Fills cells on a content that is given, as one edit; those of one act are undone together. */
export function fill(
	workbench: Workbench,
	plate: PatternPlate,
	{ content, cells, what = null }: { content: Content; cells: readonly number[]; what?: string | null }
): Content {
	const colour = strokeColour(workbench, plate);
	if (colour === undefined) {
		sayNothingHeld();
		return content;
	}
	const next = painted(content, withAlike(plate, cells), colour);
	workbench.edit(colour === null ? 'Empty cells' : 'Fill cells', setContent(plate.id, next), what);
	return next;
}

/** Fills all that hangs together with a cell and has the same colour. */
export function fillArea(workbench: Workbench, plate: PatternPlate, cell: number): void {
	const content = contentOf(plate);
	fill(workbench, plate, { content, cells: sameAround(gridOfPlate(plate), content, cell) });
}

/** Holds the colour of a cell. */
export function takeUp(workbench: Workbench, plate: PatternPlate, cell: number): void {
	const own = contentOf(plate)[cell] ?? null;
	if (own === null) return notices.say('This cell has no colour to take up.');
	workbench.hold({ kind: 'colour', id: plate.colours[own]!.id, climate: null } satisfies PatternPlace);
	toolOf(workbench).act = 'fill';
}

/** Gives every cell that has the colour of this one the colour that is held. */
export function replaceLike(workbench: Workbench, plate: PatternPlate, cell: number): void {
	const to = fillNumber(workbench, plate);
	const from = contentOf(plate)[cell] ?? null;
	if (to === null) return sayNothingHeld();
	toolOf(workbench).act = 'fill';
	if (from === to) return notices.say('It has this colour already.');
	const count = contentOf(plate).filter((own) => own === from).length;
	workbench.edit('Replace a colour', replaceColour(plate.id, from, to));
	notices.say(`${countWords(count, 'cell')} replaced.`, { label: 'Undo', run: () => workbench.undo() });
}

export function takeBlock(workbench: Workbench, plate: PatternPlate, cells: readonly number[]): void {
	const content = contentOf(plate);
	toolOf(workbench).block = {
		plate: plate.id,
		cells,
		content: cells.map((cell) => content[cell] ?? null),
		turns: 0,
		mirrored: false
	};
}

/** The smallest turn of a grid, as how many make a whole one. */
export const turnsInWhole = ({ grid, drawing }: PatternPlate): number =>
	!drawing && (grid.kind.startsWith('triangle') || grid.kind === 'hexagon') ? 6 : 4;

/** The cell of a block nearest to its middle: it is laid where one clicks. */
function anchorOf(plate: PatternPlate, { cells }: Block): number {
	const { cells: all } = gridOfPlate(plate);
	const mean = (axis: 0 | 1): number => cells.reduce((sum, cell) => sum + all[cell]!.middle[axis], 0) / cells.length;
	const [x, y] = [mean(0), mean(1)];
	const off = (cell: number): number => Math.hypot(all[cell]!.middle[0] - x, all[cell]!.middle[1] - y);
	return cells.reduce((best, cell) => (off(cell) < off(best) ? cell : best), cells[0]!);
}

/** Lays the block that was taken with its middle on a cell; what finds no cell of its size is left out, and that is said. */
export function layBlock(workbench: Workbench, plate: PatternPlate, to: number): void {
	const { block } = toolOf(workbench);
	if (!block) return;
	const { turns, mirrored } = block;
	const move = { from: anchorOf(plate, block), to, turns, mirrored, inWhole: turnsInWhole(plate) };
	const there = laidElsewhere(gridOfPlate(plate), block.cells, move);
	let next = contentOf(plate) as (number | null)[];
	there.forEach((cell, i) => {
		if (cell !== null) next = painted(next, withAlike(plate, [cell]), block.content[i]!);
	});
	workbench.edit('Lay a block', setContent(plate.id, next));
	const left = there.filter((cell) => cell === null).length;
	if (left > 0)
		notices.say(`${countWords(left, 'cell')} of the block found no place here: turned so, or over the edge.`);
}
