import { barsOf, figuresOf } from '$lib/drawing/bars';
import { type Drawing, type Of, type Shape } from '$lib/drawing/drawing';

const LINE = '#8a8a8a';
/** Areas that are no boxes are told from their neighbours by two light greys in turn. */
const AREAS = ['#f4f4f4', '#e8e8e8'] as const;

/** The edges of a box. */
function outlineOf({ x, y, width, height }: Of<'bar'>): Shape[] {
	const [right, bottom] = [x + width, y + height];
	const rule = (x1: number, y1: number, x2: number, y2: number): Shape => ({
		kind: 'rule',
		x1,
		y1,
		x2,
		y2,
		stroke: LINE
	});
	return [rule(x, y, right, y), rule(right, y, right, bottom), rule(right, bottom, x, bottom), rule(x, bottom, x, y)];
}

function emptiedShape(shape: Shape, index: number, keep: ReadonlySet<string>): Shape[] {
	switch (shape.kind) {
		case 'bar':
			return keep.has(shape.fill) ? [shape] : outlineOf(shape);
		case 'row':
			return barsOf(shape).flatMap((bar) => (keep.has(bar.fill) ? [bar] : outlineOf(bar)));
		case 'mosaic':
			return figuresOf(shape).flatMap((figure, i) => emptiedShape(figure, i, keep));
		case 'area':
			return keep.has(shape.fill) ? [shape] : [{ ...shape, fill: AREAS[index % AREAS.length]! }];
		case 'gradient':
		case 'raster':
			return outlineOf({ ...shape, kind: 'bar', fill: '' });
		case 'image':
		case 'rule':
		case 'words':
			return [shape];
	}
}

/** A drawing to be worked by hand: what has a code that is given stays, all else is left empty in its place. */
export const emptied = (drawing: Drawing, keep: ReadonlySet<string>): Drawing => ({
	...drawing,
	shapes: drawing.shapes.flatMap((shape, i) => emptiedShape(shape, i, keep))
});
