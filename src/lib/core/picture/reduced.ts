import { LINEAR_OF_BYTE } from '../colour/bytes';
import { type ReadonlyTriple } from '../colour/vector';
import { ciede2000 } from '../difference/ciede2000';
import { linearToLab } from '../difference/lab-of-linear';
import { type Pixels } from './square';

/** A picture drawn in only a few colours. */
export interface Reduced {
	/** For each pixel the number of its colour; 255 where the picture is transparent. */
	readonly indices: Uint8Array;
	/** The share of the picture that each colour stands for, 0–1. */
	readonly shares: readonly number[];
	/** ΔE00 between the picture and these colours, in the mean over its pixels. */
	readonly difference: number;
	/** A place where it is off most, as a share 0–1 of width and height; null where nothing is to be seen. */
	readonly farthest: { readonly x: number; readonly y: number } | null;
}

const TRANSPARENT = 255;
const BINS = 32 ** 3;
const binOf = (r: number, g: number, b: number): number => ((r >> 3) << 10) | ((g >> 3) << 5) | (b >> 3);

/** What a picture has of each bin: how many pixels, and the sums of their light. */
function sumsOf({ rgba }: Pixels): Float64Array {
	const sums = new Float64Array(4 * BINS);
	for (let at = 0; at < rgba.length; at += 4) {
		if (rgba[at + 3]! < 128) continue;
		const [r, g, b] = [rgba[at]!, rgba[at + 1]!, rgba[at + 2]!];
		const bin = 4 * binOf(r, g, b);
		sums[bin] = sums[bin]! + LINEAR_OF_BYTE[r]!;
		sums[bin + 1] = sums[bin + 1]! + LINEAR_OF_BYTE[g]!;
		sums[bin + 2] = sums[bin + 2]! + LINEAR_OF_BYTE[b]!;
		sums[bin + 3] = sums[bin + 3]! + 1;
	}
	return sums;
}

/** Which of the colours is nearest to the mean of each bin that a picture has (CIEDE2000), and how far off it is. */
class Nearest {
	readonly of = new Uint8Array(BINS).fill(TRANSPARENT);
	readonly off = new Float64Array(BINS);

	constructor(
		readonly sums: Float64Array,
		colours: readonly ReadonlyTriple[]
	) {
		const labs = colours.map(linearToLab);
		for (let bin = 0; bin < BINS; bin++) if (this.countOf(bin) > 0) this.find(bin, labs);
	}

	/** Pixels of a bin. */
	countOf = (bin: number): number => this.sums[4 * bin + 3]!;

	private find(bin: number, labs: readonly ReadonlyTriple[]): void {
		const mean = (channel: number): number => this.sums[4 * bin + channel]! / this.countOf(bin);
		const [l, a, b] = linearToLab([mean(0), mean(1), mean(2)]);
		let [best, least] = [0, Infinity];
		labs.forEach((lab, i) => {
			const difference = ciede2000(l, a, b, lab[0], lab[1], lab[2]);
			if (difference < least) [best, least] = [i, difference];
		});
		this.of[bin] = best;
		this.off[bin] = least;
	}
}

/**
 * A picture in only these colours (linear sRGB, 1 to 255 of them): each pixel by the colour nearest to the mean of its bin of a
 * grid of 32 codes a channel, which is enough for the eye.
 */
export function reducedTo(picture: Pixels, colours: readonly ReadonlyTriple[]): Reduced {
	const nearest = new Nearest(sumsOf(picture), colours);
	const counts = new Float64Array(colours.length);
	let [seen, sum, worst] = [0, 0, -1];
	for (let bin = 0; bin < BINS; bin++) {
		const count = nearest.countOf(bin);
		if (count === 0) continue;
		const index = nearest.of[bin]!;
		counts[index] = counts[index]! + count;
		seen += count;
		sum += count * nearest.off[bin]!;
		if (worst < 0 || nearest.off[bin]! > nearest.off[worst]!) worst = bin;
	}
	const { indices, first } = indicesOf(picture, nearest, worst);
	const { width, height } = picture;
	return {
		indices,
		shares: Array.from(counts, (count) => (seen === 0 ? 0 : count / seen)),
		difference: seen === 0 ? 0 : sum / seen,
		farthest:
			first === null ? null : { x: ((first % width) + 0.5) / width, y: (Math.floor(first / width) + 0.5) / height }
	};
}

/** The number of each pixel's colour, and the first pixel of a bin. */
function indicesOf({ rgba, width, height }: Pixels, { of }: Nearest, wanted: number) {
	const indices = new Uint8Array(width * height).fill(TRANSPARENT);
	let first: number | null = null;
	for (let i = 0, at = 0; i < indices.length; i++, at += 4) {
		if (rgba[at + 3]! < 128) continue;
		const bin = binOf(rgba[at]!, rgba[at + 1]!, rgba[at + 2]!);
		indices[i] = of[bin]!;
		if (first === null && bin === wanted) first = i;
	}
	return { indices, first };
}
