import ColorJs from 'colorjs.io';
import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import greys from '../../../../tests/reference/greys.json';
import labPrimaries from '../../../../tests/reference/lab-primaries.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { colourSamples } from '../../../../tests/support/colours';
import { estimateCmyk, estimatedCmykToSrgb } from './cmyk';
import { toLinear, type Colour, type Space } from './colour';
import { convert } from './convert';
import { colourWords } from './hue-words';
import { luvToXyz, xyzToLuv } from './luv';
import { inP3Gamut, linearToP3, p3ToLinear } from './p3';
import { readColour } from './read';
import { linearToSrgb, srgbToLinear } from './srgb';
import { luminanceToScaleValue, scaleValueToLuminance } from './value-scale';
import { type Triple } from './vector';
import { linearToXyz, WHITE_D65, xyzToLinear } from './xyz';
import { writeColour } from './write';

const SAMPLES = colourSamples(10_000, 9, 77);
const linear = (rgb: Triple): Triple => rgb.map(srgbToLinear) as Triple;

describe('display-p3 and Luv agree with independent libraries over a grid and 10 000 random colours', () => {
	const p3 = converter('p3');
	const luv = converter('luv');
	const witnesses: [string, string, (c: Triple) => number[], (c: Triple) => number[], number][] = [
		[
			'sRGB to display-p3',
			'culori 4.0.2',
			(c) => linearToP3(linear(c)).map(linearToSrgb),
			([r, g, b]) => {
				const o = p3({ mode: 'rgb', r, g, b });
				return [o.r, o.g, o.b];
			},
			1e-12
		],
		[
			'sRGB to display-p3',
			'colorjs.io 0.7.1',
			(c) => linearToP3(linear(c)).map(linearToSrgb),
			(c) => new ColorJs('srgb', c).to('p3').coords as number[],
			1e-12
		],
		[
			'sRGB to CIE Luv D65',
			'colorjs.io 0.7.1',
			(c) => xyzToLuv(linearToXyz(linear(c)), WHITE_D65),
			(c) => new ColorJs('srgb', c).to('luv').coords as number[],
			1e-10
		]
	];
	for (const [method, source, ours, theirs, tolerance] of witnesses)
		it(`${method} with ${source}`, () => {
			checkAgainst({ method, source, tolerance }, (deviation) => {
				for (const sample of SAMPLES) theirs(sample).forEach((value, i) => deviation(ours(sample)[i]!, value));
			});
		});

	it('Luv of the primaries under D65 (CIE 15:2018)', () => {
		checkAgainst(
			{ method: 'Luv of sRGB primaries', source: 'tests/reference/lab-primaries.json', tolerance: 2e-4 },
			(deviation) => {
				for (const row of labPrimaries.rows)
					xyzToLuv(linearToXyz(toLinear(readColour(row.hex))), WHITE_D65).forEach((x, i) =>
						deviation(x, row.luv_d65[i]!)
					);
			}
		);
		expect(luv({ mode: 'rgb', r: 1, g: 0, b: 0 }).l).toBeGreaterThan(0);
	});
});

it('p3 and Luv come back within 1e-9', () => {
	checkAgainst({ method: 'display-p3, Luv and back', source: 'itself (round trip)', tolerance: 1e-12 }, (deviation) => {
		for (const sample of SAMPLES) {
			p3ToLinear(linearToP3(sample)).forEach((x, i) => deviation(x, sample[i]!));
			xyzToLinear(luvToXyz(xyzToLuv(linearToXyz(sample), WHITE_D65), WHITE_D65)).forEach((x, i) =>
				deviation(x, sample[i]!)
			);
		}
	});
});

it('every sRGB colour fits display-p3, and pure p3 green does not fit sRGB', () => {
	expect(SAMPLES.every((sample) => inP3Gamut(linear(sample)))).toBe(true);
	expect(inP3Gamut(toLinear(readColour('color(display-p3 0 1 0)')))).toBe(true);
	expect(inP3Gamut(toLinear(readColour('color(display-p3 0 1.01 0)')))).toBe(false);
	expect(linearToP3(toLinear(readColour('color(display-p3 0 1 0)')))[1]).toBeCloseTo(1, 9);
});

const SPACES: readonly Space[] = [
	'srgb',
	'srgb-linear',
	'display-p3',
	'xyz-d65',
	'xyz-d50',
	'hsl',
	'hsb',
	'hwb',
	'lab',
	'lch',
	'oklab',
	'oklch'
];

/** Where less than 1e-9 is lost when a colour is written as text and read again. */
const WRITTEN: Partial<Record<Space, number>> = {
	hsb: 2e-11,
	hsl: 2e-11,
	hwb: 2e-11,
	lab: 2e-11,
	lch: 2e-11,
	'srgb-linear': 2e-10
};

describe.each(SPACES)('text in %s', (space) => {
	it('is written in CSS and reads back as the same colour within 1e-9, inside the gamut', () => {
		checkAgainst(
			{ method: `Colour text, ${space}`, source: 'itself (written and read)', tolerance: WRITTEN[space] ?? 1e-9 },
			(deviation) => {
				for (const sample of SAMPLES.slice(0, 2500)) {
					const given: Colour = { space: 'srgb', channels: sample, alpha: 1 };
					const text = writeColour(convert(given, space));
					toLinear(readColour(text)).forEach((x, i) => deviation(x, toLinear(given)[i]!));
				}
			}
		);
	});

	it('is CSS: colorjs.io 0.7.1 reads it as the same colour', () => {
		for (const sample of SAMPLES.slice(0, 300)) {
			const text = writeColour(convert({ space: 'srgb', channels: sample, alpha: 0.5 }, space));
			const theirs = new ColorJs(text).to('srgb').coords as number[];
			theirs.forEach((x, i) => expect(x).toBeCloseTo(sample[i]!, 6));
			expect(Number(new ColorJs(text).alpha)).toBe(0.5);
		}
	});
});

it('colours outside the gamut keep their numbers through text', () => {
	const given = readColour('color(display-p3 0 1 0)');
	for (const space of ['srgb', 'srgb-linear', 'xyz-d50', 'lab', 'oklch'] as const) {
		const back = toLinear(readColour(writeColour(convert(given, space))));
		toLinear(given).forEach((x, i) => expect(back[i]).toBeCloseTo(x, 8));
	}
});

it('value on the 0–10 scale of ASTM D1535, both ways', () => {
	const subject = { method: 'Value 0–10 (ASTM D1535)', source: 'tests/reference/greys.json', tolerance: 1e-4 };
	checkAgainst(subject, (deviation) => {
		for (const row of greys.rows) {
			if (row.kind === 'Munsell value -> Y') deviation(100 * scaleValueToLuminance(row.V!), row.Y_ASTM_D1535!);
			if (row.kind === 'L* -> Y, sRGB grey') deviation(luminanceToScaleValue(row.Y! / 100), row.munsell_V_ASTM!);
		}
	});
	for (let y = 0.001; y < 1; y += 0.013) expect(scaleValueToLuminance(luminanceToScaleValue(y))).toBeCloseTo(y, 9);
	expect([luminanceToScaleValue(0), luminanceToScaleValue(-1)]).toEqual([0, 0]);
});

it('the CMYK estimate: full inks for the secondaries, black for black, and back (colorjs.io has none; textbook formula)', () => {
	expect(estimateCmyk([0, 1, 1])).toEqual([1, 0, 0, 0]);
	expect(estimateCmyk([0, 0, 0])).toEqual([0, 0, 0, 1]);
	expect(estimateCmyk([0.5, 0.5, 0.5])).toEqual([0, 0, 0, 0.5]);
	for (const sample of SAMPLES.slice(0, 500))
		estimatedCmykToSrgb(estimateCmyk(sample)).forEach((x, i) => expect(x).toBeCloseTo(sample[i]!, 12));
});

describe('colours in words', () => {
	const wordsOf = (text: string) => colourWords(toLinear(readColour(text)));

	it.each(['red', 'orange', 'yellow', 'green', 'blue', 'purple', 'pink', 'black', 'white'])(
		'the CSS colour %s is called by its own name (W3C CSS Color 4 §6.1)',
		(name) => expect(wordsOf(name)).toMatch(new RegExp(`\\b${name}$`))
	);

	it.each([
		['darkgreen', 'dark', 'green'],
		['lightblue', 'light', 'blue'],
		['darkred', 'dark', 'red'],
		['lightyellow', 'light', 'yellow'],
		['lightgrey', 'light', 'grey'],
		['dimgrey', '', 'grey'],
		['yellowgreen', '', 'yellow-green'],
		['skyblue', 'light', 'blue'],
		['saddlebrown', '', 'brown'],
		['darkviolet', '', 'violet']
	])('%s is %s %s', (name, light, word) => {
		expect(wordsOf(name)).toContain(light);
		expect(wordsOf(name)).toContain(word);
	});
});
