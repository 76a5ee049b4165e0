import { type GridKind } from '$lib/core/pattern/grid';
import { type Rule } from '$lib/core/pattern/lay';
import { type Mirror } from '$lib/core/pattern/symmetry';
import { wordsOfHex } from '$lib/drawing/patch';
import { type LinkedColour } from '$lib/model/linked';
import { givenName } from '$lib/model/resolve';
import { patchesOf, sourcesOfClimate } from './design';
import { type PatternPlate } from './schema';

export const GRID_WORDS: Readonly<Record<GridKind, string>> = {
	square: 'Squares',
	brick: 'Bricks',
	'triangle-level': 'Triangles, level',
	'triangle-upright': 'Triangles, upright',
	hexagon: 'Hexagons',
	rings: 'Rings and sectors',
	bands: 'Crossing bands',
	arcs: 'Scales of arcs'
};

/** By rule, with the boxes of a triangular grid. */
export const LAYINGS = ['boxes', 'across', 'down', 'from-middle', 'round', 'arch', 'wave', 'spiral', 'random'] as const;
export type Laying = Rule | 'boxes';
export const LAYING_WORDS: Readonly<Record<Laying, string>> = {
	boxes: 'Boxes',
	across: 'Left to right',
	down: 'Downwards',
	'from-middle': 'Outwards',
	round: 'Round',
	arch: 'Along an arch',
	wave: 'Along a wave',
	spiral: 'Along a spiral',
	random: 'At random'
};

export const MIRROR_WORDS: Readonly<Record<Mirror, string>> = {
	none: 'no mirror',
	upright: 'mirrored sideways',
	level: 'mirrored downwards',
	both: 'mirrored both ways'
};
export const TURN_WORDS = {
	'1': 'not turned',
	'2': 'turned twice',
	'3': 'turned 3 times',
	'4': 'turned 4 times',
	'6': 'turned 6 times'
} as const;

/** "8 columns of squares", or the name of the drawing. */
export const hasBoxes = ({ grid, drawing }: Pick<PatternPlate, 'grid' | 'drawing'>): boolean =>
	!drawing && (grid.kind === 'triangle-level' || grid.kind === 'triangle-upright');

/** What a colour is called: by its name, or by what it looks like. */
export function nameOfColour(plate: PatternPlate, index: number, linked: readonly LinkedColour[], climate = 0): string {
	const source = sourcesOfClimate(plate, climate)[index]!;
	return givenName(source, linked) ?? wordsOfHex(patchesOf(plate, linked, climate)[index]!.hex);
}

/** A share as it is read: whole per cents, and "under 1 %" for what is less. */
export const perCent = (share: number): string =>
	share > 0 && share < 0.005 ? 'under 1 %' : `${Math.round(100 * share)} %`;

export const countWords = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;
