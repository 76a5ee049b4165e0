import { describe, it } from 'vitest';
import { checkAgainst } from '../../../../tests/support/checks';
import { seeded } from '../../../../tests/support/colours';
import { LINEAR_OF_BYTE } from '../colour/bytes';
import { linearToOklab, oklabToLinear } from '../colour/oklab';
import { clipped } from '../colour/gamut';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { coloursOfPicture } from './group';

const WIDTH = 320;
const HEIGHT = 240;
const clip = (x: number): number => Math.max(0, Math.min(255, Math.round(x)));

/** Soft fields that run into each other, with noise: made-up pictures with no few colours that would be the right ones. */
function softFields(seed: number): Uint8Array {
	const next = seeded(seed);
	const fields = Array.from({ length: 12 }, () => ({
		x: next() * WIDTH,
		y: next() * HEIGHT,
		size: 30 + 70 * next(),
		colour: [255 * next(), 255 * next(), 255 * next()]
	}));
	const rgba = new Uint8Array(4 * WIDTH * HEIGHT);
	for (let i = 0; i < WIDTH * HEIGHT; i++) {
		const [x, y] = [i % WIDTH, Math.floor(i / WIDTH)];
		const weights = fields.map(
			(field) => Math.exp(-((x - field.x) ** 2 + (y - field.y) ** 2) / field.size ** 2) + 1e-4
		);
		const total = weights.reduce((sum, weight) => sum + weight, 0);
		for (let c = 0; c < 3; c++) {
			const mean = fields.reduce((sum, { colour }, k) => sum + (weights[k]! * colour[c]!) / total, 0);
			rgba[4 * i + c] = clip(mean + 14 * (next() - 0.5));
		}
		rgba[4 * i + 3] = 255;
	}
	return rgba;
}

/** Every 37th pixel, in linear light: what both are judged by. */
function sampleOf(rgba: Uint8Array): Triple[] {
	const sample: Triple[] = [];
	for (let at = 0; at < rgba.length; at += 4 * 37)
		sample.push([LINEAR_OF_BYTE[rgba[at]!]!, LINEAR_OF_BYTE[rgba[at + 1]!]!, LINEAR_OF_BYTE[rgba[at + 2]!]!]);
	return sample;
}

/** The mean CIEDE2000 from each pixel to the nearest colour. */
function meanMiss(sample: readonly Triple[], colours: readonly Triple[]): number {
	const miss = (pixel: Triple) => Math.min(...colours.map((colour) => differenceOfLinear(pixel, colour)));
	return sample.reduce((sum, pixel) => sum + miss(pixel), 0) / sample.length;
}

/** Plain k-means in OKLab from random pixels, as textbooks have it (S. Lloyd 1982). */
function kMeans(points: readonly Triple[], count: number, next: () => number): Triple[] {
	let means = Array.from({ length: count }, () => points[Math.floor(next() * points.length)]!);
	for (let round = 0; round < 25; round++) {
		const sums = means.map(() => [0, 0, 0, 0]);
		for (const [l, a, b] of points) {
			let best = 0;
			let least = Infinity;
			means.forEach((mean, k) => {
				const distance = (mean[0] - l) ** 2 + (mean[1] - a) ** 2 + (mean[2] - b) ** 2;
				if (distance < least) [best, least] = [k, distance];
			});
			[l, a, b, 1].forEach((x, i) => (sums[best]![i]! += x));
		}
		means = sums.map(([l, a, b, n], k): Triple => (n! > 0 ? [l! / n!, a! / n!, b! / n!] : means[k]!));
	}
	return means.map(([l, a, b]) => clipped(oklabToLinear(l, a, b)));
}

describe('how well the colours of a picture stand for it', () => {
	it.each([5, 16])('%i colours miss the pixels by no more than 1.02 times the best of 30 k-means runs', (count) => {
		const subject = {
			method: `Picture to ${count} colours: mean ΔE00, as times the reference's, over 1`,
			source: 'best of 30 runs of k-means (Lloyd 1982)',
			tolerance: 0.02
		};
		checkAgainst(subject, (deviation) => {
			for (const seed of [3, 8]) {
				const rgba = softFields(seed);
				const sample = sampleOf(rgba);
				const ours = coloursOfPicture(rgba, WIDTH, count, 'area', 1).map(({ linear }) => linear);
				const points = sample.map(([r, g, b]) => linearToOklab(r, g, b));
				const next = seeded(seed + 100);
				const runs = Array.from({ length: 30 }, () => meanMiss(sample, kMeans(points, count, next)));
				deviation(Math.max(1, meanMiss(sample, ours) / Math.min(...runs)), 1);
			}
		});
	});
});
