import ColorJs from 'colorjs.io';
import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import labPrimaries from '../../../../tests/reference/lab-primaries.json';
import oklabTable from '../../../../tests/reference/oklab.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { colourSamples, type Rgb } from '../../../../tests/support/colours';
import { toLinear } from './colour';
import { srgbToHsb, srgbToHsl, hsbToSrgb, hslToSrgb } from './hsb';
import { labToXyz, xyzToLab } from './lab';
import { fromPolar, linearToOklab, oklabToLinear, toPolar } from './oklab';
import { readColour } from './read';
import { linearToSrgb, srgbToLinear } from './srgb';
import { type Triple } from './vector';
import { d50ToD65, d65ToD50, linearToXyz, WHITE_D50, WHITE_D65, xyzToLinear } from './xyz';

const SAMPLES = colourSamples();
const CULORI = 'culori 4.0.2';
const COLORJS = 'colorjs.io 0.7.1';
const linear = (rgb: Rgb): Triple => rgb.map(srgbToLinear) as Triple;
const colorjs = (rgb: Rgb, space: string): number[] => new ColorJs('srgb', rgb).to(space).coords as number[];

const culoriOklab = converter('oklab');
const culoriXyz = converter('xyz65');
const culoriLab65 = converter('lab65');
const culoriLab50 = converter('lab');
const culoriHsb = converter('hsv');
const culoriHsl = converter('hsl');
const rgb = ([r, g, b]: Rgb) => ({ mode: 'rgb', r, g, b }) as const;

type Conversion = [
	method: string,
	ours: (c: Rgb) => number[],
	theirs: Record<string, (c: Rgb) => number[]>,
	within?: number
];

const conversions: Conversion[] = [
	[
		'sRGB to linear',
		linear,
		{
			[COLORJS]: (c) => colorjs(c, 'srgb-linear'),
			[CULORI]: (c) => {
				const { r, g, b } = converter('lrgb')(rgb(c));
				return [r, g, b];
			}
		}
	],
	[
		'sRGB to XYZ D65',
		(c) => linearToXyz(linear(c)),
		{
			[COLORJS]: (c) => colorjs(c, 'xyz-d65'),
			[CULORI]: (c) => {
				const { x, y, z } = culoriXyz(rgb(c));
				return [x, y, z];
			}
		}
	],
	[
		'sRGB to OKLab',
		(c) => linearToOklab(...linear(c)),
		{
			[COLORJS]: (c) => colorjs(c, 'oklab'),
			[CULORI]: (c) => {
				const { l, a, b } = culoriOklab(rgb(c));
				return [l, a, b];
			}
		}
	],
	[
		'sRGB to CIE Lab D65',
		(c) => xyzToLab(linearToXyz(linear(c)), WHITE_D65),
		{
			[COLORJS]: (c) => colorjs(c, 'lab-d65'),
			[CULORI]: (c) => {
				const { l, a, b } = culoriLab65(rgb(c));
				return [l, a, b];
			}
		}
	],
	[
		'sRGB to CIE Lab D50',
		(c) => xyzToLab(d65ToD50(linearToXyz(linear(c))), WHITE_D50),
		{
			[COLORJS]: (c) => colorjs(c, 'lab')
		}
	],
	// culori rounds its Bradford matrix (found when the reference data were set down), hence the wider tolerance.
	[
		'sRGB to CIE Lab D50, second witness',
		(c) => xyzToLab(d65ToD50(linearToXyz(linear(c))), WHITE_D50),
		{
			[CULORI]: (c) => {
				const { l, a, b } = culoriLab50(rgb(c));
				return [l, a, b];
			}
		},
		5e-5
	],
	[
		'sRGB to HSB',
		(c) => srgbToHsb(c).map((x, i) => (i === 0 ? x / 360 : x)),
		{
			[COLORJS]: (c) => colorjs(c, 'hsv').map((x, i) => (i === 0 ? (x ?? 0) / 360 : x / 100)),
			[CULORI]: (c) => {
				const { h, s, v } = culoriHsb(rgb(c));
				return [(h ?? 0) / 360, s, v];
			}
		}
	],
	[
		'sRGB to HSL',
		(c) => srgbToHsl(c).map((x, i) => (i === 0 ? x / 360 : x)),
		{
			[COLORJS]: (c) => colorjs(c, 'hsl').map((x, i) => (i === 0 ? (x ?? 0) / 360 : x / 100)),
			[CULORI]: (c) => {
				const { h, s, l } = culoriHsl(rgb(c));
				return [(h ?? 0) / 360, s, l];
			}
		}
	]
];

describe('conversions agree with independent libraries over a grid and 10 000 random colours', () => {
	for (const [method, ours, theirs, tolerance = 1e-6] of conversions)
		for (const [source, reference] of Object.entries(theirs))
			it(`${method} with ${source}`, () => {
				checkAgainst({ method, source, tolerance }, (deviation) => {
					for (const sample of SAMPLES) {
						const result = ours(sample);
						reference(sample).forEach((value, i) => deviation(result[i]!, value));
					}
				});
			});
});

describe('published and confirmed tables', () => {
	it('OKLab: the pairs of XYZ and OKLab printed by Ottosson (2020), to their three digits', () => {
		checkAgainst(
			{ method: 'XYZ to OKLab', source: 'Ottosson 2020, table of pairs', tolerance: 5e-4 + 5e-5 },
			(deviation) => {
				for (const row of oklabTable.rows)
					if (row.xyz) linearToOklab(...xyzToLinear(row.xyz as Triple)).forEach((x, i) => deviation(x, row.oklab[i]!));
			}
		);
	});

	it('Lab of the sRGB primaries under both whites (CIE 15:2018; ICC Bradford)', () => {
		const subject = { method: 'Lab of sRGB primaries', source: 'tests/reference/lab-primaries.json', tolerance: 5e-4 };
		checkAgainst(subject, (deviation) => {
			for (const row of labPrimaries.rows) {
				const xyz = linearToXyz(toLinear(readColour(row.hex)));
				xyzToLab(xyz, WHITE_D65).forEach((x, i) => deviation(x, row.lab_d65[i]!));
				xyzToLab(d65ToD50(xyz), WHITE_D50).forEach((x, i) => deviation(x, row.lab_d50[i]!));
			}
		});
	});
});

describe('round trips come back within 1e-9', () => {
	const trips: Record<string, (c: Triple) => Triple> = {
		'sRGB curve': (c) => c.map(srgbToLinear).map(linearToSrgb) as Triple,
		XYZ: (c) => xyzToLinear(linearToXyz(c)),
		OKLab: (c) => oklabToLinear(...linearToOklab(...c)),
		OKLCH: (c) => oklabToLinear(...fromPolar(toPolar(linearToOklab(...c)))),
		'Lab D65': (c) => xyzToLinear(labToXyz(xyzToLab(linearToXyz(c), WHITE_D65), WHITE_D65)),
		'Lab D50': (c) => xyzToLinear(d50ToD65(labToXyz(xyzToLab(d65ToD50(linearToXyz(c)), WHITE_D50), WHITE_D50))),
		HSB: (c) => hsbToSrgb(srgbToHsb(c)),
		HSL: (c) => hslToSrgb(srgbToHsl(c))
	};
	for (const [name, trip] of Object.entries(trips))
		it(name, () => {
			checkAgainst({ method: `${name} and back`, source: 'itself (round trip)', tolerance: 1e-9 }, (deviation) => {
				for (const sample of SAMPLES) trip(sample).forEach((x, i) => deviation(x, sample[i]!));
			});
		});
});

it('display-p3 green lies outside sRGB and a colour given in p3 equals the same one in XYZ (colorjs.io 0.7.1)', () => {
	const ours = toLinear(readColour('color(display-p3 0.2 0.9 0.3)'));
	const theirs = new ColorJs('color(display-p3 0.2 0.9 0.3)').to('srgb-linear').coords as number[];
	ours.forEach((x, i) => expect(x).toBeCloseTo(theirs[i]!, 8));
	expect(Math.min(...toLinear(readColour('color(display-p3 0 1 0)')))).toBeLessThan(0);
});
