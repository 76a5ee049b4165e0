import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { make, spec, WHITE, type Given } from '../../../../tests/support/scales';
import { readScale } from './readings';
import { RECIPES } from './recipe';

describe('equal differences: neighbouring ΔE00 agree within 2 % before rounding', () => {
	const ratioOf = (differences: readonly number[]): number => Math.max(...differences) / Math.min(...differences);
	/** How uneven a scale is between one fixed step and the next, in the worst section. */
	const worst = (given: Given): number => {
		const scale = make({ ...given, spacing: 'differences' });
		const { differences, leaps } = readScale(scale, WHITE);
		const fixed = scale.steps.flatMap(({ parent, pinned }, i) => (parent !== null || pinned ? [i] : []));
		const neutral = given.recipe === 'dulling' && given.between % 2 === 1 ? [(given.between + 1) / 2] : [];
		const borders = [...new Set([0, ...fixed, ...neutral, scale.inAll - 1])].sort((one, other) => one - other);
		const sections = borders.slice(1).map((border, i) => differences.slice(borders[i], border));
		const free = sections.map((section, i) => section.filter((_, k) => !leaps.includes(borders[i]! + k)));
		const measured = free.filter((section) => section.length > 1 && Math.max(...section) > 1e-6);
		return Math.max(1, ...measured.map(ratioOf));
	};

	it('for any parents, by every recipe and method, from one fixed step to the next', () => {
		// Where CIEDE2000 itself jumps, at opposite hues, no spacing can be even; see docs/decisions.md.
		let [tried, uneven] = [0, 0];
		fc.assert(
			fc.property(spec, fc.constantFrom(...RECIPES.filter((recipe) => recipe !== 'path')), (given, recipe) => {
				tried++;
				if (worst({ ...given, recipe, route: 'shorter' }) > 1.02) uneven++;
			}),
			{ seed: 5, numRuns: 1200 }
		);
		expect(tried).toBe(1200);
		expect(uneven / tried).toBeLessThan(0.01);
	});

	it('on paths of three to six parents, and between pinned steps', () => {
		let uneven = 0;
		const [paths, pinned] = [100, 100];
		const next = seeded(77);
		for (let i = 0; i < paths; i++) {
			const parents = Array.from({ length: 3 + Math.floor(4 * next()) }, () => randomHex(next));
			const between = 3 + Math.floor(20 * next());
			if (worst({ recipe: 'path', parents, between, method: 'oklab', spacing: 'differences' }) > 1.02) uneven++;
		}
		for (let i = 0; i < pinned; i++) {
			const between = 5 + Math.floor(12 * next());
			const pins = [{ step: 1 + Math.floor(between * next()), hex: randomHex(next) }];
			const parents = [randomHex(next), randomHex(next)];
			if (worst({ recipe: 'interval', parents, between, method: 'oklab', spacing: 'differences', pins }) > 1.02)
				uneven++;
		}
		expect(uneven).toBeLessThanOrEqual(2);
	});
});
