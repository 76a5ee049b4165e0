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
	/** Cells of the hue–chroma plane of OKLab, row by row from b at its greatest; `side` of them to a side. */
	readonly plane: readonly (Cell | null)[];
	/** Cells along value, from L* 0 up. */
	readonly values: readonly (Cell | null)[];
}

/** Cells to a side of the plane, and the OKLab a and b at its edge, which no colour of sRGB passes. */
export const PLANE = { side: 66, reach: 0.33 } as const;
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
function planeCell(a: number, b: number): number {
	const { side, reach } = PLANE;
	const at = (value: number): number =>
		Math.min(side - 1, Math.max(0, Math.floor(((value + reach) / (2 * reach)) * side)));
	return (side - 1 - at(b)) * side + at(a);
}

/** Where the pixels of a picture lie on the hue–chroma plane and along value; what is more than half transparent is left out. */
export function densityOf({ rgba }: Pixels): Density {
	const plane = new Sums(PLANE.side ** 2);
	const values = new Sums(VALUE_CELLS);
	const step = 4 * Math.max(1, Math.floor(rgba.length / 4 / ENOUGH));
	for (let at = 0; at < rgba.length; at += step) {
		if (rgba[at + 3]! < 128) continue;
		const linear: Triple = [LINEAR_OF_BYTE[rgba[at]!]!, LINEAR_OF_BYTE[rgba[at + 1]!]!, LINEAR_OF_BYTE[rgba[at + 2]!]!];
		const [, a, b] = linearToOklab(...linear);
		plane.add(planeCell(a, b), linear);
		const value = luminanceToValue(luminance(...linear));
		values.add(Math.min(VALUE_CELLS - 1, Math.floor((value / 100) * VALUE_CELLS)), linear);
	}
	return { plane: plane.asCells, values: values.asCells };
}
