import { LINEAR_OF_BYTE } from '../colour/bytes';
import { linearToOklab } from '../colour/oklab';

/** Colours of a picture gathered in a coarse grid of sRGB: where each bin lies in OKLab on average, and how many pixels it has. */
export interface Bins {
	readonly count: number;
	readonly l: Float64Array;
	readonly a: Float64Array;
	readonly b: Float64Array;
	readonly pixels: Float64Array;
}

/** OKLab chroma of a bin. */
export const chromaOf = (bins: Bins, i: number): number => Math.sqrt(bins.a[i]! ** 2 + bins.b[i]! ** 2);

const LEVELS = 32;
/** Samples that are enough to weigh areas to well under a percent. */
const ENOUGH = 400_000;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** Every how many pixels one is taken: enough of them, and never in step with the rows. */
function stride(pixels: number, width: number): number {
	let step = Math.max(1, Math.floor(pixels / ENOUGH));
	while (step > 1 && gcd(step, width) !== 1) step++;
	return step;
}

/** Gathers a plain RGBA buffer (8 bits a channel, row by row); what is more than half transparent is left out. */
export function gather(rgba: Uint8Array | Uint8ClampedArray, width: number): Bins {
	const pixels = rgba.length / 4;
	const sums = new Float64Array(4 * LEVELS ** 3);
	for (let i = 0, step = stride(pixels, width); i < pixels; i += step) {
		const at = 4 * i;
		if (rgba[at + 3]! < 128) continue;
		const [r, g, b] = [rgba[at]!, rgba[at + 1]!, rgba[at + 2]!];
		const bin = 4 * (((r >> 3) << 10) | ((g >> 3) << 5) | (b >> 3));
		sums[bin] = sums[bin]! + LINEAR_OF_BYTE[r]!;
		sums[bin + 1] = sums[bin + 1]! + LINEAR_OF_BYTE[g]!;
		sums[bin + 2] = sums[bin + 2]! + LINEAR_OF_BYTE[b]!;
		sums[bin + 3] = sums[bin + 3]! + 1;
	}
	return toOklabBins(sums);
}

function toOklabBins(sums: Float64Array): Bins {
	const filled: number[] = [];
	for (let bin = 0; bin < sums.length; bin += 4) if (sums[bin + 3]! > 0) filled.push(bin);
	const [l, a, b, pixels] = [0, 1, 2, 3].map(() => new Float64Array(filled.length)) as [
		Float64Array,
		Float64Array,
		Float64Array,
		Float64Array
	];
	filled.forEach((bin, i) => {
		const count = sums[bin + 3]!;
		[l[i], a[i], b[i]] = linearToOklab(sums[bin]! / count, sums[bin + 1]! / count, sums[bin + 2]! / count);
		pixels[i] = count;
	});
	return { count: filled.length, l, a, b, pixels };
}
