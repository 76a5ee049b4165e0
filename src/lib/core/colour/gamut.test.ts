import ColorJs from 'colorjs.io';
import { describe, expect, it } from 'vitest';
import cssTable from '../../../../tests/reference/css-color-4.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { seeded } from '../../../../tests/support/colours';
import { inGamut, mapToGamut } from './gamut';
import { fromPolar, linearToOklab } from './oklab';
import { readColour } from './read';
import { toLinear } from './colour';
import { linearToSrgb } from './srgb';
import { type Triple } from './vector';

describe('gamut mapping by CSS Color 4 §13.2', () => {
	it('maps the reference colours', () => {
		const subject = { method: 'Gamut mapping to sRGB', source: 'CSS Color 4 (tests/reference)', tolerance: 2e-4 };
		checkAgainst(subject, (deviation) => {
			for (const row of cssTable.rows) {
				if (row.kind !== 'CSS gamut mapping to sRGB' || /rec2020/.test(row.css!)) continue;
				const [l, a, b] = linearToOklab(...toLinear(readColour(row.css!)));
				mapToGamut(l, a, b).forEach((x, i) => deviation(linearToSrgb(x), row.srgb_out![i]!));
			}
		});
	});

	it('lies within 1e-4 ΔEOK of colorjs.io’s CSS method for random strong colours', () => {
		const next = seeded(5);
		const subject = { method: 'Gamut mapping, ΔEOK', source: 'colorjs.io 0.7.1, method “css”', tolerance: 2e-12 };
		checkAgainst(subject, (deviation) => {
			for (let i = 0; i < 1500; i++) {
				const oklch: Triple = [0.02 + 0.96 * next(), 0.45 * next(), 360 * next()];
				const theirs = new ColorJs('oklch', oklch).toGamut({ space: 'srgb', method: 'css' }).to('srgb').coords;
				const mapped = mapToGamut(...fromPolar(oklch));
				const [l, a, b] = linearToOklab(...mapped);
				const [l2, a2, b2] = new ColorJs('srgb', theirs).to('oklab').coords as Triple;
				deviation(Math.hypot(l - l2, a - a2, b - b2), 0);
			}
		});
	});

	it('leaves what already fits as it is, and gives only what fits', () => {
		const next = seeded(9);
		for (let i = 0; i < 2000; i++) {
			const [l, a, b] = fromPolar([next(), 0.4 * next(), 360 * next()]);
			expect(inGamut(...mapToGamut(l, a, b))).toBe(true);
		}
		const grey = mapToGamut(0.6, 0, 0);
		expect(linearToOklab(...grey)[0]).toBeCloseTo(0.6, 9);
	});
});
