import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import kubelkaMunk from '../../../../tests/reference/kubelka-munk.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { toLinear } from '../colour/colour';
import { luminanceToValue } from '../colour/lab';
import { linearToOklab, toPolar } from '../colour/oklab';
import { readColour } from '../colour/read';
import { linearToSrgb } from '../colour/srgb';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { absorption, mixPaint, reflectance } from './paint';
import { linearToSpectrum, spectrumToLinear } from './spectrum';

const linear = (text: string): Triple => toLinear(readColour(text));
const colour = fc.integer({ min: 0, max: 0xffffff }).map((code) => linear(`#${code.toString(16).padStart(6, '0')}`));
const weight = fc.double({ min: 0.05, max: 20, noNaN: true });
const value = (c: Triple) => luminanceToValue(luminance(...c));
const mix = (...given: [string, number][]) => mixPaint(given.map(([text, w]) => ({ linear: linear(text), weight: w })));
const encoded = (c: Triple) => c.map(linearToSrgb);

it('absorption over scattering, there and back, and mixed at one wavelength (Kubelka & Munk 1931; Duncan 1940)', () => {
	checkAgainst(
		{ method: 'Kubelka–Munk', source: 'tests/reference/kubelka-munk.json', tolerance: 2e-8 },
		(deviation) => {
			for (const row of kubelkaMunk.rows) {
				if (row.kind.startsWith('K/S <-> R')) deviation(absorption(row.R!), row.KS!);
				if (row.kind.startsWith('K/S -> R_inf')) deviation(reflectance(row.KS!), row.R!);
				if (row.kind.startsWith('single-constant'))
					deviation(reflectance((1 - row.c!) * absorption(row.R1!) + row.c! * absorption(row.R2!)), row.R!);
			}
		}
	);
});

it('the reconstructed reflectance of a colour lies within 0–1 and gives that colour', () => {
	fc.assert(
		fc.property(colour, (c) => {
			const curve = linearToSpectrum(c);
			expect(Math.min(...curve)).toBeGreaterThanOrEqual(-1e-12);
			expect(Math.max(...curve)).toBeLessThanOrEqual(1 + 1e-12);
			spectrumToLinear(curve).forEach((x, i) => expect(x).toBeCloseTo(c[i]!, 9));
		}),
		{ seed: 1 }
	);
});

describe('paints stirred together', () => {
	it('a colour mixed with itself is itself, within 1e-3 of sRGB, in any parts', () => {
		fc.assert(
			fc.property(colour, weight, weight, (c, a, b) => {
				const mixed = mixPaint([
					{ linear: c, weight: a },
					{ linear: c, weight: b }
				]);
				encoded(mixed).forEach((x, i) => expect(Math.abs(x - linearToSrgb(c[i]!))).toBeLessThan(1e-3));
			}),
			{ seed: 2 }
		);
	});

	it('order and common factors of the parts do not matter', () => {
		fc.assert(
			fc.property(colour, colour, weight, weight, weight, (one, other, a, b, factor) => {
				const first = mixPaint([
					{ linear: one, weight: a },
					{ linear: other, weight: b }
				]);
				const second = mixPaint([
					{ linear: other, weight: b * factor },
					{ linear: one, weight: a * factor }
				]);
				first.forEach((x, i) => expect(x).toBeCloseTo(second[i]!, 9));
			}),
			{ seed: 3 }
		);
	});

	it.each([
		['#fcd200', '#002185'],
		['#ffee00', '#1040c0'],
		['#d9b036', '#2f5f86']
	])('yellow %s and blue %s give a green (common practice, no source)', (yellow, blue) => {
		const [, chroma, hue] = toPolar(linearToOklab(...mix([yellow, 1], [blue, 1])));
		expect(hue).toBeGreaterThan(105);
		expect(hue).toBeLessThan(190);
		expect(chroma).toBeGreaterThan(0.03);
	});

	it('white lightens, black darkens, and a mix is darker than the mean of its light (common practice, no source)', () => {
		for (const paint of ['#b3392b', '#2f5f86', '#5d7f45']) {
			expect(value(mix([paint, 1], ['#ffffff', 1]))).toBeGreaterThan(value(linear(paint)) + 2);
			expect(value(mix([paint, 1], ['#000000', 1]))).toBeLessThan(value(linear(paint)) - 2);
			const half = linear(paint).map((x) => (x + 1) / 2) as Triple;
			expect(value(mix([paint, 1], ['#ffffff', 1]))).toBeLessThan(value(half));
		}
	});

	it('more white is always lighter', () => {
		const values = [0, 0.25, 0.5, 1, 2, 4, 8, 16].map((white) => value(mix(['#2f5f86', 1], ['#ffffff', white])));
		values.slice(1).forEach((x, i) => expect(x).toBeGreaterThan(values[i]!));
	});
});

it('three paints and more: in whatever order they are stirred, by their concentrations (Duncan 1940), and what has no part changes nothing', () => {
	const [red, yellow, blue] = ['#a03c32', '#cda83c', '#3c5f82'].map(linear) as [Triple, Triple, Triple];
	const given = (...parts: [Triple, number][]) => mixPaint(parts.map(([color, w]) => ({ linear: color, weight: w })));
	const whole = given([red, 1], [yellow, 3], [blue, 2]);
	for (const other of [given([blue, 2], [red, 1], [yellow, 3]), given([yellow, 6], [blue, 4], [red, 2])])
		other.forEach((x, i) => expect(x).toBeCloseTo(whole[i]!, 9));
	const ks = [red, yellow, blue].map((c) => [...linearToSpectrum(c)].map(absorption));
	const stirred = ks[0]!.map((_, band) => reflectance((1 * ks[0]![band]! + 3 * ks[1]![band]! + 2 * ks[2]![band]!) / 6));
	spectrumToLinear(Float64Array.from(stirred)).forEach((x, i) => expect(Math.abs(x - whole[i]!)).toBeLessThan(0.004));
	given([red, 1], [yellow, 0], [blue, 2]).forEach((x, i) => expect(x).toBeCloseTo(given([red, 1], [blue, 2])[i]!, 9));
	given([red, 0], [yellow, 3], [blue, 1]).forEach((x, i) =>
		expect(x).toBeCloseTo(given([yellow, 3], [blue, 1])[i]!, 9)
	);
	given([red, 5]).forEach((x, i) => expect(x).toBeCloseTo(red[i]!, 9));
});
