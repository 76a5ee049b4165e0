import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { type Box } from '$lib/drawing/box';
import { gradationSteps } from './gradation-of';
import { type PicturePlate } from './schema';

/** Where everything of a picture plate stands, in plate units. */
export interface PictureLayout {
	/** What is largest, and the two others, in the order of `LARGE`. */
	readonly main: Box;
	readonly others: readonly [Box, Box];
	readonly shares: Box;
	readonly gradation: Box;
}

const MARGIN = 28;
const WIDE = PLATE_WIDTH - 2 * MARGIN;
const TOP = 60;
const BARS = 418;
const GAP = 18;
/** Room for a line of words under each of the smaller two. */
const LINE = 17;
const HIGH = BARS - TOP - 20;

/** The largest box of a shape (width to height) within another, from its left upper corner. */
function fitted(shape: number, { x, y, width, height }: Box): Box {
	const wide = Math.min(width, height * shape);
	return { x, y, width: wide, height: wide / shape };
}

interface Arranged {
	readonly main: Box;
	readonly others: readonly [Box, Box];
}

/** The two others one over the other at its side. */
function column(shape: number): Arranged {
	const main = fitted(shape, { x: MARGIN, y: TOP, width: WIDE * 0.685, height: HIGH });
	const x = main.x + main.width + GAP;
	const each = (HIGH - 2 * LINE - 6) / 2;
	const [first, second] = [0, 1].map((i) =>
		fitted(shape, { x, y: TOP + i * (each + LINE + 6), width: MARGIN + WIDE - x, height: each })
	);
	return { main, others: [first!, { ...second!, y: first!.y + first!.height + LINE + 8 }] };
}

/** All three in a row. */
function row(shape: number): Arranged {
	const high = HIGH - LINE;
	const main = fitted(shape, { x: MARGIN, y: TOP, width: WIDE * 0.5, height: high });
	const x = main.x + main.width + GAP;
	const width = (MARGIN + WIDE - x - GAP) / 2;
	const first = fitted(shape, { x, y: TOP, width, height: high });
	const second = fitted(shape, { x: x + first.width + GAP, y: TOP, width, height: high });
	return { main, others: [first, second] };
}

/** The two others under it: of a picture that is much wider than high. */
function under(shape: number): Arranged {
	const main = fitted(shape, { x: MARGIN, y: TOP, width: WIDE, height: HIGH * 0.6 });
	const y = main.y + main.height + 10;
	const [width, height] = [(WIDE - GAP) / 2, TOP + HIGH - LINE - y];
	const first = fitted(shape, { x: MARGIN, y, width, height });
	return { main, others: [first, { ...first, x: first.x + first.width + GAP }] };
}

const area = ({ width, height }: Box): number => width * height;

/** As large as can be: what is largest counts twice. */
function arranged(shape: number): Arranged {
	const size = ({ main, others: [one, other] }: Arranged): number => 2 * area(main) + area(one) + area(other);
	const [first, ...more] = [column(shape), row(shape), under(shape)] as [Arranged, Arranged, Arranged];
	return more.reduce((best, each) => (size(each) > size(best) ? each : best), first);
}

/** Where everything stands. It follows from the shape of the picture alone. */
export function layOutPicture({ picture }: Pick<PicturePlate, 'picture'>): PictureLayout {
	return {
		...arranged(picture.width / picture.height),
		shares: { x: MARGIN, y: BARS + 13, width: WIDE, height: 25 },
		gradation: { x: MARGIN, y: BARS + 82, width: WIDE, height: 27 }
	};
}

/** Where a pixel of the picture stands in a box that it fills. */
export const inBox = (
	{ picture }: Pick<PicturePlate, 'picture'>,
	box: Box,
	{ x, y }: { readonly x: number; readonly y: number }
): readonly [number, number] => [
	box.x + ((x + 0.5) / picture.width) * box.width,
	box.y + ((y + 0.5) / picture.height) * box.height
];

/** The pixel of the picture at a place of a box, by shares 0–1 of its width and height. */
export function pixelAt({ picture }: Pick<PicturePlate, 'picture'>, across: number, down: number) {
	const at = (share: number, length: number): number => Math.max(0, Math.min(length - 1, Math.floor(share * length)));
	return { x: at(across, picture.width), y: at(down, picture.height) };
}

/** Where the steps of the gradation stand. */
export function stepBoxes(plate: PicturePlate): Box[] {
	const { gradation } = layOutPicture(plate);
	const count = gradationSteps(plate).length;
	const width = gradation.width / Math.max(1, count);
	return Array.from({ length: count }, (_, i) => ({ ...gradation, x: gradation.x + i * width, width }));
}

/** The box of a thumbnail's picture, and that of the colours under it. */
export function layOutSmall({ picture }: Pick<PicturePlate, 'picture'>): { readonly main: Box; readonly colours: Box } {
	const box = { x: MARGIN, y: 24, width: WIDE, height: PLATE_HEIGHT - 132 };
	const main = fitted(picture.width / picture.height, box);
	return {
		main: { ...main, x: (PLATE_WIDTH - main.width) / 2 },
		colours: { x: MARGIN, y: PLATE_HEIGHT - 92, width: WIDE, height: 68 }
	};
}
