import { LINEAR_OF_BYTE } from '../colour/bytes';
import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { type PictureColour } from './group';

/** A plain picture: 8 bits a channel, RGBA, row by row. */
export interface Pixels {
	readonly rgba: Uint8Array | Uint8ClampedArray;
	readonly width: number;
	readonly height: number;
}

/** A place in a picture, in whole pixels from its left upper corner. */
export interface Spot {
	readonly x: number;
	readonly y: number;
}

/** A square's first column and row, and those after its last: what lies beyond the edge of the picture is left out. */
function squareAt({ width, height }: Pixels, { x, y }: Spot, size: number): [number, number, number, number] {
	const back = Math.floor((size - 1) / 2);
	const [left, top] = [x - back, y - back];
	return [Math.max(0, left), Math.max(0, top), Math.min(width, left + size), Math.min(height, top + size)];
}

/**
 * The mean of light of a square about a place, `size` pixels wide (an even size reaches one further right and down), in linear sRGB 0–1;
 * null where all of it is transparent or outside. More than half transparent pixels are left out.
 */
export function meanOfSquare(picture: Pixels, spot: Spot, size: number): Triple | null {
	const [left, top, right, bottom] = squareAt(picture, spot, size);
	const { rgba, width } = picture;
	let [red, green, blue, count] = [0, 0, 0, 0];
	for (let y = top; y < bottom; y++)
		for (let x = left; x < right; x++) {
			const at = 4 * (y * width + x);
			if (rgba[at + 3]! < 128) continue;
			red += LINEAR_OF_BYTE[rgba[at]!]!;
			green += LINEAR_OF_BYTE[rgba[at + 1]!]!;
			blue += LINEAR_OF_BYTE[rgba[at + 2]!]!;
			count++;
		}
	return count === 0 ? null : [red / count, green / count, blue / count];
}

/** So many places along each side of a picture are looked at when a colour is looked for. */
const LOOKED_AT = 120;

interface Candidate extends Spot {
	readonly lab: ReadonlyTriple;
}

/** Whether the whole of a square lies in the picture, or as much as can where it is larger than that. */
function isWhole(picture: Pixels, spot: Spot, size: number): boolean {
	const [left, top, right, bottom] = squareAt(picture, spot, size);
	return right - left === Math.min(size, picture.width) && bottom - top === Math.min(size, picture.height);
}

/** Places on an even grid with the means of their squares in OKLab; at the very edge only where there are no others. */
function candidates(picture: Pixels, size: number): Candidate[] {
	const all = everywhere(picture, size);
	const whole = all.filter((spot) => isWhole(picture, spot, size));
	return whole.length > 0 ? whole : all;
}

function everywhere(picture: Pixels, size: number): Candidate[] {
	const { width, height } = picture;
	const stride = Math.max(1, Math.ceil(Math.max(width, height) / LOOKED_AT));
	const found: Candidate[] = [];
	for (let y = Math.floor(stride / 2); y < height; y += stride)
		for (let x = Math.floor(stride / 2); x < width; x += stride) {
			const mean = meanOfSquare(picture, { x, y }, size);
			if (mean) found.push({ x, y, lab: linearToOklab(...mean) });
		}
	return found;
}

const squared = (one: ReadonlyTriple, other: ReadonlyTriple): number =>
	(one[0] - other[0]) ** 2 + (one[1] - other[1]) ** 2 + (one[2] - other[2]) ** 2;

/**
 * Where in a picture its colours are: for each, in their order, the place whose square comes nearest to it, no two squares over each
 * other as long as there is room. The nearest of an even grid of at most 120 by 120 places.
 */
export function spotsOf(
	picture: Pixels,
	colours: readonly Pick<PictureColour, 'linear'>[],
	size: number,
	taken: readonly Spot[] = []
): Spot[] {
	const all = candidates(picture, size);
	const spots: Spot[] = [];
	const isFree = ({ x, y }: Spot): boolean =>
		[...taken, ...spots].every((other) => Math.max(Math.abs(other.x - x), Math.abs(other.y - y)) >= size);
	for (const { linear } of colours) {
		const lab = linearToOklab(...linear);
		const free = all.filter(isFree);
		const [first, ...others] = free.length > 0 ? free : all;
		if (!first) return spots;
		const { x, y } = others.reduce(
			(best, each) => (squared(each.lab, lab) < squared(best.lab, lab) ? each : best),
			first
		);
		spots.push({ x, y });
	}
	return spots;
}

/** Places along a line across a picture, both ends included, for so many colours as they come. */
export function spotsAlong(from: Spot, to: Spot, count: number): Spot[] {
	return Array.from({ length: count }, (_, i) => {
		const share = count === 1 ? 0 : i / (count - 1);
		return { x: Math.round(from.x + (to.x - from.x) * share), y: Math.round(from.y + (to.y - from.y) * share) };
	});
}
