import { converter, differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { errorsOf, leansOf, practiceResult, practiceSubject, quartiles, SERIES, type PracticeResult } from './practice';

const linear = (text: string): Triple => toLinear(readColour(text));
const lab = converter('lab65');
const oklch = converter('oklch');

describe('a series of practice', () => {
	it('has subjects that a screen can show, some on grounds, the same again from the same seed', () => {
		for (let seed = 1; seed < 30; seed++) {
			const subjects = Array.from({ length: SERIES }, (_, round) => practiceSubject(seed, round));
			expect(subjects.filter(({ ground }) => ground !== null)).toHaveLength(3);
			for (const { colour } of subjects) expect(colour.every((x) => x >= 0 && x <= 1)).toBe(true);
			expect(new Set(subjects.map(({ colour }) => linearToHex(...colour))).size).toBe(SERIES);
			expect(practiceSubject(seed, 4)).toEqual(subjects[4]);
		}
	});

	it('what is kept of a subject is how far off it was set (culori 4.0.2)', () => {
		const [yours, truth] = ['#a05040', '#8a6055'];
		const { light, strength, difference, value, chroma, hue } = practiceResult(linear(yours), linear(truth), 5);
		expect(light).toBeCloseTo(lab(truth)!.l, 1);
		expect(strength).toBeCloseTo(oklch(truth)!.c, 3);
		expect(difference).toBeCloseTo(differenceCiede2000()(yours, truth), 1);
		expect(value).toBeCloseTo(lab(yours)!.l - lab(truth)!.l, 1);
		expect(chroma).toBeCloseTo(oklch(yours)!.c - oklch(truth)!.c, 3);
		expect(hue!).toBeCloseTo(oklch(yours)!.h! - oklch(truth)!.h!, 0);
		expect(practiceResult(linear('#808080'), linear(truth), 5).hue).toBeNull();
	});
});

describe('quartiles', () => {
	it('of a worked example (Hyndman and Fan 1996, their definition 7): 1 to 8', () => {
		expect(quartiles([8, 1, 3, 2, 5, 4, 7, 6])).toEqual({ low: 2.75, median: 4.5, high: 6.25 });
		expect(quartiles([4])).toEqual({ low: 4, median: 4, high: 4 });
		expect(quartiles([])).toBeNull();
	});
});

const of = (light: number, strength: number, value: number, chroma: number): PracticeResult => ({
	light,
	strength,
	difference: 5,
	limit: 6,
	value,
	chroma,
	hue: null
});

describe('what somebody is blind to', () => {
	it('is said of kinds of colours in which they lean one way, the strongest lean first', () => {
		const results = [
			...Array.from({ length: 9 }, (_, i) => of(20 + i, 0.07, 6, 0)),
			...Array.from({ length: 9 }, (_, i) => of(75 + i, 0.07, 0, -0.015))
		];
		expect(leansOf(results).map(({ words }) => words)).toEqual([
			'You set dark colours 6 too light (median of 9).',
			'You set light colours too grey (median of 9).'
		]);
	});

	it('of few subjects, and of errors that go both ways, nothing is said', () => {
		expect(leansOf(Array.from({ length: 5 }, () => of(20, 0.03, 9, 0.05)))).toEqual([]);
		expect(leansOf(Array.from({ length: 20 }, (_, i) => of(20, 0.07, i % 2 ? 9 : -9, 0)))).toEqual([]);
	});

	it('errors are taken without their sign, hue where there is one, chroma times 100', () => {
		const results = [of(50, 0.1, -3, 0.02), { ...of(50, 0.1, 4, -0.01), hue: -12 }];
		expect(errorsOf(results, 'value')).toEqual([3, 4]);
		expect(errorsOf(results, 'chroma')).toEqual([2, 1]);
		expect(errorsOf(results, 'hue')).toEqual([12]);
	});
});
