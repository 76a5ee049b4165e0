import fc from 'fast-check';
import { expect, it } from 'vitest';
import { besideLimit, saidApart } from './say-number';

it('a number beside a limit never says the contrary of the verdict', () => {
	expect(besideLimit(64.6, 65)).toBe('64.6');
	expect(besideLimit(64.996, 65)).toBe('64.996');
	expect(besideLimit(65, 65)).toBe('65');
	expect(besideLimit(12.34, 20)).toBe('12');
	expect(besideLimit(0.7999, 0.8, 2)).toBe('0.7999');
	fc.assert(
		fc.property(fc.double({ min: 0, max: 100, noNaN: true }), fc.integer({ min: 0, max: 100 }), (value, limit) => {
			fc.pre(Math.abs(value - limit) > 1e-5);
			expect(Number(besideLimit(value, limit)) > limit).toBe(value > limit);
			expect(Number(besideLimit(value, limit)) < limit).toBe(value < limit);
		}),
		{ seed: 2 }
	);
});

it('two numbers that differ are said differently, and no longer than it takes', () => {
	expect(saidApart(42.41, 42.44)).toEqual(['42.41', '42.44']);
	expect(saidApart(42, 80)).toEqual(['42', '80']);
	expect(saidApart(7, 7)).toEqual(['7', '7']);
});
