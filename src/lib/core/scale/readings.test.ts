import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { readColour } from '../colour/read';
import { evenness, readScale } from './readings';
import { makeScale } from './scale';
import { type ScaleSpec } from './spec';

const oklch = converter('oklch');
const WHITE = [1, 1, 1] as const;
const read = (recipe: ScaleSpec['recipe'], parents: string[], more: Partial<ScaleSpec> = {}) =>
	readScale(
		makeScale({ recipe, parents: parents.map(readColour), between: 5, method: 'oklab', spacing: 'shares', ...more }),
		WHITE
	);

describe('facts of the trade', () => {
	it('the tints of a light hue show their progression less than those of a dark one (common practice, no source)', () => {
		const total = (hex: string) => read('tints', [hex]).differences.reduce((a, b) => a + b);
		expect(total('#ffee00')).toBeLessThan(total('#4b0082'));
		const range = (hex: string) => {
			const { values } = read('tints', [hex]);
			return values.at(-1)! - values[0]!;
		};
		expect(range('#ffee00')).toBeLessThan(range('#0000ff') / 4);
	});

	it('tints rise in value, shades fall, level tones stay (common practice, no source)', () => {
		for (const parent of ['#b3392b', '#d9b036', '#2f5f86']) {
			expect(read('tints', [parent]).course).toEqual({ kind: 'rises' });
			expect(read('shades', [parent]).course).toEqual({ kind: 'falls' });
			expect(read('tones-level', [parent]).course).toEqual({ kind: 'level' });
		}
	});

	it('a mix by light of two colours is lighter than the same mix on screen (common practice, no source)', () => {
		const middle = (method: ScaleSpec['method']) => read('interval', ['#b3392b', '#2f5f86'], { method }).values[3]!;
		expect(middle('light')).toBeGreaterThan(middle('screen') + 1);
	});
});

it('evenness is the smallest difference divided by the largest', () => {
	expect(evenness([2, 4, 8])).toBe(0.25);
	expect(evenness([3, 3])).toBe(1);
	expect(evenness([0, 0])).toBe(1);
});

it('evening out the steps makes an uneven scale even', () => {
	expect(read('shades', ['#d9b036']).evenness).toBeLessThan(0.8);
	expect(read('shades', ['#d9b036'], { spacing: 'differences' }).evenness).toBeGreaterThan(0.98);
});

it('counts steps from 1, as people do: the white end of a tint scale is like a white ground', () => {
	expect(read('tints', ['#b3392b']).likeGround).toEqual([7]);
	expect(read('interval', ['#b3392b', '#b5392b']).likeNext).toEqual([1, 2, 3, 4, 5, 6]);
});

it('names the steps that no screen can show, and the own grey of the parent', () => {
	const readings = read('interval', ['#0000ff', '#ffff00'], { method: 'oklab' });
	expect(readings.outOfGamut.every((step) => step > 1 && step < 7)).toBe(true);
	const given = read('tints', ['oklch(0.7 0.35 145)']);
	expect(given.outOfGamut[0]).toBe(1);
	expect(read('tints', ['#b3392b']).ownGrey.hex).toBe('#646464');
});

it('blue mixed to white on screen leaves its hue; in OKLab it keeps it (the known case, common practice)', () => {
	expect(read('tints', ['#0000ff'], { method: 'screen' }).hueDrift).toBeGreaterThan(10);
	expect(read('tints', ['#0000ff']).hueDrift).toBeLessThan(5);
	expect(read('tints', ['#808080']).hueDrift).toBe(0);
});

describe('hue drift and leaps', () => {
	it('a mixture on screen leaves the straight way of the hue, one in OKLab hardly, and greys have no hue to leave (culori 4.0.2)', () => {
		const parents = ['#0000ff', '#ffffff'];
		const drift = (method: ScaleSpec['method']) => read('interval', parents, { method }).hueDrift;
		// The hue of each step by another library, against that of blue: white has none, so the way stays at blue's.
		const blue = oklch('#0000ff')!.h!;
		const halfway = Math.abs(oklch('rgb(128 128 255)')!.h! - blue);
		expect(drift('screen')).toBeGreaterThan(halfway - 1);
		// What is left is the drawing in of what no screen shows.
		expect(drift('oklab')).toBeLessThan(4);
		expect(read('interval', ['#ffffff', '#0000ff'], { method: 'screen' }).hueDrift).toBeCloseTo(drift('screen'), 1);
		expect(read('interval', ['#202020', '#e0e0e0']).hueDrift).toBe(0);
		expect(read('interval', ['#202020', '#e0e0e0']).hues).toEqual([null, null, null, null, null, null, null]);
		expect(read('tints', ['#b3392b']).chromas[0]!).toBeCloseTo(oklch('#b3392b')!.c, 4);
	});

	it('the leap from a quiet parent to the purest hues is left out of the evenness, at whichever end it stands', () => {
		const quiet = read('hue-steps', ['#d8c8c0', '#0000ff'], { between: 6 });
		expect(quiet.leaps).toContain(0);
		const other = read('hue-steps', ['#0000ff', '#d8c8c0'], { between: 6 });
		expect(other.leaps).toContain(6);
		for (const { differences, leaps, evenness: told } of [quiet, other]) {
			const free = differences.filter((_, i) => !leaps.includes(i));
			expect(told).toBeCloseTo(Math.min(...free) / Math.max(...free), 9);
			expect(told).toBeGreaterThan(Math.min(...differences) / Math.max(...differences));
		}
	});

	it('the last step has no next one that it could be like', () => {
		expect(read('interval', ['#b3392b', '#b3392b']).likeNext).toEqual([1, 2, 3, 4, 5, 6]);
		expect(read('interval', ['#b3392b', '#2f5f86']).likeNext).toEqual([]);
	});
});

describe('how far hues leave the straight way', () => {
	const drift = (parents: string[], method: ScaleSpec['method'], recipe: ScaleSpec['recipe'] = 'interval'): number =>
		read(recipe, parents, { method, between: 7 }).hueDrift;

	it('not at all where hue itself is mixed, up or down the circle', () => {
		expect(drift(['#a8584c', '#a89048'], 'oklch')).toBeLessThan(1);
		expect(drift(['#a89048', '#a8584c'], 'oklch')).toBeLessThan(1);
	});

	it('an end without a hue takes the other’s: blue to white on the screen turns towards violet (the known case), grey to grey has nothing to turn', () => {
		expect(drift(['#0000ff'], 'screen', 'tints')).toBeGreaterThan(5);
		expect(drift(['#ffffff', '#0000ff'], 'screen')).toBeCloseTo(drift(['#0000ff'], 'screen', 'tints'), 1);
		expect(drift(['#2f5f86'], 'oklab', 'tints')).toBeLessThan(1);
		expect(drift(['#000000', '#ffffff'], 'oklab')).toBe(0);
	});
});
