import { describe, expect, it } from 'vitest';
import areas from '../../../../tests/reference/area-contrast.json';
import { toLinear } from '../colour/colour';
import { linearToOklab } from '../colour/oklab';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { distance } from '../difference/euclidean';
import { painterToLight } from '../scheme/wheel';
import { hsbToSrgb } from '../colour/hsb';
import { srgbToLinear } from '../colour/srgb';
import { afterImage } from './after-image';
import { areasInBalance, lightValue } from './balance';
import { edgeBetween } from './edges';
import { seenColour } from './on-ground';
import { likeItsGround } from './search';

const linear = (text: string): Triple => toLinear(readColour(text));

describe('edges (common practice, no source for the numbers)', () => {
	it('red beside green of the same value vibrates; neighbours of one value vanish; black on white does neither', () => {
		const vibrating = edgeBetween(linear('#d0342c'), linear('#128a3a'));
		expect(vibrating.vibrating).toBeGreaterThan(0.5);
		expect(vibrating.vanishing).toBeLessThan(0.1);
		const vanishing = edgeBetween(linear('#8090a0'), linear('#84919c'));
		expect(vanishing.vanishing).toBeGreaterThan(0.7);
		expect(vanishing.vibrating).toBeLessThan(0.1);
		expect(edgeBetween([0, 0, 0], [1, 1, 1])).toMatchObject({ vanishing: 0, vibrating: 0 });
	});

	it('is the same from both sides, and vanishes wholly between a colour and itself', () => {
		const [one, other] = [linear('#b3392b'), linear('#2f5f86')];
		expect(edgeBetween(one, other)).toEqual(edgeBetween(other, one));
		expect(edgeBetween(one, one).vanishing).toBe(1);
	});
});

it('the after-image of red is blue-green, of yellow violet-blue, of a grey the same grey (common practice)', () => {
	const axes = (text: string) => linearToOklab(...afterImage(linear(text)));
	const [, redGreen] = axes('#b3392b');
	expect(redGreen).toBeLessThan(-0.02);
	expect(axes('#d9c036')[2]).toBeLessThan(-0.02);
	afterImage(linear('#808080')).forEach((x, i) => expect(x).toBeCloseTo(linear('#808080')[i]!, 6));
});

describe('areas in balance (Goethe 1810, Itten 1961)', () => {
	const ANGLES: Record<string, number> = { red: 0, orange: 60, yellow: 120, green: 180, blue: 240, violet: 300 };
	const full = (name: string): Triple => hsbToSrgb([painterToLight(ANGLES[name]!), 1, 1]).map(srgbToLinear) as Triple;

	it('the light values of the six hues', () => {
		for (const row of areas.rows)
			if (row.kind === 'light value and balanced area') expect(lightValue(ANGLES[row.colour!]!)).toBe(row.light_value);
	});

	it('complementary pairs and triads in the published proportions', () => {
		for (const row of areas.rows) {
			const names = row.kind === 'complementary pair' ? [row.a!, row.b!] : row.kind === 'triad' ? row.colours! : null;
			if (names)
				areasInBalance(names.map(full)).forEach((area, i) =>
					expect(area).toBeCloseTo(row.area_fraction![i] as number, 5)
				);
		}
	});
});

describe('searches among grounds', () => {
	it('like its ground: better than either ground itself, or than their plain middle', () => {
		const [one, other] = [linear('#d9b036'), linear('#8d9a5b')];
		const { linear: figure, miss } = likeItsGround(one, other);
		const missOf = (candidate: Triple) =>
			distance(linearToOklab(...seenColour(candidate, one)), linearToOklab(...other)) +
			distance(linearToOklab(...seenColour(candidate, other)), linearToOklab(...one));
		expect(miss).toBeCloseTo(missOf(figure), 9);
		expect(miss).toBeLessThanOrEqual(Math.min(missOf(one), missOf(other)) + 1e-9);
	});
});
