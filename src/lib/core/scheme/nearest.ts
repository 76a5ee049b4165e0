import { type ReadonlyTriple } from '../colour/vector';
import { ciede2000 } from '../difference/ciede2000';
import { linearToLab } from '../difference/lab-of-linear';

/** Over this many ΔE00 the nearest colour of a palette is no good stand-in (common practice, no source). */
export const POOR_MATCH = 5;

export interface Nearest {
	/** Place in the palette, from 0. */
	readonly index: number;
	/** ΔE00 to it. */
	readonly distance: number;
	readonly poor: boolean;
}

/** The colour of a palette (linear sRGB) that is nearest by CIEDE2000; null for an empty palette. The first of equals. */
export function nearestOf(palette: readonly ReadonlyTriple[], colour: ReadonlyTriple): Nearest | null {
	const [l, a, b] = linearToLab(colour);
	let best: Nearest | null = null;
	palette.forEach((candidate, index) => {
		const [l2, a2, b2] = linearToLab(candidate);
		const distance = ciede2000(l, a, b, l2, a2, b2);
		if (!best || distance < best.distance) best = { index, distance, poor: distance > POOR_MATCH };
	});
	return best;
}
