import { converter, differenceCiede2000, interpolate } from 'culori';
import { describe, expect, it } from 'vitest';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { linearToHex } from '../colour/bytes';
import { readColour } from '../colour/read';
import { gradationOf } from './gradation';
import { METHODS } from './mixing';
import { RECIPES } from './recipe';
import { makeScale, unbroken } from './scale';
import { SPACINGS } from './spacing';
import { type ScaleSpec } from './spec';

const difference = differenceCiede2000();
const rgb = converter('rgb');
const exact = ([r, g, b]: readonly number[]) => ({ mode: 'lrgb', r: r!, g: g!, b: b! }) as const;

/** What SVG, PDF and CSS show at a place of a gradient: straight between two stops by the codes (SVG 1.1 §13.2.4). */
function shownAt(stops: ReturnType<typeof gradationOf>, at: number) {
	const next = stops.findIndex((stop) => stop.at > at);
	if (next <= 0) return rgb((next < 0 ? stops.at(-1)! : stops[0]!).hex)!;
	const [one, other] = [stops[next - 1]!, stops[next]!];
	return interpolate([one.hex, other.hex], 'rgb')((at - one.at) / (other.at - one.at));
}

const specs = (count: number): ScaleSpec[] => {
	const next = seeded(41);
	const oneOf = <T>(all: readonly T[]): T => all[Math.floor(next() * all.length)]!;
	return Array.from({ length: count }, () => ({
		recipe: oneOf(RECIPES),
		parents: [randomHex(next), randomHex(next), randomHex(next)].map(readColour),
		between: Math.floor(next() * 14),
		method: oneOf(METHODS),
		spacing: oneOf(SPACINGS),
		bias: 0.4
	}));
};

describe('the unbroken gradation', () => {
	it('is nowhere more than 0.5 ΔE00 from the scale itself (ΔE00 of culori 4.0.2)', () => {
		let looked = 0;
		for (const spec of specs(60)) {
			const stops = gradationOf(spec);
			const { at, leaps } = unbroken(spec);
			const intervals = spec.between + 1;
			for (let i = 0; i <= 97; i++) {
				const place = (intervals * i) / 97;
				if (leaps.some((leap) => Math.abs(place - leap - 0.5) < 0.01)) continue;
				looked++;
				const colour = exact(at(place));
				// The codes of the two stops about it can be off already, as any 8-bit code of a dark colour.
				const about = [stops.findLast((stop) => stop.at <= i / 97)!, stops.find((stop) => stop.at >= i / 97)!];
				const rounding = Math.max(...about.map((stop) => difference(stop.hex, exact(at(stop.at * intervals)))));
				const off = difference(shownAt(stops, i / 97), colour);
				expect(off, JSON.stringify(spec)).toBeLessThan(Math.max(0.5, 0.35 + rounding));
			}
		}
		expect(looked).toBeGreaterThan(5000);
	});

	it('has every step, and every parent of a path, in its own code at its own place', () => {
		for (const spec of specs(40)) {
			const stops = gradationOf(spec);
			makeScale(spec).steps.forEach(({ hex }, i) => {
				const here = stops.filter((stop) => Math.abs(stop.at - i / (spec.between + 1)) < 1e-9);
				expect(here.map((stop) => stop.hex)).toContain(hex);
			});
		}
		const parents = ['#b3392b', '#d9b036', '#2f5f86', '#e9dcc0'];
		const path = gradationOf({
			recipe: 'path',
			parents: parents.map(readColour),
			between: 3,
			method: 'oklab',
			spacing: 'differences',
			places: [0.2, 0.77]
		});
		for (const parent of parents) expect(path.map(({ hex }) => hex)).toContain(parent);
	});

	it('runs from 0 to 1 and never back, and leaps only where hue steps leap', () => {
		for (const spec of specs(40)) {
			const ats = gradationOf(spec).map(({ at }) => at);
			expect([ats[0], ats.at(-1)]).toEqual([0, 1]);
			expect(ats).toEqual([...ats].sort((one, other) => one - other));
			const twice = ats.filter((at, i) => at === ats[i - 1]).length;
			expect(twice).toBe(new Set(unbroken(spec).leaps).size);
		}
	});
});

it('an unbroken run stands on its steps', () => {
	const spec: ScaleSpec = {
		recipe: 'hue-steps',
		parents: ['#16305f', '#b3392b'].map(readColour),
		between: 4,
		method: 'oklab',
		spacing: 'differences'
	};
	const { at } = unbroken(spec);
	makeScale(spec).steps.forEach(({ hex }, i) => expect(linearToHex(...at(i))).toBe(hex));
});
