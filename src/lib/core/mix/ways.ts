import { linearToOklab, oklabToLinear } from '../colour/oklab';
import { fitted, type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { multipliedOnScreen, throughFilters } from './filter';
import { addLights, meanOfLight, totalOf, type Part } from './light';
import { mixPaint } from './paint';

/** The ways in which colours mix: in the world, on screens, and for the eye. */
export const WAYS = ['light', 'filter', 'layers', 'paint', 'optical', 'middle'] as const;
export type Way = (typeof WAYS)[number];

/** What people read for each way; `says` is the one sentence on when the world mixes that way. */
export const WAY_WORDS: Readonly<Record<Way, { name: string; says: string }>> = {
	light: { name: 'Light', says: 'Lamps shone on one place add up: stage light, screens close to.' },
	filter: {
		name: 'Filter',
		says: 'Glass or gel laid over each other: each takes light away from what the others let through.'
	},
	layers: {
		name: 'Layered multiply',
		says: 'What drawing programs call multiply: their codes multiplied, which comes near to filters.'
	},
	paint: { name: 'Paint', says: 'Pigments or dyes stirred into one: they absorb and scatter together.' },
	optical: { name: 'Optical', says: 'Threads or dots too small to see apart: the eye takes the mean of their light.' },
	middle: {
		name: 'Perceptual middle',
		says: 'The colour that seems to stand between them, by equal steps for the eye.'
	}
};

/** Weights brought to shares that add up to 1. */
function shares(parts: readonly Part[]): Part[] {
	const total = totalOf(parts);
	return parts.map(({ linear, weight }) => ({ linear, weight: weight / total }));
}

/** The weighted mean of OKLab coordinates. */
function meanForTheEye(parts: readonly Part[]): Fitted {
	const sum: Triple = [0, 0, 0];
	for (const { linear, weight } of shares(parts))
		linearToOklab(linear[0], linear[1], linear[2]).forEach((x, i) => (sum[i]! += weight * x));
	return fitted(oklabToLinear(...sum));
}

/** Layers multiplied one after the other, each as strong as its share of the strongest. */
function multiplied(parts: readonly Part[]): Triple {
	const most = Math.max(...parts.map(({ weight }) => weight));
	return parts.reduce<Triple>(
		(under, { linear, weight }) => {
			const strength = weight / most;
			const thinned = linear.map((channel) => 1 + (channel - 1) * strength) as Triple;
			return multipliedOnScreen(under, thinned);
		},
		[1, 1, 1]
	);
}

/**
 * Colours (linear sRGB 0–1) mixed in parts by a way. Light is added as it is given: the strongest lamp at full, the others as
 * their parts have it, clipped and marked over the screen's white. Filters are as thick as their parts beside the thickest.
 * @throws Problem `parts` where there is nothing to mix.
 */
export function mixBy(way: Way, parts: readonly Part[]): Fitted {
	totalOf(parts);
	const most = Math.max(...parts.map(({ weight }) => weight));
	const beside = parts.map(({ linear, weight }) => ({ linear, weight: weight / most }));
	const whole = (linear: Triple): Fitted => ({ linear, mapped: false });
	switch (way) {
		case 'light': {
			const { linear, clipped } = addLights(beside);
			return { linear, mapped: clipped };
		}
		case 'filter':
			return whole(throughFilters(beside));
		case 'layers':
			return whole(multiplied(parts));
		case 'paint':
			return whole(mixPaint(parts));
		case 'optical':
			return whole(meanOfLight(parts));
		case 'middle':
			return meanForTheEye(parts);
	}
}

/** Where a lean −1 to 1 puts a mixture on the way from one parent to the other: 0 at the middle, the ends at the parents. */
export function leanedShare(middle: number, lean: number): number {
	const at = Math.min(1, Math.max(-1, lean));
	return at < 0 ? middle * (1 + at) : middle + (1 - middle) * at;
}
