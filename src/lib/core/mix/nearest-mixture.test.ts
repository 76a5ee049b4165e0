import { differenceCiede2000 } from 'culori';
import { expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { seeded } from '../seeded';
import { mixPaint } from './paint';
import { nearestMixture } from './nearest-mixture';

const linear = (text: string): Triple => toLinear(readColour(text));
const PAINTS = ['#f4f1e8', '#b3392b', '#d9b036', '#2f5f86', '#232222', '#5d7f45'].map(linear);
const deltaE = differenceCiede2000();
const off = (one: Triple, other: Triple): number => deltaE(linearToHex(...one), linearToHex(...other));

/** The best of all mixtures in steps of 1/32, by trying every one. */
function exhaustive(target: Triple, paints: readonly Triple[]): number {
	let best = Infinity;
	const go = (weights: number[], left: number): void => {
		if (weights.length < paints.length - 1) {
			for (let part = 0; part <= left; part++) go([...weights, part], left - part);
			return;
		}
		const all = [...weights, left];
		best = Math.min(best, off(mixPaint(all.map((weight, i) => ({ linear: paints[i]!, weight }))), target));
	};
	go([], 32);
	return best;
}

it('is never worse than the best of all mixtures in steps of 1/32 by more than half a ΔE00 (culori 4.0.2 for the difference)', () => {
	const next = seeded(3);
	for (let i = 0; i < 14; i++) {
		const target: Triple = [next() ** 2, next() ** 2, next() ** 2];
		const paints = i < 10 ? PAINTS.slice(0, 3) : PAINTS.slice(1, 5);
		const found = nearestMixture(target, paints);
		expect(off(found.linear, target) - exhaustive(target, paints), `target ${linearToHex(...target)}`).toBeLessThan(
			0.5
		);
	}
});

it('finds a colour again that was mixed of all six', () => {
	const next = seeded(9);
	for (let i = 0; i < 6; i++) {
		const weights = PAINTS.map(() => Math.floor(6 * next()) + (i === 0 ? 1 : 0));
		const target = mixPaint(
			weights.map((weight, at) => ({ linear: PAINTS[at]!, weight: weight + (at === 0 ? 1 : 0) }))
		);
		expect(nearestMixture(target, PAINTS).difference, weights.join(' ')).toBeLessThan(0.5);
	}
});

it('a paint itself is one part of it, and half and half is one part each', () => {
	expect(nearestMixture(PAINTS[2]!, PAINTS.slice(0, 4)).parts).toEqual([0, 0, 1, 0]);
	const half = mixPaint([
		{ linear: PAINTS[1]!, weight: 1 },
		{ linear: PAINTS[3]!, weight: 1 }
	]);
	expect(nearestMixture(half, PAINTS.slice(1, 4)).parts).toEqual([1, 0, 1]);
});

it('what the paints do not reach is told: no mixture of madder and undyed wool is a green', () => {
	const green = linear('#3f9a3a');
	const { difference, shares, parts, partsDifference } = nearestMixture(green, PAINTS.slice(0, 2));
	expect(difference).toBeGreaterThan(20);
	expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
	expect(partsDifference).toBeGreaterThanOrEqual(difference - 1e-9);
	expect(parts.every((part) => Number.isInteger(part) && part >= 0)).toBe(true);
});

it('fewer than two paints and more than six are refused with what would be right', () => {
	expect(() => nearestMixture(PAINTS[0]!, PAINTS.slice(0, 1))).toThrow(/1 paints/);
	expect(() => nearestMixture(PAINTS[0]!, [...PAINTS, PAINTS[0]!])).toThrow(/7 paints/);
});
