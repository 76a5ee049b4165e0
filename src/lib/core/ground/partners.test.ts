import { converter, differenceCiede2000 } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { edgeBetween } from './edges';
import { vanishingPartner, vibratingPartner } from './partners';

const linear = (text: string): Triple => toLinear(readColour(text));
const lab = converter('lab65');
const oklch = converter('oklch');
const exact = ([r, g, b]: Triple) => ({ mode: 'lrgb', r, g, b }) as const;
const valueOf = (colour: Triple): number => lab(exact(colour)).l;
const difference = differenceCiede2000();
const colour = fc.integer({ min: 0, max: 0xffffff }).map((n) => linear(`#${n.toString(16).padStart(6, '0')}`));

describe('the partner that vanishes most (common practice, no source: equal value makes a border go)', () => {
	it('has the colour’s own value and differs by what was asked, for every middling colour (L* and ΔE00 of culori 4.0.2)', () => {
		for (const asked of [4, 8, 14, 20])
			for (const code of ['#b3392b', '#2f5f86', '#8a8078', '#d9b036', '#5d7f45', '#777777']) {
				const { linear: partner, edge } = vanishingPartner(linear(code), asked);
				expect(Math.abs(valueOf(partner) - valueOf(linear(code))), code).toBeLessThan(0.01);
				expect(difference(exact(partner), code), code).toBeCloseTo(asked, 1);
				expect(edge.vanishing, code).toBeGreaterThan(0.1);
			}
		expect(vanishingPartner(linear('#d02020'), 8).edge.vanishing).toBeGreaterThan(0.5);
	});

	it('never leaves the screen or its own value, whatever the colour', () => {
		fc.assert(
			fc.property(colour, fc.integer({ min: 4, max: 20 }), (c, asked) => {
				const { linear: partner } = vanishingPartner(c, asked);
				for (const channel of partner) expect(channel >= 0 && channel <= 1).toBe(true);
				expect(Math.abs(valueOf(partner) - valueOf(c))).toBeLessThan(0.05);
				expect(difference(exact(partner), exact(c))).toBeLessThan(asked + 0.1);
			}),
			{ seed: 3, numRuns: 60 }
		);
	});

	it('is looked for over all hues: of a red it is not a duller red but another hue', () => {
		const partner = oklch(linearToHex(...vanishingPartner(linear('#b3392b'), 10).linear))!;
		expect(Math.abs(partner.h! - oklch('#b3392b')!.h!)).toBeGreaterThan(8);
	});
});

describe('the partner that vibrates most (common practice, no source: strong, of one value, hues far apart)', () => {
	it('has the colour’s own value, and no rival of that value on the screen’s edge vibrates more', () => {
		fc.assert(
			fc.property(colour, (c) => {
				const { linear: partner, edge } = vibratingPartner(c);
				expect(Math.abs(valueOf(partner) - valueOf(c))).toBeLessThan(0.05);
				expect(edge.vibrating).toBeGreaterThanOrEqual(edgeBetween(c, c).vibrating);
			}),
			{ seed: 14, numRuns: 40 }
		);
		expect(vibratingPartner(linear('#d0342c')).edge.vibrating).toBeGreaterThan(0.6);
	});
});
