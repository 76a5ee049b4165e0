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
/** The middle of a bin of eight codes. */
const middleOf = (level: number): number => LINEAR_OF_BYTE[8 * level + 4]!;

/** Which of the colours is nearest to each bin that a picture has (CIEDE2000), and how far off it is; worked out when it is first asked for. */
class Nearest {
	private readonly nearest = new Uint8Array(BINS).fill(TRANSPARENT);
	private readonly off = new Float64Array(BINS);
	private readonly labs: readonly ReadonlyTriple[];

	constructor(colours: readonly ReadonlyTriple[]) {
		this.labs = colours.map(linearToLab);
	}

	of(bin: number): number {
		if (this.nearest[bin] === TRANSPARENT) this.find(bin);
		return this.nearest[bin]!;
	}

	/** ΔE00 of a bin that has been asked for. */
	differenceOf = (bin: number): number => this.off[bin]!;

	private find(bin: number): void {
		const [l, a, b] = linearToLab([middleOf(bin >> 10), middleOf((bin >> 5) & 31), middleOf(bin & 31)]);
		let [best, least] = [0, Infinity];
		this.labs.forEach((lab, i) => {
			const difference = ciede2000(l, a, b, lab[0], lab[1], lab[2]);
			if (difference < least) [best, least] = [i, difference];
		});
		this.nearest[bin] = best;
		this.off[bin] = least;
	}
}

/**
 * A picture in only these colours (linear sRGB, 1 to 255 of them): each pixel by the colour nearest to its bin of a grid of 32 codes a
 * channel, which is enough for the eye.
 */
export function reducedTo({ rgba, width, height }: Pixels, colours: readonly ReadonlyTriple[]): Reduced {
	const nearest = new Nearest(colours);
	const indices = new Uint8Array(width * height).fill(TRANSPARENT);
	const counts = new Float64Array(colours.length);
	let [seen, sum, most, at] = [0, 0, -1, 0];
	for (let i = 0; i < indices.length; i++) {
		if (rgba[4 * i + 3]! < 128) continue;
		const bin = binOf(rgba[4 * i]!, rgba[4 * i + 1]!, rgba[4 * i + 2]!);
		const index = nearest.of(bin);
		const difference = nearest.differenceOf(bin);
		indices[i] = index;
		counts[index] = counts[index]! + 1;
		seen++;
		sum += difference;
		if (difference > most) [most, at] = [difference, i];
	}
	return {
		indices,
		shares: Array.from(counts, (count) => (seen === 0 ? 0 : count / seen)),
		difference: seen === 0 ? 0 : sum / seen,
		farthest: seen === 0 ? null : { x: ((at % width) + 0.5) / width, y: (Math.floor(at / width) + 0.5) / height }
	};
}
