import { differenceCiede2000, interpolate, formatHex } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { bareStrip, evenStrip, FIELDS, readStrip, strokedStrip, type Stroke } from './strokes';

const linear = (text: string): Triple => toLinear(readColour(text));
const [MADDER, WOAD] = [linear('#b3392b'), linear('#2f5f86')];
const deltaE = differenceCiede2000();
const hexes = (strip: readonly Triple[]): string[] => strip.map((field) => linearToHex(...field));

describe('a strip that is blended by strokes', () => {
	it('is bare at first: half the one colour, half the other', () => {
		const bare = hexes(bareStrip(MADDER, WOAD));
		expect(bare.slice(0, 12).every((code) => code === '#b3392b')).toBe(true);
		expect(bare.slice(12).every((code) => code === '#2f5f86')).toBe(true);
	});

	it('a stroke of half strength leaves what stands midway in OKLab (culori 4.0.2), and leaves the other fields', () => {
		const strip = strokedStrip(MADDER, WOAD, [{ from: 8, to: 10, strength: 0.5, brush: 'second' }]);
		const half = formatHex(interpolate(['#b3392b', '#2f5f86'], 'oklab')(0.5))!;
		expect(deltaE(linearToHex(...strip[9]!), half)).toBeLessThan(0.5);
		expect(hexes([strip[7]!, strip[11]!])).toEqual(['#b3392b', '#b3392b']);
	});

	it('a full stroke covers; what is picked up is what stood there when the stroke was laid', () => {
		const strokes: Stroke[] = [
			{ from: 10, to: 13, strength: 0.5, brush: 'second' },
			{ from: 2, to: 3, strength: 1, brush: { field: 10 } }
		];
		const strip = strokedStrip(MADDER, WOAD, strokes);
		expect(linearToHex(...strip[2]!)).toBe(linearToHex(...strip[10]!));
		expect(linearToHex(...strip[2]!)).not.toBe('#b3392b');
	});

	it('the best strip is the way through OKLab in equal steps (culori 4.0.2), and reads as 0 off', () => {
		const even = evenStrip(MADDER, WOAD);
		const theirs = interpolate(['#b3392b', '#2f5f86'], 'oklab');
		even.forEach((field, i) => {
			expect(deltaE(linearToHex(...field), formatHex(theirs(i / (FIELDS - 1)))!)).toBeLessThan(0.4);
		});
		const { off, largest, best } = readStrip(even, MADDER, WOAD);
		expect(off).toBe(0);
		expect(largest).toBe(best);
	});

	it('the bare strip has its one step in the middle, as far as both colours are apart; blending it brings it nearer to the best', () => {
		const bare = readStrip(bareStrip(MADDER, WOAD), MADDER, WOAD);
		expect(bare.after).toBe(11);
		expect(bare.largest).toBeCloseTo(deltaE('#b3392b', '#2f5f86'), 1);
		const blended: Stroke[] = [
			{ from: 7, to: 11, strength: 0.3, brush: 'second' },
			{ from: 12, to: 16, strength: 0.3, brush: 'first' }
		];
		expect(readStrip(strokedStrip(MADDER, WOAD, blended), MADDER, WOAD).off).toBeLessThan(bare.off);
	});
});
