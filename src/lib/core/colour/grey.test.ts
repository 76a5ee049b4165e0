import { expect, it } from 'vitest';
import greys from '../../../../tests/reference/greys.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { colourSamples } from '../../../../tests/support/colours';
import { toLinear } from './colour';
import { greyInk, ownGrey } from './grey';
import { luminanceToValue, valueToLuminance } from './lab';
import { readColour } from './read';
import { srgbToLinear } from './srgb';
import { type Triple } from './vector';
import { luminance } from './xyz';

const yOf = (text: string): number => luminance(...toLinear(readColour(text)));

it('value of screen greys (CIE 15:2018, L*)', () => {
	checkAgainst(
		{ method: 'Value of screen greys, L*', source: 'tests/reference/greys.json (CIE 15:2018)', tolerance: 1e-4 },
		(deviation) => {
			for (const row of greys.rows) {
				if (row.kind === 'sRGB grey -> Y, L*, OKLab L, Munsell V')
					deviation(luminanceToValue(srgbToLinear(row.srgb8! / 255)), row.Lstar!);
				if (row.kind === 'L* -> Y, sRGB grey') deviation(100 * valueToLuminance(row.Lstar!), row.Y!);
			}
		}
	);
});

it('grey ink under 20 % dot gain (Murray–Davies 1936 with the textbook parabola)', () => {
	const subject = {
		method: 'Grey ink, %',
		source: 'tests/reference/greys.json (Murray–Davies, 20 % gain)',
		tolerance: 1e-3
	};
	checkAgainst(subject, (deviation) => {
		for (const row of greys.rows) {
			if (row.kind.startsWith('dot gain')) deviation(greyInk(row.reflectance_paper1_ink0!), 100 * row.dot_nominal!);
			if (row.kind.startsWith('sRGB colour -> percent')) deviation(greyInk(yOf(row.hex!)), row.dot_nominal_percent!);
		}
	});
});

it('pure screen blue is about an 80 % grey and cyan about 16 %, within 4 points (common practice, no source)', () => {
	expect(Math.abs(greyInk(yOf('blue')) - 80)).toBeLessThan(4);
	expect(Math.abs(greyInk(yOf('cyan')) - 16)).toBeLessThan(4);
});

it('a colour and its own grey have the same value, up to the rounding of one code', () => {
	for (const [r, g, b] of colourSamples(2000, 5)) {
		const linear = [r, g, b].map(srgbToLinear) as Triple;
		const off = luminanceToValue(yOf(ownGrey(linear))) - luminanceToValue(luminance(...linear));
		expect(Math.abs(off)).toBeLessThan(0.25);
	}
});
