import svgpath from 'svgpath';
import { type Drawing, type Shape } from '$lib/drawing/drawing';

/** What stays free under the last shape, in plate units: as much as the sheet has at its sides. */
const FREE = 28;
/** Letters hang this much of their size under their line. */
const HANGS = 0.3;

/** The lowest place of an outline, in plate units; of curves, that of their handles, which lie no higher. */
function bottomOfPath(path: string): number {
	let lowest = -Infinity;
	svgpath(path)
		.abs()
		.unshort()
		.unarc()
		.iterate(([command, ...numbers], _, _x, y) => {
			const ys = command === 'V' ? numbers : command === 'H' ? [] : numbers.filter((_each, i) => i % 2 === 1);
			lowest = Math.max(lowest, y, ...ys.map(Number));
		});
	return lowest;
}

function bottomOf(shape: Shape): number {
	if (shape.kind === 'rule') return Math.max(shape.y1, shape.y2);
	if (shape.kind === 'words') return shape.y + HANGS * shape.size;
	if (shape.kind === 'area') return bottomOfPath(shape.path);
	return shape.y + shape.height;
}

/** A drawing without the empty foot of its sheet, so that more of a page of paper is used: a plate of one row is not half a page of nothing. */
export function trimmed(drawing: Drawing): Drawing {
	const bottom = drawing.shapes.reduce((lowest, shape) => Math.max(lowest, bottomOf(shape)), 0);
	return { ...drawing, height: Math.min(drawing.height, bottom + FREE) };
}
