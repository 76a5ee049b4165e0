import { bar, rowIn } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { outlineOf } from '$lib/drawing/figure';

export const OPTICAL_PATTERNS = ['stripes', 'checks', 'dots'] as const;
export type OpticalPattern = (typeof OPTICAL_PATTERNS)[number];

/** Stripes, checks or dots of two to six colours in equal areas, as many as fit the box. */
export function patternIn(
	{ x, y, width, height }: Box,
	pattern: OpticalPattern,
	grain: number,
	codes: readonly string[]
): Shape[] {
	const count = codes.length;
	// Whole turns of all colours, so that the areas are equal to the last line.
	const across = Math.max(count, Math.round(width / grain / count) * count);
	const cell = width / across;
	const code = (i: number): string => codes[((i % count) + count) % count]!;
	if (pattern === 'stripes')
		return Array.from({ length: across }, (_, i) => bar({ x: x + i * cell, y, width: cell, height }, code(i)));
	const down = Math.max(count, Math.round(height / grain / count) * count);
	const high = height / down;
	const rows = Array.from({ length: down }, (_, row) => Array.from({ length: across }, (__, i) => code(i + row)));
	if (pattern === 'checks')
		return rows.map((fills, row) => rowIn({ x, y: y + row * high, width, height: high }, fills));
	return dotsIn({ x, y, width, height }, grain, codes);
}

/** The largest radius that so many dots in a field leave room for: one, up to four, five. */
const roomForDots = (dots: number): number => (dots === 1 ? 0.5 : dots <= 4 ? 0.245 : 0.2);

/** The radius of a dot in fields: as its equal share asks for, or as large as the field allows. */
const dotRadius = (count: number): number => Math.min(Math.sqrt(1 / count / Math.PI), roomForDots(count - 1));

/** Which share of the area each of so many colours has in a pattern; dots of many colours leave more to their ground. */
export function areaShares(pattern: OpticalPattern, count: number): number[] {
	if (pattern !== 'dots') return Array<number>(count).fill(1 / count);
	const dot = Math.PI * dotRadius(count) ** 2;
	return [1 - (count - 1) * dot, ...Array<number>(count - 1).fill(dot)];
}

/** Dots on a ground of the first colour, in square fields; all dots of a colour are one figure, because fine ones are many. */
function dotsIn({ x, y, width, height }: Box, grain: number, codes: readonly string[]): Shape[] {
	const [ground, ...others] = codes as [string, ...string[]];
	const across = Math.max(1, Math.round(width / (grain * 1.6)));
	const cell = width / across;
	const down = Math.max(1, Math.round(height / cell));
	const high = height / down;
	// Every field holds one dot of each other colour.
	const fits = cell * dotRadius(codes.length);
	const dots = others.map((fill, k): Shape => {
		const [px, py] = PLACES[others.length - 1]![k]!;
		const circles = Array.from({ length: across * down }, (_, i) => {
			const [left, top] = [x + (i % across) * cell, y + Math.floor(i / across) * high];
			const [cx, cy] = [left + px * cell, top + py * high];
			return outlineOf('circles', { x: cx - fits, y: cy - fits, width: 2 * fits, height: 2 * fits });
		});
		return { kind: 'area', path: circles.join(''), fill };
	});
	return [bar({ x, y, width, height }, ground), ...dots];
}

/** Where one to five dots stand in a field. */
const PLACES = [
	[[0.5, 0.5]],
	[
		[0.25, 0.25],
		[0.75, 0.75]
	],
	[
		[0.25, 0.25],
		[0.75, 0.25],
		[0.5, 0.75]
	],
	[
		[0.25, 0.25],
		[0.75, 0.25],
		[0.25, 0.75],
		[0.75, 0.75]
	],
	[
		[0.21, 0.21],
		[0.79, 0.21],
		[0.21, 0.79],
		[0.79, 0.79],
		[0.5, 0.5]
	]
] as const satisfies readonly (readonly (readonly [number, number])[])[];
