import { hexToNumber, numberToHex } from '$lib/core/colour/code-number';
import { type Of } from './drawing';
import { type Box } from './box';

/** A box filled with one colour. */
export const bar = ({ x, y, width, height }: Box, fill: string): Of<'bar'> => ({
	kind: 'bar',
	x,
	y,
	width,
	height,
	fill
});

/** Bars of one width that touch, from left to right. */
export function barsIn({ x, y, width, height }: Box, fills: readonly string[]): Of<'bar'>[] {
	const each = width / fills.length;
	return fills.map((fill, i) => ({ kind: 'bar', x: x + i * each, y, width: each, height, fill }));
}

/** The same bars as one shape, where they are many. */
export const rowIn = ({ x, y, width, height }: Box, fills: readonly string[]): Of<'row'> => ({
	kind: 'row',
	x,
	y,
	width,
	height,
	codes: fills.map(hexToNumber)
});

/** A row as the bars that it is made of. */
export const barsOf = (row: Of<'row'>): Of<'bar'>[] => barsIn(row, row.codes.map(numberToHex));

/** A mosaic as the figures that it is made of, without what lies under their borders. */
export const figuresOf = ({ paths, fills }: Of<'mosaic'>): Of<'area'>[] =>
	paths.map((path, i) => ({ kind: 'area', path, fill: fills[i]! }));
