import space from 'color-space';
import ColorJs from 'colorjs.io';
import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import labPrimaries from '../../../../tests/reference/lab-primaries.json';
import oklabTable from '../../../../tests/reference/oklab.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { colourSamples, type Rgb } from '../../../../tests/support/colours';
import { estimateCmyk } from './cmyk';
import { toLinear } from './colour';
import { convert } from './convert';
import { srgbToHsb, srgbToHsl, hsbToSrgb, hslToSrgb } from './hsb';
import { labToXyz, xyzToLab } from './lab';
import { fromPolar, linearToOklab, linearToOklch, oklabToLinear } from './oklab';
import { readColour } from './read';
import { linearToSrgb, srgbToLinear } from './srgb';
import { type Triple } from './vector';
import { d50ToD65, d65ToD50, linearToXyz, WHITE_D50, WHITE_D65, xyzToLinear } from './xyz';

const SAMPLES = colourSamples();
const CULORI = 'culori 4.0.2';
const COLOR_SPACE = 'color-space 3.1.0';
const COLORJS = 'colorjs.io 0.7.1';
const linear = (rgb: Rgb): Triple => rgb.map(srgbToLinear) as Triple;
const colorjs = (rgb: Rgb, space: string): number[] => new ColorJs('srgb', rgb).to(space).coords as number[];

const culoriOklab = converter('oklab');
const culoriXyz = converter('xyz65');
const culoriLab65 = converter('lab65');
const culoriLab50 = converter('lab');
const culoriHsb = converter('hsv');
const culoriHsl = converter('hsl');
const culoriHwb = converter('hwb');
const bytes = ([r, g, b]: Rgb): Rgb => [255 * r, 255 * g, 255 * b];
/** Hue counted in turns, so that all channels are about as large; a colour that has none at 0. */
const parts = ([h, x, y]: readonly number[]): number[] => [x! + y! > 1 - 1e-9 ? 0 : h! / 360, x!, y!];
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
		},
		2e-12
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
		},
		1e-10
	],
	[
		'sRGB to CIE Lab D50',
		(c) => xyzToLab(d65ToD50(linearToXyz(linear(c))), WHITE_D50),
		{
			[COLORJS]: (c) => colorjs(c, 'lab')
		},
		1e-10
	],
	// Both round their Bradford matrix, hence the wider tolerance; the next test below makes it anew from its definition.
	[
		'sRGB to CIE Lab D50, with a rounded matrix',
		(c) => xyzToLab(d65ToD50(linearToXyz(linear(c))), WHITE_D50),
		{
			[CULORI]: (c) => {
				const { l, a, b } = culoriLab50(rgb(c));
				return [l, a, b];
			},
			[COLOR_SPACE]: (c) => space.rgb.lab(...bytes(c))
		},
		6e-5
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
	],
	[
		'sRGB to HWB',
		(c) => parts(convert({ space: 'srgb', channels: c, alpha: 1 }, 'hwb').channels),
		{
			[CULORI]: (c) => {
				const { h, w, b } = culoriHwb(rgb(c));
				return parts([h ?? 0, w, b]);
			},
			[COLOR_SPACE]: (c) => {
				const [h, w, b] = space.rgb.hwb(...bytes(c));
				return parts([h!, w! / 100, b! / 100]);
			}
		}
	],
	[
		'sRGB to CMYK, estimate',
		(c) => estimateCmyk(c),
		{ [COLOR_SPACE]: (c) => space.rgb.cmyk(...bytes(c)).map((ink: number) => ink / 100) }
	]
];

describe('conversions agree with independent libraries over a grid and 10 000 random colours', () => {
	for (const [method, ours, theirs, tolerance = 1e-12] of conversions)
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
		const subject = { method: 'Lab of sRGB primaries', source: 'tests/reference/lab-primaries.json', tolerance: 2e-4 };
		checkAgainst(subject, (deviation) => {
			for (const row of labPrimaries.rows) {
				const xyz = linearToXyz(toLinear(readColour(row.hex)));
				xyzToLab(xyz, WHITE_D65).forEach((x, i) => deviation(x, row.lab_d65[i]!));
				xyzToLab(d65ToD50(xyz), WHITE_D50).forEach((x, i) => deviation(x, row.lab_d50[i]!));
			}
		});
	});
});

/** The cone response of Bradford, as ICC.1:2022 Annex E prints it. */
const BRADFORD = [
	[0.8951, 0.2664, -0.1614],
	[-0.7502, 1.7135, 0.0367],
	[0.0389, -0.0685, 1.0296]
];

/** Solves three equations by elimination. */
function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
	const rows = matrix.map((row, i) => [...row, right[i]!]);
	for (let i = 0; i < 3; i++)
		for (let k = 0; k < 3; k++) {
			if (k === i) continue;
			const by = rows[k]![i]! / rows[i]![i]!;
			rows[k] = rows[k]!.map((x, j) => x - by * rows[i]![j]!);
		}
	return rows.map((row, i) => row[3]! / row[i]!);
}

it('adaptation from D65 to D50 is Bradford’s, made anew from its printed cone response', () => {
	const cones = (xyz: readonly number[]) => BRADFORD.map((row) => row.reduce((sum, x, i) => sum + x * xyz[i]!, 0));
	const [from, to] = [cones(WHITE_D65), cones(WHITE_D50)];
	const subject = {
		method: 'XYZ D65 to D50',
		source: 'ICC.1:2022 Annex E, cone response as printed',
		tolerance: 1e-12
	};
	checkAgainst(subject, (deviation) => {
		for (const sample of SAMPLES.slice(0, 2000)) {
			const xyz = linearToXyz(linear(sample));
			const adapted = cones(xyz).map((cone, i) => (cone * to[i]!) / from[i]!);
			const expected = solve(BRADFORD, adapted);
			d65ToD50(xyz).forEach((x, i) => deviation(x, expected[i]!));
		}
	});
});

describe('round trips come back within 1e-9', () => {
	const trips: Record<string, (c: Triple) => Triple> = {
		'sRGB curve': (c) => c.map(srgbToLinear).map(linearToSrgb) as Triple,
		XYZ: (c) => xyzToLinear(linearToXyz(c)),
		OKLab: (c) => oklabToLinear(...linearToOklab(...c)),
		OKLCH: (c) => oklabToLinear(...fromPolar(linearToOklch(c))),
		'Lab D65': (c) => xyzToLinear(labToXyz(xyzToLab(linearToXyz(c), WHITE_D65), WHITE_D65)),
		'Lab D50': (c) => xyzToLinear(d50ToD65(labToXyz(xyzToLab(d65ToD50(linearToXyz(c)), WHITE_D50), WHITE_D50))),
		HSB: (c) => hsbToSrgb(srgbToHsb(c)),
		HSL: (c) => hslToSrgb(srgbToHsl(c))
	};
	for (const [name, trip] of Object.entries(trips))
		it(name, () => {
			checkAgainst({ method: `${name} and back`, source: 'itself (round trip)', tolerance: 1e-12 }, (deviation) => {
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
