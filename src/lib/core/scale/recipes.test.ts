import { converter } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chromaOf, hex, hueOf, make, spec, WHITE } from '../../../../tests/support/scales';
import { Problem } from '../problem';
import { WHEELS } from '../scheme/wheel';
import { readScale } from './readings';

const oklch = converter('oklch');
const lab = converter('lab65');
const exact = ([r, g, b]: readonly number[]) => ({ mode: 'lrgb', r: r!, g: g!, b: b! }) as const;

describe('recipes', () => {
	it('rising tones end in a lighter grey, falling ones in a darker, and a grey on the wrong side is refused', () => {
		const given = { parents: ['#b3392b'], between: 5, method: 'oklab', spacing: 'shares' } as const;
		const rising = make({ ...given, recipe: 'tones-rising', endValue: 72 }).steps.at(-1)!;
		expect(rising.value).toBeCloseTo(72, 6);
		expect(chromaOf(rising.linear)).toBeLessThan(1e-6);
		expect(make({ ...given, recipe: 'tones-falling' }).steps.at(-1)!.value).toBeCloseTo(21, 0);
		expect(() => make({ ...given, recipe: 'tones-rising', endValue: 20 })).toThrow(/wrong side/);
		expect(() => make({ ...given, recipe: 'tones-falling', endValue: 60 })).toThrow(Problem);
	});

	it('a colour is dulled through the neutral: on every wheel and in every mixing the middle step has no colour, of the mean value (common practice)', () => {
		fc.assert(
			fc.property(
				hex,
				spec,
				fc.constantFrom(...WHEELS),
				fc.integer({ min: 0, max: 10 }),
				(parent, given, wheel, half) => {
					const scale = make({ ...given, recipe: 'dulling', parents: [parent], between: 2 * half + 1, wheel });
					const middle = scale.steps[half + 1]!;
					expect(oklch(middle.hex)?.c).toBeLessThan(0.005);
					const ends = [scale.steps[0]!, scale.steps.at(-1)!].map((step) => lab(exact(step.linear)).l);
					expect(lab(exact(middle.linear)).l).toBeCloseTo((ends[0]! + ends[1]!) / 2, 3);
				}
			),
			{ seed: 12, numRuns: 300 }
		);
		// Pure red by the painter's wheel: no strong yellow stands between it and its green.
		const red = make({ recipe: 'dulling', parents: ['#ff0000'], between: 5, method: 'oklab', spacing: 'shares' });
		const chromas = red.steps.map((step) => oklch(step.hex)?.c ?? 0);
		expect(chromas.slice(1, 4)).toEqual(chromas.slice(1, 4).sort((one, other) => other - one));
		expect(
			make({
				recipe: 'dulling',
				parents: ['#ff0000'],
				between: 5,
				method: 'oklab',
				spacing: 'shares',
				oneWay: true
			}).steps.at(-1)!.hex
		).toMatch(/^#(..)\1\1$/);
	});

	it('dulled as the method mixes them, a colour passes a near-neutral where the mixing has one, by light on its wheel (common practice)', () => {
		for (const parent of ['#b3392b', '#d9b036', '#2f5f86'])
			for (const wheel of ['light', 'perceptual'] as const) {
				const given = { recipe: 'dulling', between: 21, method: 'light', spacing: 'shares', dulling: 'mixed' } as const;
				const { steps } = make({ ...given, parents: [parent], wheel });
				const quietest = Math.min(...steps.map(({ linear }) => chromaOf(linear)));
				expect(quietest).toBeLessThan(chromaOf(steps[0]!.linear) / 3);
			}
	});

	it('hue steps are each the purest of their hue, and both ends are the parents (common practice: the greatest saturation)', () => {
		const given = { recipe: 'hue-steps', between: 6, method: 'oklab', spacing: 'differences' } as const;
		const { steps, leaps } = make({ ...given, parents: ['#16305f', '#b3392b'] });
		expect([steps[0]!.hex, steps.at(-1)!.hex]).toEqual(['#16305f', '#b3392b']);
		for (const { hex: code } of steps.slice(1, -1)) {
			// A pure hue has one channel full and one empty.
			const channels = [1, 3, 5].map((at) => parseInt(code.slice(at, at + 2), 16));
			expect([Math.min(...channels), Math.max(...channels)], code).toEqual([0, 255]);
		}
		expect(leaps.map(({ step }) => step)).toEqual([1, 8]);
		expect(leaps[0]!.by).toBeGreaterThan(10);
		// Pure parents are their own purest: no leap, and every step is as far from the next.
		const pure = make({ ...given, parents: ['#ff0000', '#00ff00'] });
		expect(pure.leaps).toEqual([]);
		expect(readScale(pure, WHITE).evenness).toBeGreaterThan(0.98);
	});

	it('a grey, or two hues under 5° apart, have no hue to turn: the steps are mixed between the two', () => {
		for (const parents of [
			['#808080', '#b3392b'],
			['#b3392b', '#b43a2a'],
			['#ffffff', '#000000']
		]) {
			const given = { parents, between: 5, method: 'oklab', spacing: 'shares' } as const;
			expect(make({ ...given, recipe: 'hue-steps' }).steps.map((step) => step.hex)).toEqual(
				make({ ...given, recipe: 'interval' }).steps.map((step) => step.hex)
			);
		}
	});

	it('hue steps held at one value and chroma keep them where the screen has them, and by greatest chroma are never quieter', () => {
		const given = {
			recipe: 'hue-steps',
			parents: ['#a0605a', '#56759a'],
			between: 7,
			method: 'oklab',
			spacing: 'shares',
			turning: 'held'
		} as const;
		const { steps } = make(given);
		for (const { value, linear, mapped } of steps) {
			expect(value).toBeCloseTo(steps[0]!.value, 5);
			if (!mapped) expect(chromaOf(linear)).toBeCloseTo(chromaOf(steps[0]!.linear), 6);
		}
		expect(hueOf(steps.at(-1)!.linear)).toBeCloseTo(
			hueOf(make({ ...given, recipe: 'tints', parents: ['#56759a'] }).steps[0]!.linear),
			4
		);
		const strong = make({ ...given, turning: 'greatest' }).steps;
		strong.forEach(({ linear, value }, i) => {
			expect(chromaOf(linear)).toBeGreaterThanOrEqual(chromaOf(steps[i]!.linear) - 1e-6);
			expect(value).toBeCloseTo(steps[0]!.value, 5);
		});
	});

	it('value steps go from white to black through the parent, where its own value falls or in the middle', () => {
		const given = {
			recipe: 'value-steps',
			parents: ['#d9b036'],
			between: 9,
			method: 'oklab',
			spacing: 'shares'
		} as const;
		const byValue = make(given).steps;
		const place = byValue.findIndex(({ parent }) => parent === 0);
		expect(byValue[place]!.hex).toBe('#d9b036');
		expect(place).toBe(Math.round((1 - byValue[place]!.value / 100) * 10));
		expect(make({ ...given, parentPlace: 'middle' }).steps[5]!.hex).toBe('#d9b036');
		expect(readScale(make(given), WHITE).course).toEqual({ kind: 'falls' });
		for (const { linear } of byValue)
			if (chromaOf(linear) > 0.01) expect(hueOf(linear)).toBeCloseTo(hueOf(byValue[place]!.linear), 0);
	});

	it('a path goes through its parents at their places', () => {
		const parents = ['#b3392b', '#d9b036', '#2f5f86'];
		const given = { recipe: 'path', parents, between: 9, method: 'oklab', spacing: 'shares' } as const;
		expect(make(given).steps[5]!.hex).toBe('#d9b036');
		expect(make({ ...given, places: [0.2] }).steps[2]!.hex).toBe('#d9b036');
		expect(() => make({ ...given, places: [0.5, 0.4] })).toThrow(Problem);
		expect(() => make({ ...given, places: [1] })).toThrow(Problem);
	});
});
