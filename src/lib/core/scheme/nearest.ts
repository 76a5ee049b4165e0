import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { ciede2000 } from '../difference/ciede2000';
import { linearToLab } from '../difference/lab-of-linear';

/** Over this many ΔE00 the nearest colour of a palette is no good stand-in (common practice, no source). */
export const POOR_MATCH = 5;

/** The colour of a palette that stands in for another one. */
export interface Nearest {
	/** Place in the palette, from 0. */
	readonly index: number;
	/** ΔE00 to it. */
	readonly distance: number;
	readonly poor: boolean;
}

/** Colours (linear sRGB) made ready for many questions after the nearest of them. */
export const readied = (palette: readonly ReadonlyTriple[]): Triple[] => palette.map(linearToLab);

/** The colour of a readied palette that is nearest by CIEDE2000; null for an empty palette. The first of equals. */
export function nearestIn(palette: readonly Triple[], colour: ReadonlyTriple): Nearest | null {
	const [l, a, b] = linearToLab(colour);
	let best = -1;
	let distance = Infinity;
	for (let i = 0; i < palette.length; i++) {
		const [l2, a2, b2] = palette[i]!;
		const apart = ciede2000(l, a, b, l2, a2, b2);
		if (apart < distance) {
			best = i;
			distance = apart;
		}
	}
	return best < 0 ? null : { index: best, distance, poor: distance > POOR_MATCH };
}

/** The same of a palette as it is (linear sRGB). */
export const nearestOf = (palette: readonly ReadonlyTriple[], colour: ReadonlyTriple): Nearest | null =>
	nearestIn(readied(palette), colour);
