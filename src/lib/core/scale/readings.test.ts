import { describe, expect, it } from 'vitest';
import { readColour } from '../colour/read';
import { evenness, readScale } from './readings';
import { makeScale } from './scale';
import { type ScaleSpec } from './spec';

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
