import { type MixExercise, type OpticalPattern, type BalanceForm, type OverlapFigure } from '../schema';

/** What people read for each exercise on a plate of mixes. */
export const MIX_WORDS: Readonly<Record<MixExercise, { name: string; says: string }>> = {
	ways: {
		name: 'Six ways to mix',
		says: 'The same parents in the same parts, mixed as the world and the screen mix them.'
	},
	middle: { name: 'The middle mixture', says: 'The one mixture that seems to stand midway; find it by eye first.' },
	halving: {
		name: 'Halving and strokes',
		says: 'A scale by taking middles of middles, and one by thin strokes laid over each other.'
	},
	overlap: {
		name: 'Overlaps',
		says: 'The colour where figures cross, chosen so that one seems transparent, and which one is in front.'
	},
	optical: {
		name: 'The optical mix',
		says: 'Fine stripes, checks or dots beside the flat mean of their light; step back until they are one.'
	},
	balance: {
		name: 'Areas in balance',
		says: 'Light hues need less area than dark ones to hold each other in balance (Goethe’s light values, after Itten 1961).'
	}
};

export const FIGURE_WORDS: Readonly<Record<OverlapFigure, string>> = {
	bars: 'bars',
	squares: 'squares',
	circles: 'circles',
	leaves: 'leaves'
};

export const PATTERN_WORDS: Readonly<Record<OpticalPattern, string>> = {
	stripes: 'stripes',
	checks: 'checks',
	dots: 'dots'
};

export const BALANCE_WORDS: Readonly<Record<BalanceForm, string>> = { bars: 'bars', blanket: 'a blanket' };
