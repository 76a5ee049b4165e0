import { blend, differenceCiede2000, formatHex } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { leanedShare, mixBy, WAYS, WAY_WORDS } from './ways';

const linear = (text: string): Triple => toLinear(readColour(text));
const hex = (way: (typeof WAYS)[number], ...parts: [text: string, weight: number][]): string =>
	linearToHex(
		...mixBy(
			way,
			parts.map(([text, weight]) => ({ linear: linear(text), weight }))
		).linear
	);

describe('ways to mix', () => {
	it('red and green light are yellow; green and red glass let nothing through; yellow and blue paint is green (facts of the trade)', () => {
		expect(hex('light', ['#ff0000', 1], ['#00ff00', 1])).toBe('#ffff00');
		expect(hex('filter', ['#ff0000', 1], ['#00ff00', 1])).toBe('#000000');
		const [r, g, b] = [1, 3, 5].map((at) =>
			parseInt(hex('paint', ['#fbd800', 1], ['#0047ab', 1]).slice(at, at + 2), 16)
		);
		expect(g!).toBeGreaterThan(r!);
		expect(g!).toBeGreaterThan(b!);
	});

	it('each way has its name, in the order of the wall chart', () => {
		expect(WAYS.map((way) => WAY_WORDS[way].name)).toEqual([
			'Light',
			'Filter',
			'Layered multiply',
			'Paint',
			'Optical',
			'Perceptual middle'
		]);
	});

	it('half black and half white: by light far off half of the light, for the eye midway, by filter black (facts of the trade)', () => {
		const half = (way: (typeof WAYS)[number]) => hex(way, ['#000000', 1], ['#ffffff', 1]);
		expect(half('optical')).toBe('#bcbcbc');
		expect(half('filter')).toBe('#000000');
		// The cube of a half is an eighth of the light (OKLab).
		expect(half('middle')).toBe('#636363');
		// A lamp counts beside the strongest, a filter beside the thickest: twice the thickness lets a square through.
		expect(hex('light', ['#808080', 3], ['#000000', 1])).toBe('#808080');
		expect(hex('light', ['#bcbcbc', 1], ['#000000', 3])).toBe('#727272');
		const glass = (((0xbc / 255 + 0.055) / 1.055) ** 2.4) ** 1.5;
		const code = Math.round(255 * (1.055 * glass ** (1 / 2.4) - 0.055)).toString(16);
		expect(hex('filter', ['#bcbcbc', 2], ['#bcbcbc', 1]).slice(1, 3)).toBe(code);
	});

	it('layers multiplied are what another library multiplies (culori 4.0.2)', () => {
		for (const [one, other] of [
			['#b3392b', '#d9b036'],
			['#2f5f86', '#e9dcc0']
		] as const)
			expect(hex('layers', [one, 1], [other, 1])).toBe(formatHex(blend([one, other], 'multiply')));
	});

	it('a colour mixed with itself is itself, but for light, which adds, and filters, which take away', () => {
		const code = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
		fc.assert(
			fc.property(code, fc.double({ min: 0.1, max: 20, noNaN: true }), (text, weight) => {
				for (const way of ['paint', 'optical', 'middle'] as const)
					expect(differenceCiede2000()(hex(way, [text, weight], [text, 1]), text)).toBeLessThan(0.6);
			}),
			{ seed: 13, numRuns: 200 }
		);
	});

	it('parents of no parts count for nothing, and only shares matter, not how many parts there are in all', () => {
		for (const way of WAYS) {
			expect(hex(way, ['#b3392b', 1], ['#00ff00', 0])).toBe(hex(way, ['#b3392b', 5], ['#00ff00', 0]));
			expect(hex(way, ['#b3392b', 2], ['#d9b036', 6])).toBe(hex(way, ['#b3392b', 1], ['#d9b036', 3]));
		}
		expect(() => hex('light', ['#b3392b', 0])).toThrow('cannot be mixed');
	});

	it('leaning runs from one parent over the middle to the other', () => {
		expect([-1, 0, 1].map((lean) => leanedShare(0.4, lean))).toEqual([0, 0.4, 1]);
		expect(leanedShare(0.4, -0.5)).toBeCloseTo(0.2, 12);
		expect(leanedShare(0.4, 0.5)).toBeCloseTo(0.7, 12);
	});
});
