import { converter, formatHex } from 'culori';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { hexToNumber, linearToNumber, numberToHex } from './code-number';

const linearRgb = converter('lrgb');
const anyNumber = fc.integer({ min: 0, max: 0xffffff });

it('a code as a number is the code that culori 4.0.2 writes for its linear light', () => {
	fc.assert(
		fc.property(anyNumber, (code) => {
			const hex = `#${code.toString(16).padStart(6, '0')}`;
			const { r, g, b } = linearRgb(hex)!;
			expect(formatHex({ mode: 'lrgb', r, g, b })).toBe(hex);
			expect(linearToNumber(r, g, b)).toBe(code);
			expect(numberToHex(code)).toBe(hex);
			expect(hexToNumber(hex)).toBe(code);
		}),
		{ seed: 1, numRuns: 500 }
	);
});

it('what lies outside the screen is clipped channel by channel', () => {
	expect(numberToHex(linearToNumber(1.5, -0.2, Number.NaN))).toBe('#ff0000');
});
