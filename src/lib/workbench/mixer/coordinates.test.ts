import { describe, expect, it } from 'vitest';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { numberToHex } from '$lib/core/colour/code-number';
import { readColour } from '$lib/core/colour/read';
import { show } from '$lib/core/colour/shown';
import { COORDINATES, within, type Axis } from './coordinates';

describe.each(COORDINATES)('$name in the mixer', (coordinates) => {
	it('a colour that is put in and not turned comes out as it was, to its 8-bit code', () => {
		const next = seeded(41);
		for (let i = 0; i < 2000; i++) {
			const hex = randomHex(next);
			const values = coordinates.of(readColour(hex));
			expect(numberToHex(coordinates.shown(values).code)).toBe(hex);
			values.forEach((value, k) => {
				expect(value).toBeGreaterThanOrEqual(coordinates.axes[k]!.least);
				expect(value).toBeLessThanOrEqual(coordinates.axes[k]!.most);
			});
		}
	});

	it('what a track shows at a place is what is stored when it is turned there, within one code', () => {
		const next = seeded(43);
		for (let i = 0; i < 500; i++) {
			const values = coordinates.axes.map(({ least, most }) => least + (most - least) * next());
			const byte = (hex: string, k: number) => Number.parseInt(hex.slice(1 + 2 * k, 3 + 2 * k), 16);
			const shown = numberToHex(coordinates.shown(values).code);
			const stored = show(readColour(coordinates.text(values))).hex;
			for (let k = 0; k < 3; k++) expect(Math.abs(byte(shown, k) - byte(stored, k))).toBeLessThanOrEqual(1);
		}
	});
});

it('says where the screen gamut ends', () => {
	const [perceptual] = COORDINATES;
	expect(perceptual!.shown([60, 0.1, 30]).fits).toBe(true);
	expect(perceptual!.shown([60, 0.36, 30]).fits).toBe(false);
	expect(perceptual!.shown([99, 0.2, 30]).fits).toBe(false);
});

it('a hue goes round, everything else stops at its ends', () => {
	const [lightness, , hue] = COORDINATES[0]!.axes as [Axis, Axis, Axis];
	expect([within(hue, 370), within(hue, -10)]).toEqual([10, 350]);
	expect([within(lightness, 120), within(lightness, -1)]).toEqual([100, 0]);
});

it('each model reads known colours as published: CSS Color 4 samples, and inks by the plain estimate', () => {
	const of = (name: string, text: string): number[] =>
		COORDINATES.find((model) => model.name === name)!
			.of(readColour(text))
			.map((value) => Math.round(value * 10) / 10);
	expect(of('RGB', '#b3392b')).toEqual([179, 57, 43]);
	expect(of('HSL', 'hsl(120 100% 25%)')).toEqual([120, 100, 25]);
	// CSS Color 4, §9.3: lab(46.2775% -47.5621 48.5837) is green.
	expect(of('Lab', 'green')).toEqual([46.3, -47.6, 48.6]);
	expect(of('CMYK', '#ff0000')).toEqual([0, 100, 100, 0]);
	expect(of('CMYK', '#404040')).toEqual([0, 0, 0, 74.9]);
});
