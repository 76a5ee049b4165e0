import { linearToHex, LINEAR_OF_BYTE } from '../colour/bytes';
import { luminanceToValue } from '../colour/lab';
import { linearToOklab } from '../colour/oklab';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { type Pixels } from './square';

/** A cell of a plot: how much of the picture lies in it, as a share of the fullest cell, and what that looks like in the mean. */
export interface Cell {
	readonly share: number;
	readonly hex: string;
}

/** Where the pixels of a picture lie. Null for a cell in which none does. */
export interface Density {
	/** Cells of the hue–chroma plane of OKLab, row by row from b at its greatest; `PLANE_SIDE` of them to a side. */
	readonly plane: readonly (Cell | null)[];
	/** OKLab a and b at the edge of the plane: as near as holds all pixels. */
	readonly reach: number;
	/** Cells along value, from L* 0 up. */
	readonly values: readonly (Cell | null)[];
}

/** Cells to a side of the plane. */
export const PLANE_SIDE = 66;
/** Where the edge of a plane may lie; no colour of sRGB passes the last. */
const REACHES = [0.06, 0.12, 0.18, 0.24, 0.34] as const;
/** Cells along value. */
export const VALUE_CELLS = 50;
/** Pixels that are looked at; more change nothing that is seen. */
const ENOUGH = 200_000;

/** Sums of light and counts, cell by cell. */
class Sums {
	private readonly sums: Float64Array;

	constructor(readonly cells: number) {
		this.sums = new Float64Array(4 * cells);
	}

	add(cell: number, [r, g, b]: Triple): void {
		[r, g, b, 1].forEach((each, i) => (this.sums[4 * cell + i] = this.sums[4 * cell + i]! + each));
	}

	get asCells(): (Cell | null)[] {
		const count = (cell: number): number => this.sums[4 * cell + 3]!;
		const numbers = Array.from({ length: this.cells }, (_, cell) => cell);
		const most = numbers.reduce((found, cell) => Math.max(found, count(cell)), 0);
		return numbers.map((cell) => {
			const n = count(cell);
			if (n === 0) return null;
			const mean = (channel: number): number => this.sums[4 * cell + channel]! / n;
			return { share: n / most, hex: linearToHex(mean(0), mean(1), mean(2)) };
		});
	}
}

/** The cell of a plane in which OKLab a and b lie. */
function planeCell(a: number, b: number, reach: number): number {
	const at = (value: number): number =>
		Math.min(PLANE_SIDE - 1, Math.max(0, Math.floor(((value + reach) / (2 * reach)) * PLANE_SIDE)));
	return (PLANE_SIDE - 1 - at(b)) * PLANE_SIDE + at(a);
}

/** Calls for the pixels that are looked at; what is more than half transparent is left out. */
function forPixels({ rgba }: Pixels, look: (linear: Triple) => void): void {
	const step = 4 * Math.max(1, Math.floor(rgba.length / 4 / ENOUGH));
	for (let at = 0; at < rgba.length; at += step)
		if (rgba[at + 3]! >= 128)
			look([LINEAR_OF_BYTE[rgba[at]!]!, LINEAR_OF_BYTE[rgba[at + 1]!]!, LINEAR_OF_BYTE[rgba[at + 2]!]!]);
}

/** Where the pixels of a picture lie on the hue–chroma plane and along value. */
export function densityOf(picture: Pixels): Density {
	let farthest = 0;
	forPixels(picture, (linear) => {
		const [, a, b] = linearToOklab(...linear);
		farthest = Math.max(farthest, Math.abs(a), Math.abs(b));
	});
	const reach = REACHES.find((each) => each >= farthest) ?? REACHES.at(-1)!;
	const plane = new Sums(PLANE_SIDE ** 2);
	const values = new Sums(VALUE_CELLS);
	forPixels(picture, (linear) => {
		const [, a, b] = linearToOklab(...linear);
		plane.add(planeCell(a, b, reach), linear);
		const value = luminanceToValue(luminance(...linear));
		values.add(Math.min(VALUE_CELLS - 1, Math.floor((value / 100) * VALUE_CELLS)), linear);
	});
	return { plane: plane.asCells, reach, values: values.asCells };
}
