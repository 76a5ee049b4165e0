import { z } from 'zod';
import { rasterAddress, rasterOfAddress } from '$lib/drawing/raster-png';
import { type Drawing, type Of, type Shape } from '$lib/drawing/drawing';
import { lineSchema } from '$lib/model/line';
import { VIEWS } from '$lib/drawing/view-kinds';

const MOST_SHAPES = 20_000;
const LONGEST_PATH = 1_000_000;
const FARTHEST = 100_000;
/** Nothing we draw has more pixels in all its rasters. */
const MOST_PIXELS = 4_000_000;
const LONGEST_RASTER = 8_000_000;

const at = z.number().min(-FARTHEST).max(FARTHEST);
const length = z.number().min(0).max(FARTHEST);
const code = z.string().regex(/^#[0-9a-f]{6}$/, 'a code of the form #rrggbb');
const codes = z.array(code).max(MOST_SHAPES).readonly();
const path = z
	.string()
	.max(LONGEST_PATH)
	.regex(/^[MLHVCSQTAZmlhvcsqtaz\d\s.,e+-]*$/, 'SVG path data');
const box = { x: at, y: at, width: length, height: length };

const seen = z.discriminatedUnion('as', [
	z.strictObject({
		as: z.literal('itself'),
		view: z.strictObject({ kind: z.enum(VIEWS), severity: z.number().min(0).max(1) }).optional()
	}),
	z.strictObject({ as: z.literal('colours'), colours: codes, shown: codes }),
	z.strictObject({ as: z.literal('values'), borders: z.array(z.number()).max(16).readonly(), shown: codes })
]);

/** One shape as it stands in a file: as it is, but for the pixels of a raster, which are a PNG. */
const shapeSchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('bar'), ...box, fill: code }),
	z.strictObject({
		kind: z.literal('row'),
		...box,
		codes: z.array(z.int().min(0).max(0xffffff)).min(1).max(MOST_SHAPES).readonly()
	}),
	z
		.strictObject({
			kind: z.literal('mosaic'),
			...box,
			paths: z.array(path).max(MOST_SHAPES).readonly(),
			fills: codes,
			seams: z.array(path).max(MOST_SHAPES).readonly().optional(),
			taken: z.enum(['joined', 'cells']).optional()
		})
		.refine(({ paths, fills }) => paths.length === fills.length, 'a colour for each area'),
	z.strictObject({
		kind: z.literal('gradient'),
		...box,
		stops: z
			.array(z.strictObject({ at: z.number().min(0).max(1), fill: code }))
			.min(1)
			.max(MOST_SHAPES)
			.readonly()
	}),
	z.strictObject({ kind: z.literal('image'), ...box, id: z.string().regex(/^[0-9a-z]{6,24}$/), seen }),
	z.strictObject({
		kind: z.literal('raster'),
		...box,
		png: z.string().max(LONGEST_RASTER).startsWith('data:image/png;base64,')
	}),
	z.strictObject({ kind: z.literal('area'), path, fill: code }),
	z.strictObject({ kind: z.literal('rule'), x1: at, y1: at, x2: at, y2: at, stroke: code }),
	z.strictObject({
		kind: z.literal('words'),
		x: at,
		y: at,
		words: z.string().max(2000),
		size: z.number().min(1).max(200),
		face: z.enum(['serif', 'sans']),
		strong: z.boolean(),
		anchor: z.enum(['start', 'middle', 'end']),
		fill: code
	})
]);
type StoredShape = z.infer<typeof shapeSchema>;

/** A drawing as it was when it was frozen. */
export const storedDrawingSchema = z.strictObject({
	title: lineSchema,
	width: z.number().min(1).max(FARTHEST),
	height: z.number().min(1).max(FARTHEST),
	paper: code,
	shapes: z.array(shapeSchema).max(MOST_SHAPES)
});
export type StoredDrawing = z.infer<typeof storedDrawingSchema>;

/** A picture as it is seen, by a text under which its pixels are found. */
export const pictureKey = ({ id, seen }: Of<'image'>): string => `${id} ${JSON.stringify(seen)}`;

/** The pixels of pictures that do not ship, by their keys, as PNG that carries its own data. */
export type Pixels = Readonly<Record<string, string>>;

function frozenShape(shape: Shape, pixels: Pixels): StoredShape {
	if (shape.kind === 'image') {
		const png = pixels[pictureKey(shape)];
		const { x, y, width, height } = shape;
		return png ? { kind: 'raster', x, y, width, height, png } : shape;
	}
	if (shape.kind !== 'raster') return shape;
	const { x, y, width, height } = shape;
	return { kind: 'raster', x, y, width, height, png: rasterAddress(shape) };
}

/** A drawing as it stands in a file. Pictures that ship are named, others are there with their pixels, as far as these are known. */
export const frozen = ({ shapes, ...drawing }: Drawing, pixels: Pixels = {}): StoredDrawing => ({
	...drawing,
	shapes: shapes.map((shape) => frozenShape(shape, pixels))
});

/** A drawing out of a file, as it is shown. A raster that cannot be read, or is one too many, is left out: the rest is shown. */
export function thawed({ shapes, ...drawing }: StoredDrawing): Drawing {
	let left = MOST_PIXELS;
	const thawedShape = (shape: StoredShape): Shape[] => {
		if (shape.kind !== 'raster') return [shape];
		const { png, ...box } = shape;
		const raster = rasterOfAddress(png, left);
		left -= raster?.codes.length ?? 0;
		return raster ? [{ ...box, ...raster }] : [];
	};
	return { ...drawing, shapes: shapes.flatMap(thawedShape) };
}
