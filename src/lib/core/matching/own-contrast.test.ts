import fc from 'fast-check';
import { differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { seenColour } from '../ground/on-ground';
import { type Strengths } from '../ground/on-ground';
import { fitStrengths, type Match } from './fit-strengths';
import { CONTRAST_ROUNDS, contrastTrial, matchesOf as codedMatches, readContrast } from './own-contrast';

const linear = (text: string): Triple => toLinear(readColour(text));
const series = (seed: number) => Array.from({ length: CONTRAST_ROUNDS }, (_, round) => contrastTrial(seed, round));
/** The matches of a person who has just these strengths, as far as a hand sets them wrong by so much of each channel. */
const matchesOf = (seed: number, strengths: Strengths, off = 0): Match[] =>
	series(seed).map(({ figure, ground }, i) => {
		const seen = seenColour(figure, ground, strengths);
		return { figure, ground, twin: seen.map((x, k) => x + off * (((i + k) % 3) - 1)) as Triple };
	});
const startsOf = (seed: number) => series(seed).map(({ start }) => start);

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

	it('both strengths of a person are found again from matches made with them, with no spread', () => {
		const within = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
		fc.assert(
			fc.property(within(0.55), within(0.27), fc.nat(50), (value, colour, seed) => {
				const { strengths, spread } = fitStrengths(matchesOf(seed, { value, colour }));
				expect(strengths.value).toBeCloseTo(value, 3);
				expect(strengths.colour).toBeCloseTo(colour, 3);
				expect(Math.max(spread.value, spread.colour)).toBeLessThan(0.005);
			}),
			{ seed: 1, numRuns: 40 }
		);
		expect(() => fitStrengths([])).toThrow('no matches');
	});

	it('no strength leaves its range, whatever was set', () => {
		const grounds = ['#000000', '#ffffff', '#101010', '#f0f0f0'].map(linear);
		const wild = (light: string, dark: string) =>
			fitStrengths(
				grounds.map((ground, i) => ({ figure: linear('#777777'), ground, twin: linear(i % 2 === 0 ? light : dark) }))
			).strengths;
		expect(wild('#ffffff', '#000000').value).toBeCloseTo(-0.6, 9);
		expect(wild('#000000', '#ffffff').value).toBeCloseTo(0.6, 9);
		for (const { value, colour } of [wild('#ff0000', '#0000ff'), wild('#00ff00', '#ff00ff')]) {
			expect(Math.abs(value)).toBeLessThanOrEqual(0.6);
			expect(Math.abs(colour)).toBeLessThanOrEqual(0.3);
		}
	});

	it('a hand that is a little off still agrees; matches that contradict each other tell nothing', () => {
		const usual = { value: -0.3, colour: -0.08 };
		const fair = readContrast(matchesOf(3, usual, 0.004), startsOf(3));
		expect(fair.verdict).toBe('agrees');
		expect(fair.strengths.value).toBeCloseTo(-0.3, 1);
		const half = matchesOf(3, usual).map((match, i) =>
			i % 2 === 0 ? match : { ...match, twin: seenColour(match.figure, match.ground, { value: 0.3, colour: 0.1 }) }
		);
		const torn = readContrast(half, startsOf(3));
		expect(torn.verdict).toBe('contradicts');
		expect(torn.spread.value).toBeGreaterThan(0.1);
	});

	it('a series whose twins stand where they started tells nothing', () => {
		const left = series(5).map(({ figure, ground, start }, i) => ({
			figure,
			ground,
			twin: i % 2 === 0 ? start : seenColour(figure, ground)
		}));
		expect(readContrast(left, startsOf(5)).verdict).toBe('untouched');
	});

	it('in the shifts a figure seems darker on lighter grounds and lighter on darker ones, as every teacher shows (common practice)', () => {
		const { strengths, shifts } = readContrast(matchesOf(3, { value: -0.3, colour: -0.08 }), startsOf(3));
		expect(strengths.value).toBeCloseTo(-0.3, 3);
		const plain = shifts.filter(({ ground }) => Math.abs(ground) > 20);
		expect(plain.length).toBeGreaterThanOrEqual(6);
		for (const { ground, measured } of plain) expect(Math.sign(measured)).toBe(-Math.sign(ground));
		for (const { measured, predicted } of shifts) expect(measured).toBeCloseTo(predicted, 2);
	});

	it('a person who sets every twin to the figure’s own colour has no contrast: both strengths are 0', () => {
		const { strengths, spread, verdict } = readContrast(matchesOf(9, { value: 0, colour: 0 }), startsOf(9));
		expect(strengths.value).toBeCloseTo(0, 3);
		expect(strengths.colour).toBeCloseTo(0, 3);
		expect(spread.value).toBeLessThan(0.01);
		expect(verdict).toBe('agrees');
	});

	it('a series that somebody has begun goes on with the same matches: twins are kept by its seed alone', () => {
		const codes = (seed: number, round: number) => {
			const { figure, ground, start } = contrastTrial(seed, round);
			return [figure, ground, start].map((colour) => linearToHex(...colour));
		};
		// As they were made when twins were first kept.
		expect([codes(23, 0), codes(23, 5), codes(4, 11)]).toEqual([
			['#7c7c7c', '#ebebeb', '#918d90'],
			['#7c7c7c', '#b7453b', '#776658'],
			['#9c8969', '#2864ac', '#a5a2c1']
		]);
		expect([contrastTrial(23, 0).figure, contrastTrial(23, 0).ground]).toEqual([
			contrastTrial(23, -3).figure,
			contrastTrial(23, -3).ground
		]);
		const last = contrastTrial(23, CONTRAST_ROUNDS - 1);
		expect([contrastTrial(23, 40).figure, contrastTrial(23, 40).ground]).toEqual([last.figure, last.ground]);
	});

	it('kept codes become the light that a screen gives, each in its place', () => {
		const [match] = codedMatches([{ figure: '#808080', ground: 'oklch(0.7 0.4 150)', twin: '#fff' }]);
		expect(match!.figure.map((x) => x.toFixed(4))).toEqual(['0.2159', '0.2159', '0.2159']);
		expect(match!.twin.every((x) => Math.abs(x - 1) < 1e-9)).toBe(true);
		for (const x of match!.ground) expect(x >= 0 && x <= 1).toBe(true);
	});

	it('either strength alone can contradict itself', () => {
		const torn = (one: Strengths, other: Strengths) => {
			const [a, b] = [matchesOf(3, one), matchesOf(3, other)];
			return readContrast(
				a.map((match, i) => (i % 2 === 0 ? match : b[i]!)),
				startsOf(3)
			);
		};
		const value = torn({ value: -0.5, colour: -0.08 }, { value: 0.3, colour: -0.08 });
		expect(value.spread.value).toBeGreaterThan(0.1);
		expect(value.spread.colour).toBeLessThan(0.04);
		expect(value.verdict).toBe('contradicts');
		const colour = torn({ value: -0.3, colour: -0.25 }, { value: -0.3, colour: 0.15 });
		expect(colour.spread.value).toBeLessThan(0.1);
		expect(colour.spread.colour).toBeGreaterThan(0.04);
		expect(colour.verdict).toBe('contradicts');
	});

	it('a figure on a ground of its own colour tells nothing, and has no spread', () => {
		const grey = linear('#808080');
		const { strengths, spread } = fitStrengths([{ figure: [0, 0, 0], ground: [0, 0, 0], twin: [0, 0, 0] }]);
		expect([strengths.value, strengths.colour, spread.value, spread.colour].every(Number.isFinite)).toBe(true);
		expect(fitStrengths([{ figure: grey, ground: linear('#ffffff'), twin: grey }]).strengths.colour).toBeCloseTo(0, 3);
	});
});
