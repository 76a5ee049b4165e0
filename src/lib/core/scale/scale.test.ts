import { converter, interpolate } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkAgainst } from '../../../../tests/support/checks';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { inGamut } from '../colour/gamut';
import { linearToSrgb } from '../colour/srgb';
import { readColour } from '../colour/read';
import { Problem } from '../problem';
import { METHODS, type Method } from './path';
import { RECIPES } from './recipe';
import { readScale } from './readings';
import { makeScale, MOST_BETWEEN, type ScaleSpec } from './scale';
import { SPACINGS } from './spacing';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((code) => `#${code.toString(16).padStart(6, '0')}`);
const spec = fc.record({
	recipe: fc.constantFrom(...RECIPES),
	parents: fc.tuple(hex, hex),
	between: fc.integer({ min: 0, max: MOST_BETWEEN }),
	method: fc.constantFrom(...METHODS),
	spacing: fc.constantFrom(...SPACINGS)
});
const make = (given: Omit<ScaleSpec, 'parents'> & { parents: readonly string[] }) =>
	makeScale({ ...given, parents: given.parents.map(readColour) });
const WHITE = [1, 1, 1] as const;
const culoriRgb = converter('rgb');

describe('any scale of any parents', () => {
	it('has n + 2 steps in all for n between (common practice, no source)', () => {
		fc.assert(
			fc.property(spec, (given) => {
				const scale = make(given);
				expect(scale.steps).toHaveLength(given.between + 2);
				expect(scale.inAll).toBe(given.between + 2);
			}),
			{ seed: 1, numRuns: 300 }
		);
	});

	it('keeps its ends: a hex parent comes back unchanged', () => {
		fc.assert(
			fc.property(spec, (given) => {
				const { steps } = make(given);
				expect(steps[0]!.hex).toBe(given.parents[0]);
				const end = { tints: '#ffffff', shades: '#000000', interval: given.parents[1], 'tones-level': null }[
					given.recipe
				];
				if (end !== null) expect(steps.at(-1)!.hex).toBe(end);
			}),
			{ seed: 2, numRuns: 500 }
		);
	});

	it('shows only colours that a screen has, with shares that rise from 0 to 1', () => {
		fc.assert(
			fc.property(spec, (given) => {
				const { steps } = make(given);
				for (const { linear } of steps) expect(inGamut(...linear)).toBe(true);
				const shares = steps.map(({ share }) => share);
				expect(shares).toEqual([...shares].sort((a, b) => a - b));
				expect([shares[0], shares.at(-1)]).toEqual([0, 1]);
			}),
			{ seed: 3, numRuns: 300 }
		);
	});
});

it('level tones of any parent keep its value within 0.5 L*, by every method and spacing', () => {
	fc.assert(
		fc.property(spec, (given) => {
			const { steps } = make({ ...given, recipe: 'tones-level' });
			for (const { hex: code, value } of steps) {
				expect(Math.abs(value - steps[0]!.value)).toBeLessThan(1e-6);
				const rounded = make({ ...given, recipe: 'tones-level', parents: [code], between: 0 }).steps[0]!.value;
				expect(Math.abs(rounded - steps[0]!.value)).toBeLessThan(0.5);
			}
		}),
		{ seed: 4, numRuns: 300 }
	);
});

it('equal differences: neighbouring ΔE00 agree within 2 % before rounding, for any parents', () => {
	fc.assert(
		fc.property(spec, (given) => {
			const scale = make({ ...given, spacing: 'differences' });
			const { differences } = readScale(scale, WHITE);
			fc.pre(Math.max(...differences) > 1e-6);
			expect(Math.max(...differences) / Math.min(...differences)).toBeLessThan(1.02);
		}),
		{ seed: 5, numRuns: 1500 }
	);
});

it('steps by equal shares are those of culori 4.0.2’s interpolation, for colours that need no gamut mapping', () => {
	const modes: Record<Method, 'oklab' | 'lrgb' | 'rgb'> = { oklab: 'oklab', light: 'lrgb', screen: 'rgb' };
	const next = seeded(31);
	checkAgainst(
		{ method: 'Steps of a scale by equal shares, sRGB', source: 'culori 4.0.2 interpolate', tolerance: 1e-6 },
		(deviation) => {
			for (let i = 0; i < 400; i++)
				for (const method of METHODS) {
					const parents = [randomHex(next), randomHex(next)];
					const { steps } = make({ recipe: 'interval', parents, between: 7, method, spacing: 'shares' });
					const theirs = interpolate(parents, modes[method]);
					for (const { linear, share, mapped } of steps) {
						if (mapped) continue;
						const { r, g, b } = culoriRgb(theirs(share));
						[r, g, b].forEach((value, c) => deviation(linearToSrgb(linear[c]!), Math.min(1, Math.max(0, value))));
					}
				}
		}
	);
});

it('refuses a number of steps that cannot be and parents that are missing', () => {
	const parents = ['#123456'];
	const given = { recipe: 'tints', parents, method: 'oklab', spacing: 'shares' } as const;
	for (const between of [-1, 49, 1.5, Number.NaN]) expect(() => make({ ...given, between })).toThrow(Problem);
	expect(() => make({ ...given, recipe: 'interval', between: 3 })).toThrow(/1 parents/);
	expect(make({ ...given, between: 48 }).inAll).toBe(50);
});
