import { bounds } from '$lib/core/pattern/outline';
import { regionsOf, type ClosedShape } from '$lib/core/pattern/regions';
import { Problem } from '$lib/core/problem';
import { reachOf, ringsOf } from './rings';
import { shapesIn, type FoundShape } from './shapes';
import { treeOf } from './tree';

/** A drawing as it was read in: its regions as path data of straight lines, from 0, 0 on. */
export interface ReadDrawing {
	readonly width: number;
	readonly height: number;
	readonly regions: readonly string[];
	/** What was left out, each in words: "3 texts". */
	readonly left: readonly string[];
}

/** The longer side of a drawing, in its own units; and how far a flattened bend may lie off. */
const LONGER = 1000;
const TOLERANCE = 0.05;
export const MOST_REGIONS = 2000;

const counted = (count: number, what: string): string =>
	what === 'clipping'
		? 'clipping'
		: count === 1
			? `1 ${what}`
			: `${count} ${what.replace(/^(link)/, '$1s')}${what.startsWith('link') ? '' : 's'}`;

/** The rings of a shape that are filled: all where it is filled, otherwise those that are closed; and how many were open lines. */
function closedShape(shape: FoundShape, last: string, tolerance: number): { closed: ClosedShape; open: number } {
	const rings = ringsOf(shape, last, tolerance);
	const filled = shape.style.fill !== 'none' && shape.style.fill !== 'transparent';
	const kept = rings.filter(({ outline, closed }) => outline.length > 2 && (filled || closed));
	return {
		closed: { rings: kept.map(({ outline }) => outline), evenOdd: shape.style.evenOdd },
		open: rings.length - kept.length
	};
}

/**
 * Reads an SVG file as a drawing to be filled: its closed shapes become regions, divided where they cross; what is no closed shape is
 * left out and counted. Nothing in the file is carried out.
 * @param tolerance How far a flattened bend may lie off, in units of which the longer side has a thousand.
 * @throws Problem `svg` or `regions`, with what was wrong and what would be right.
 */
export function readDrawing(
	file: string,
	onshape: (done: number, of: number) => void = () => {},
	tolerance = TOLERANCE
): ReadDrawing {
	const { shapes, left } = shapesIn(treeOf(file));
	const noted = new Map(left);
	const note = (what: string, count: number) => noted.set(what, (noted.get(what) ?? 0) + count);
	const reach = shapes.flatMap(reachOf);
	const { left: x, right, top: y, bottom } = bounds(reach);
	const size = Math.max(right - x, bottom - y);
	if (!(size > 0) || !Number.isFinite(size))
		throw new Problem('regions', 'There are no closed shapes in the drawing.', 'outlines that enclose something');
	const scale = LONGER / size;
	const last = `translate(${-x * scale} ${-y * scale}) scale(${scale})`;
	const closed = shapes.flatMap((shape): ClosedShape[] => {
		const found = closedShape(shape, last, tolerance);
		if (found.open > 0) note('open line', found.open);
		return found.closed.rings.length > 0 ? [found.closed] : [];
	});
	const regions = regionsOf(closed, MOST_REGIONS, (done) => onshape(done, closed.length));
	const path = (rings: (typeof regions)[number]): string =>
		rings.map((ring) => `M${ring.map((point) => point.join(' ')).join('L')}z`).join('');
	const fine = (value: number): number => Math.max(1, Math.round(value * 1000) / 1000);
	return {
		width: fine((right - x) * scale),
		height: fine((bottom - y) * scale),
		regions: regions.map(path),
		left: [...noted].map(([what, count]) => counted(count, what))
	};
}
