import { barsOf } from './bars';
import { type Box } from './box';
import { type Of, type Shape } from './drawing';

/** What is painted on: on the page, or apart from it in a worker. */
export type Paper2D = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** A code 0xrrggbb as the four bytes of an opaque pixel. */
export const opaque = (code: number): number => ((code << 8) | 0xff) >>> 0;

/** Edges fall on pixels of the device, so that colours touch without a seam. */
function fillBox(context: Paper2D, { x, y, width, height }: Box, scale: number): void {
	const [left, top] = [Math.round(x * scale), Math.round(y * scale)];
	context.fillRect(left, top, Math.round((x + width) * scale) - left, Math.round((y + height) * scale) - top);
}

function paintBar(context: Paper2D, bar: Of<'bar'>, scale: number): void {
	context.fillStyle = bar.fill;
	fillBox(context, bar, scale);
}

function paintGradient(context: Paper2D, gradient: Of<'gradient'>, scale: number): void {
	const { x, width, stops } = gradient;
	const run = context.createLinearGradient(x * scale, 0, (x + width) * scale, 0);
	for (const { at, fill } of stops) run.addColorStop(at, fill);
	context.fillStyle = run;
	fillBox(context, gradient, scale);
}

function paintFigure(context: Paper2D, { path, fill }: Of<'area'>, scale: number): void {
	context.setTransform(scale, 0, 0, scale, 0, 0);
	context.fillStyle = fill;
	context.fill(new Path2D(path));
	context.resetTransform();
}

/** Letters of all outlines together that are remembered. */
const MOST_LETTERS = 4_000_000;
/** The outlines of mosaics that were painted before: the same ones come again in other colours. */
const outlines = new Map<string, Path2D>();
let letters = 0;

function outlineOf(path: string): Path2D {
	const known = outlines.get(path);
	if (known) return known;
	letters += path.length;
	if (letters > MOST_LETTERS) {
		outlines.clear();
		letters = path.length;
	}
	const made = new Path2D(path);
	outlines.set(path, made);
	return made;
}

interface Picture {
	readonly scale: number;
	readonly canvas: OffscreenCanvas;
}
/** About as many as a turn of a dial from end to end needs; some megabytes. */
const MOST_PICTURES = 48;
/** Mosaics as they were painted, by their colours, the one used last at the end. */
const pictures = new Map<readonly string[], Picture>();

/** Broad enough to fill every pixel that a border runs through. */
const SEAM_PIXELS = 2.2;

/** The areas of a mosaic over the lines under their borders. */
function paintAreas(context: Paper2D, { paths, fills, seams = [] }: Of<'mosaic'>, scale: number): void {
	context.lineWidth = SEAM_PIXELS / scale;
	seams.forEach((path, i) => {
		if (path === '') return;
		context.strokeStyle = fills[i]!;
		context.stroke(outlineOf(path));
	});
	paths.forEach((path, i) => {
		context.fillStyle = fills[i]!;
		context.fill(outlineOf(path));
	});
}

/** A mosaic on a canvas of its own, from a whole pixel of the device on. */
function pictureOf(mosaic: Of<'mosaic'>, scale: number): OffscreenCanvas {
	const { x, y, width, height } = mosaic;
	const canvas = new OffscreenCanvas(Math.ceil(width * scale) + 1, Math.ceil(height * scale) + 1);
	const context = canvas.getContext('2d')!;
	context.setTransform(scale, 0, 0, scale, -Math.floor(x * scale), -Math.floor(y * scale));
	paintAreas(context, mosaic, scale);
	return canvas;
}

/** What has few areas, each of many cells, is as quickly painted as copied, and the browser does it apart from the page. */
function paintDesign(context: Paper2D, mosaic: Of<'mosaic'>, scale: number): void {
	context.setTransform(scale, 0, 0, scale, 0, 0);
	paintAreas(context, mosaic, scale);
	context.resetTransform();
}

/** A hundred outlines cost more than one picture, and the same mosaic comes again while a dial is turned to and fro. */
function paintMosaic(context: Paper2D, mosaic: Of<'mosaic'>, scale: number): void {
	if (mosaic.taken) return paintDesign(context, mosaic, scale);
	const known = pictures.get(mosaic.fills);
	const picture = known?.scale === scale ? known : { scale, canvas: pictureOf(mosaic, scale) };
	pictures.delete(mosaic.fills);
	pictures.set(mosaic.fills, picture);
	const [oldest] = pictures.keys();
	if (oldest && pictures.size > MOST_PICTURES) pictures.delete(oldest);
	context.drawImage(picture.canvas, Math.floor(mosaic.x * scale), Math.floor(mosaic.y * scale));
}

function paintRule(context: Paper2D, { x1, y1, x2, y2, stroke }: Of<'rule'>, scale: number): void {
	context.beginPath();
	context.moveTo(x1 * scale, y1 * scale);
	context.lineTo(x2 * scale, y2 * scale);
	context.strokeStyle = stroke;
	context.lineWidth = scale;
	context.stroke();
}

/** Shorter rows are quicker painted bar by bar. */
const SHORT = 3;
let small: OffscreenCanvas | null = null;

/** The rows with one pixel for each colour. */
function pixelsOf(rows: readonly Of<'row'>[]): OffscreenCanvas {
	small ??= new OffscreenCanvas(1, 1);
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
function paintRows(context: Paper2D, rows: readonly Of<'row'>[], scale: number): void {
	const source = pixelsOf(rows);
	context.imageSmoothingEnabled = false;
	rows.forEach(({ x, y, width, height, codes }, i) => {
		const [left, top] = [Math.round(x * scale), Math.round(y * scale)];
		const wide = Math.round((x + width) * scale) - left;
		const high = Math.round((y + height) * scale) - top;
		context.drawImage(source, 0, i, codes.length, 1, left, top, wide, high);
	});
}

/** What of a picture can be painted now, so many pixels wide; null where it is not at hand. */
export type BitmapOf = (shape: Of<'image'>, pixels: number) => CanvasImageSource | null;

const EMPTY = '#c9c9c9';

/** A picture smoothly in its box, whose edges fall on pixels of the device. */
function paintSmoothly(context: Paper2D, box: Box, scale: number, bitmap: CanvasImageSource): void {
	const [left, top] = [Math.round(box.x * scale), Math.round(box.y * scale)];
	const width = Math.round((box.x + box.width) * scale) - left;
	const height = Math.round((box.y + box.height) * scale) - top;
	context.imageSmoothingEnabled = true;
	context.imageSmoothingQuality = 'high';
	context.drawImage(bitmap, left, top, width, height);
}

/** A picture smoothly in its box; grey until it has come. */
function paintPicture(context: Paper2D, shape: Of<'image'>, scale: number, bitmapOf: BitmapOf): void {
	const bitmap = bitmapOf(shape, shape.width * scale);
	if (!bitmap) return paintBar(context, { ...shape, kind: 'bar', fill: EMPTY }, scale);
	paintSmoothly(context, shape, scale, bitmap);
}

/** Rasters as canvases of their own, as long as anybody holds them. */
const rasters = new WeakMap<Uint32Array, OffscreenCanvas>();
/** Whether the first byte of a word is its lowest, as on all usual machines. */
const LOWEST_FIRST = new Uint8Array(Uint32Array.of(1).buffer)[0] === 1;

function rasterCanvas({ columns, codes }: Of<'raster'>): OffscreenCanvas {
	const known = rasters.get(codes);
	if (known) return known;
	const canvas = new OffscreenCanvas(columns, codes.length / columns);
	const image = new ImageData(canvas.width, canvas.height);
	const pixels = new Uint32Array(image.data.buffer);
	// By words, not by bytes: a region of a form is recoloured at every turn of a dial.
	for (let i = 0; i < pixels.length; i++) {
		const code = codes[i]!;
		pixels[i] = LOWEST_FIRST
			? 0xff000000 | ((code & 0xff) << 16) | (code & 0xff00) | (code >> 16)
			: ((code << 8) | 0xff) >>> 0;
	}
	canvas.getContext('2d', { willReadFrequently: true })!.putImageData(image, 0, 0);
	rasters.set(codes, canvas);
	return canvas;
}

function paintShape(context: Paper2D, shape: Shape, scale: number, bitmapOf: BitmapOf): void {
	switch (shape.kind) {
		case 'image':
			return paintPicture(context, shape, scale, bitmapOf);
		case 'raster':
			return paintSmoothly(context, shape, scale, rasterCanvas(shape));
		case 'bar':
			return paintBar(context, shape, scale);
		case 'row':
			for (const bar of barsOf(shape)) paintBar(context, bar, scale);
			return;
		case 'gradient':
			return paintGradient(context, shape, scale);
		case 'area':
			return paintFigure(context, shape, scale);
		case 'mosaic':
			return paintMosaic(context, shape, scale);
		case 'rule':
			return paintRule(context, shape, scale);
		case 'words':
	}
}

/**
 * Paints shapes of a drawing in their order, all kinds but words.
 * @param scale pixels of the device to a plate unit
 */
export function paintShapes(
	context: Paper2D,
	shapes: readonly Shape[],
	scale: number,
	bitmapOf: BitmapOf = () => null
): void {
	let rows: Of<'row'>[] = [];
	const paintWaiting = () => {
		if (rows.length > 0) paintRows(context, rows, scale);
		rows = [];
	};
	for (const shape of shapes)
		if (shape.kind === 'row' && shape.codes.length > SHORT) rows.push(shape);
		else {
			paintWaiting();
			paintShape(context, shape, scale, bitmapOf);
		}
	paintWaiting();
}
