import { type Of, type Shape } from '$lib/drawing/drawing';
import { barsOf } from '$lib/drawing/many';

/** A code 0xrrggbb as the four bytes of an opaque pixel. */
export const opaque = (code: number): number => ((code << 8) | 0xff) >>> 0;

/** The outlines of mosaics that were painted before: the same ones come again with every turn of a dial. */
const outlines = new WeakMap<readonly string[], readonly Path2D[]>();

function outlinesOf(paths: readonly string[]): readonly Path2D[] {
	const known = outlines.get(paths);
	if (known) return known;
	const made = paths.map((path) => new Path2D(path));
	outlines.set(paths, made);
	return made;
}

/** Edges fall on pixels of the device, so that colours touch without a seam. */
function paintBar(context: CanvasRenderingContext2D, { x, y, width, height, fill }: Of<'bar'>, scale: number): void {
	const [left, top] = [Math.round(x * scale), Math.round(y * scale)];
	context.fillStyle = fill;
	context.fillRect(left, top, Math.round((x + width) * scale) - left, Math.round((y + height) * scale) - top);
}

function paintOutlines(
	context: CanvasRenderingContext2D,
	scale: number,
	paths: readonly Path2D[],
	fills: readonly string[]
): void {
	context.setTransform(scale, 0, 0, scale, 0, 0);
	for (let i = 0; i < paths.length; i++) {
		context.fillStyle = fills[i]!;
		context.fill(paths[i]!);
	}
	context.resetTransform();
}

function paintRule(context: CanvasRenderingContext2D, { x1, y1, x2, y2, stroke }: Of<'rule'>, scale: number): void {
	context.beginPath();
	context.moveTo(x1 * scale, y1 * scale);
	context.lineTo(x2 * scale, y2 * scale);
	context.strokeStyle = stroke;
	context.lineWidth = scale;
	context.stroke();
}

/** Shorter rows are quicker painted bar by bar. */
const SHORT = 3;
let small: HTMLCanvasElement | null = null;

/** The rows with one pixel for each colour. */
function pixelsOf(rows: readonly Of<'row'>[]): HTMLCanvasElement {
	small ??= document.createElement('canvas');
	small.width = Math.max(...rows.map(({ codes }) => codes.length));
	small.height = rows.length;
	const image = new ImageData(small.width, small.height);
	const pixels = new DataView(image.data.buffer);
	rows.forEach(({ codes }, row) => {
		const start = row * image.width;
		for (let i = 0; i < codes.length; i++) pixels.setUint32(4 * (start + i), opaque(codes[i]!));
	});
	small.getContext('2d')!.putImageData(image, 0, 0);
	return small;
}

/** Small pixels, stretched without smoothing: far quicker than a thousand rectangles. */
function paintRows(context: CanvasRenderingContext2D, rows: readonly Of<'row'>[], scale: number): void {
	const source = pixelsOf(rows);
	context.imageSmoothingEnabled = false;
	rows.forEach(({ x, y, width, height, codes }, i) => {
		const [left, top] = [Math.round(x * scale), Math.round(y * scale)];
		const wide = Math.round((x + width) * scale) - left;
		const high = Math.round((y + height) * scale) - top;
		context.drawImage(source, 0, i, codes.length, 1, left, top, wide, high);
	});
}

function paintShape(context: CanvasRenderingContext2D, shape: Shape, scale: number): void {
	switch (shape.kind) {
		case 'bar':
			return paintBar(context, shape, scale);
		case 'row':
			for (const bar of barsOf(shape)) paintBar(context, bar, scale);
			return;
		case 'figure':
			return paintOutlines(context, scale, [new Path2D(shape.path)], [shape.fill]);
		case 'mosaic':
			return paintOutlines(context, scale, outlinesOf(shape.paths), shape.fills);
		case 'rule':
			return paintRule(context, shape, scale);
		case 'words':
	}
}

/**
 * Paints shapes of a drawing in their order, all kinds but words.
 * @param scale pixels of the device to a plate unit
 */
export function paintShapes(context: CanvasRenderingContext2D, shapes: readonly Shape[], scale: number): void {
	let rows: Of<'row'>[] = [];
	const paintWaiting = () => {
		if (rows.length > 0) paintRows(context, rows, scale);
		rows = [];
	};
	for (const shape of shapes)
		if (shape.kind === 'row' && shape.codes.length > SHORT) rows.push(shape);
		else {
			paintWaiting();
			paintShape(context, shape, scale);
		}
	paintWaiting();
}
