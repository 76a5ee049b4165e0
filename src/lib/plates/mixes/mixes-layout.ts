import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { WAYS, type Way } from '$lib/core/mix/ways';
import { type MixesPlate, type OverlapFigure } from './schema';
import { type Box } from '$lib/drawing/box';

/** Where everything on a plate of mixes stands, in plate units: A4 laid across. */
const LEFT = 28;
const WIDTH = PLATE_WIDTH - 2 * LEFT;

/** The parents as one bar, each as broad as its parts; a parent of no parts keeps a sliver, so that it can be taken hold of. */
const PARENTS = { y: 72, height: 74, least: 10 } as const;

export function parentBoxes(parts: readonly number[], { y, height }: { y: number; height: number } = PARENTS): Box[] {
	const total = parts.reduce((sum, part) => sum + part, 0);
	const room = WIDTH - PARENTS.least * parts.length;
	let x = LEFT;
	return parts.map((part) => {
		const width = PARENTS.least + (room * part) / total;
		const box = { x, y, width, height };
		x += width;
		return box;
	});
}

/** The parts that put the seam after a parent at a place across the plate: what one gains its neighbour loses. */
export function partsAtSeam(parts: readonly number[], seam: number, x: number): [number, number] {
	const boxes = parentBoxes(parts);
	const both = parts[seam]! + parts[seam + 1]!;
	const start = boxes[seam]!.x + PARENTS.least;
	const room = boxes[seam]!.width + boxes[seam + 1]!.width - 2 * PARENTS.least;
	const share = room <= 0 ? 0.5 : Math.min(1, Math.max(0, (x - start) / room));
	const first = Math.round(both * share * 10) / 10;
	return [first, Math.round((both - first) * 10) / 10];
}

/** The same colours in balance, under the areas that a person gave them. */
export const BALANCED: Box = { x: LEFT, y: 292, width: WIDTH, height: 150 };

/** Two blankets side by side: the areas as a person set them, and in balance. */
export const BLANKETS: readonly [Box, Box] = [
	{ x: LEFT, y: 194, width: 356, height: 290 },
	{ x: LEFT + WIDTH - 356, y: 194, width: 356, height: 290 }
];

const CARD = { top: 188, gap: 20, columns: 3, colour: 92, height: 178 } as const;

/** The cards of the ways: the colour of each, with its words under it. */
export function wayBoxes(): Readonly<Record<Way, Box>> {
	const width = (WIDTH - (CARD.columns - 1) * CARD.gap) / CARD.columns;
	return Object.fromEntries(
		WAYS.map((way, i) => [
			way,
			{
				x: LEFT + (i % CARD.columns) * (width + CARD.gap),
				y: CARD.top + Math.floor(i / CARD.columns) * CARD.height,
				width,
				height: CARD.colour
			}
		])
	) as Record<Way, Box>;
}

/** The middle mixture between its parents, the way between them under it, and the guess beside the true one. */
export const MIDDLE = {
	first: { x: LEFT, y: 84, width: 250, height: 210 },
	middle: { x: LEFT + 250, y: 84, width: WIDTH - 500, height: 210 },
	second: { x: LEFT + WIDTH - 250, y: 84, width: 250, height: 210 },
	way: { x: LEFT, y: 348, width: WIDTH, height: 44 },
	guess: { x: LEFT + 250, y: 430, width: (WIDTH - 500) / 2, height: 74 },
	truth: { x: LEFT + 250 + (WIDTH - 500) / 2, y: 430, width: (WIDTH - 500) / 2, height: 74 }
} as const satisfies Record<string, Box>;

const TREE = { top: 78, room: 250, gap: 7 } as const;

/** One box for each row of the tree of middles. */
export function treeBoxes(levels: number): Box[] {
	const height = TREE.room / levels - TREE.gap;
	return Array.from({ length: levels }, (_, i) => ({
		x: LEFT + 112,
		y: TREE.top + i * (height + TREE.gap),
		width: WIDTH - 112,
		height
	}));
}

export const STROKES = {
	row: { x: LEFT + 112, y: 384, width: WIDTH - 112, height: 60 },
	even: { x: LEFT + 112, y: 468, width: WIDTH - 112, height: 44 }
} as const;

/** Where the figures of an overlap stand: in a chain, each crossing the next. */
export interface ChainPlaces {
	readonly figures: readonly Box[];
	readonly crossings: readonly Box[];
}

const CHAIN = { y: 96, height: 330 } as const;
const CROSSED: Readonly<Record<OverlapFigure, number>> = { bars: 0.3, squares: 0.34, circles: 0.34, leaves: 0.42 };

/** A leaf is so many times as high as wide. */
const LEAF = 1.7;

export function chainPlaces(count: number, figure: OverlapFigure): ChainPlaces {
	const share = CROSSED[figure];
	const broad = WIDTH / (count - (count - 1) * share);
	const widest = figure === 'leaves' ? CHAIN.height / LEAF : CHAIN.height;
	const width = figure === 'bars' ? broad : Math.min(broad, widest);
	const step = width * (1 - share);
	const left = LEFT + (WIDTH - (width + (count - 1) * step)) / 2;
	const height = figure === 'bars' ? CHAIN.height * 0.62 : figure === 'leaves' ? width * LEAF : width;
	const middle = CHAIN.y + CHAIN.height / 2;
	// Bars hang at two heights, so that each crosses the next in a corner and all their edges can be seen.
	const drop = figure === 'bars' ? CHAIN.height * 0.19 : 0;
	const figures = Array.from({ length: count }, (_, i) => ({
		x: left + i * step,
		y: middle - height / 2 + (i % 2 === 0 ? -drop : drop),
		width,
		height
	}));
	const crossings = figures.slice(1).map((box, i): Box => {
		const before = figures[i]!;
		const [top, bottom] = [Math.max(box.y, before.y), Math.min(box.y, before.y) + height];
		return { x: box.x, y: top, width: before.x + width - box.x, height: bottom - top };
	});
	return { figures, crossings };
}

/** The fine pattern and its flat mean beside it. */
export const OPTICAL = {
	pattern: { x: LEFT + 24, y: 84, width: 330, height: 330 },
	mean: { x: LEFT + WIDTH - 354, y: 84, width: 330, height: 330 }
} as const;

/** A box drawn back to a share of its size about its middle. */
export function steppedBack({ x, y, width, height }: Box, share: number): Box {
	return {
		x: x + (width * (1 - share)) / 2,
		y: y + (height * (1 - share)) / 2,
		width: width * share,
		height: height * share
	};
}

/** A colour on the plate that can be taken hold of: a parent, a mix, a guess, a crossing. */
export interface MixPlace {
	readonly what: 'parent' | 'mix' | 'guess' | 'crossing';
	/** Which parent or crossing; which way of mixing, for a mix by a way; otherwise what the mix is. */
	readonly key: string;
	readonly box: Box;
}

/** All that can be clicked on a plate of mixes. */
export function mixPlaces(plate: MixesPlate): MixPlace[] {
	const parent = (box: Box, i: number): MixPlace => ({ what: 'parent', key: String(i), box });
	switch (plate.exercise) {
		case 'ways': {
			const boxes = wayBoxes();
			return [
				...parentBoxes(plate.parents.map(({ parts }) => parts)).map(parent),
				...WAYS.map((way): MixPlace => ({ what: 'mix', key: way, box: boxes[way] }))
			];
		}
		case 'middle':
			return [
				parent(MIDDLE.first, 0),
				...(plate.revealed ? [{ what: 'mix', key: 'middle-leaned', box: MIDDLE.middle } as const] : []),
				parent(MIDDLE.second, 1),
				{ what: 'guess', key: 'guess', box: MIDDLE.guess }
			];
		case 'halving': {
			const [first] = treeBoxes(plate.levels);
			const each = first!.width / 3;
			return [
				parent({ ...first!, width: each }, 0),
				{ what: 'mix', key: 'halved', box: { ...first!, x: first!.x + each, width: each } },
				parent({ ...first!, x: first!.x + 2 * each, width: each }, 1)
			];
		}
		case 'overlap': {
			const { figures, crossings } = chainPlaces(plate.parents.length, plate.figure);
			return [
				...figures.map(parent),
				...crossings.map((box, i): MixPlace => ({ what: 'crossing', key: String(i), box }))
			];
		}
		case 'balance':
			return parentBoxes(plate.parents.map(({ parts }) => parts)).map(parent);
		case 'optical':
			return [{ what: 'mix', key: 'mean', box: OPTICAL.mean }];
	}
}
