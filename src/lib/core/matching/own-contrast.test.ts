import fc from 'fast-check';
import { differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { seenColour } from '../ground/on-ground';
import { CONTRAST_ROUNDS, contrastTrial, fitInfluence, readContrast, type Match } from './own-contrast';

const linear = (text: string): Triple => toLinear(readColour(text));
const series = (seed: number) => Array.from({ length: CONTRAST_ROUNDS }, (_, round) => contrastTrial(seed, round));
/** The matches of a person who has just this p. */
const matchesOf = (seed: number, p: number): Match[] =>
	series(seed).map(({ figure, ground }) => ({ figure, ground, twin: seenColour(figure, ground, p) }));

describe('one’s own contrast, by the method of adjustment (common practice; the model is CIECAM16, CIE 248:2022)', () => {
	it('a series is a dozen matches, each figure on each ground once, in an order and with starts of its own', () => {
		expect(CONTRAST_ROUNDS).toBe(12);
		for (let seed = 0; seed < 40; seed++) {
			const pairs = series(seed).map(({ figure, ground }) => linearToHex(...figure) + linearToHex(...ground));
			expect(new Set(pairs).size).toBe(CONTRAST_ROUNDS);
			expect(series(seed)).toEqual(series(seed));
		}
		const orders = Array.from({ length: 40 }, (_, seed) => JSON.stringify(series(seed).map(({ ground }) => ground)));
		expect(new Set(orders).size).toBe(40);
	});

	it('a twin starts plainly away from its figure, on both sides of it, and where a screen can show it (ΔE00 of culori 4.0.2)', () => {
		const difference = differenceCiede2000();
		const trials = Array.from({ length: 40 }, (_, seed) => series(seed)).flat();
		for (const { figure, start } of trials) {
			expect(difference(linearToHex(...start), linearToHex(...figure))).toBeGreaterThan(4);
			for (const channel of start) expect(channel >= 0 && channel <= 1).toBe(true);
		}
		const lighter = trials.filter(({ figure, start }) => start[1] > figure[1]).length / trials.length;
		expect(lighter).toBeGreaterThan(0.4);
		expect(lighter).toBeLessThan(0.6);
	});

	it('a person’s p is found again from matches made with it, with no spread; noise shows as spread', () => {
		const grounds = ['#202020', '#e0e0e0', '#c03020', '#3050a0'].map(linear);
		fc.assert(
			fc.property(fc.double({ min: -0.8, max: 0.5, noNaN: true }), (p) => {
				const figure = linear('#90887a');
				const matches = grounds.map((ground) => ({ figure, ground, twin: seenColour(figure, ground, p) }));
				const fitted = fitInfluence(matches);
				expect(fitted.p).toBeCloseTo(p, 3);
				expect(fitted.spread).toBeLessThan(0.01);
			}),
			{ seed: 1, numRuns: 25 }
		);
		const figure = linear('#90887a');
		const unsure = [-0.5, -0.1].map((p) => ({ figure, ground: grounds[0]!, twin: seenColour(figure, grounds[0]!, p) }));
		expect(fitInfluence(unsure).spread).toBeGreaterThan(0.1);
	});

	it('in the shifts a figure seems darker on lighter grounds and lighter on darker ones, as every teacher shows (common practice)', () => {
		const { p, shifts } = readContrast(matchesOf(3, -0.3));
		expect(p).toBeCloseTo(-0.3, 3);
		for (const { ground, measured, predicted } of shifts) {
			expect(measured).toBeCloseTo(predicted, 2);
			if (Math.abs(ground) > 20) expect(Math.sign(measured)).toBe(-Math.sign(ground));
		}
	});

	it('a person who sets every twin to the figure’s own colour has no contrast: p is 0', () => {
		const { p, spread } = readContrast(matchesOf(9, 0));
		expect(p).toBeCloseTo(0, 3);
		expect(spread).toBeLessThan(0.01);
	});
});
