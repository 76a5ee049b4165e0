import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import ciecam from '../../../../tests/reference/ciecam.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { appearanceOf, conditionsOf, xyzOfAppearance, type Viewing } from './cam16';
import { looksOn, seenColour, twoAsOne } from './on-ground';

const linear = (text: string): Triple => toLinear(readColour(text));
const colour = fc.integer({ min: 0, max: 0xffffff }).map((code) => linear(`#${code.toString(16).padStart(6, '0')}`));
const rows = ciecam.rows.filter(({ model }) => model.startsWith('CAM16'));
const viewingOf = (row: (typeof rows)[number]): Viewing => ({
	white: row.white as Triple,
	adapting: row.L_A,
	background: row.Y_b,
	surround: row.surround as Viewing['surround'],
	discounting: row.discounting
});

describe('CAM16 (Li et al. 2017; CIE 248:2022)', () => {
	it('the worked examples', () => {
		checkAgainst(
			{ method: 'CIECAM16 forward', source: 'Li et al. 2017 (tests/reference)', tolerance: 1e-4 },
			(deviation) => {
				for (const row of rows) {
					const ours = appearanceOf(row.xyz as Triple, conditionsOf(viewingOf(row)));
					for (const key of ['J', 'C', 'h', 's', 'Q', 'M'] as const)
						if (typeof row.expected[key] === 'number') deviation(ours[key], row.expected[key]);
				}
			}
		);
	});

	it('inverted gives the colour back', () => {
		checkAgainst(
			{ method: 'CIECAM16 there and back, XYZ', source: 'itself (round trip)', tolerance: 1e-6 },
			(deviation) => {
				for (const row of rows) {
					const conditions = conditionsOf(viewingOf(row));
					const back = xyzOfAppearance(appearanceOf(row.xyz as Triple, conditions), conditions);
					back.forEach((x, i) => deviation(x, row.xyz[i]!));
				}
			}
		);
	});
});

describe('a colour on a ground', () => {
	const grey = linear('#808080');
	const lightness = (ground: string, p?: number) => looksOn(grey, linear(ground), p).J;

	it('with p = 0 nothing changes, for any figure and ground', () => {
		fc.assert(
			fc.property(colour, colour, (figure, ground) => {
				seenColour(figure, ground, 0).forEach((x, i) => expect(x).toBeCloseTo(figure[i]!, 9));
			}),
			{ seed: 1 }
		);
	});

	it('a grey looks lighter on a darker ground and darker on a lighter one (Chevreul 1839)', () => {
		expect(lightness('#202020')).toBeGreaterThan(lightness('#808080') + 1);
		expect(lightness('#f0f0f0')).toBeLessThan(lightness('#808080') - 1);
	});

	it('a grey on red shifts towards the complement: it looks blue-green (Chevreul 1839)', () => {
		const onRed = looksOn(grey, linear('#c03020'));
		expect(onRed.C).toBeGreaterThan(looksOn(grey, grey).C + 2);
		expect(onRed.h).toBeGreaterThan(130);
		expect(onRed.h).toBeLessThan(270);
	});

	it('the shift grows with |p|, and with p > 0 the direction turns round', () => {
		const shift = (p: number) => lightness('#202020', p) - lightness('#202020', 0);
		expect(shift(-0.6)).toBeGreaterThan(shift(-0.3));
		expect(shift(-0.3)).toBeGreaterThan(0);
		expect(shift(0.3)).toBeLessThan(0);
		expect(shift(0.6)).toBeLessThan(shift(0.3));
	});

	it('two as one: the second figure looks on its ground as the first on its own, verified by the forward model', () => {
		const p = fc.double({ min: -0.8, max: 0.8, noNaN: true });
		fc.assert(
			fc.property(colour, colour, colour, p, (figure, ground, second, influence) => {
				const goal = looksOn(figure, ground, influence);
				fc.pre(goal.J > 1 && goal.J < 150);
				const twin = twoAsOne(figure, ground, second, influence);
				fc.pre(twin.every(Number.isFinite));
				const seen = looksOn(twin, second, influence);
				expect(seen.J).toBeCloseTo(goal.J, 5);
				expect(seen.C * Math.cos((seen.h * Math.PI) / 180)).toBeCloseTo(goal.C * Math.cos((goal.h * Math.PI) / 180), 4);
				expect(seen.C * Math.sin((seen.h * Math.PI) / 180)).toBeCloseTo(goal.C * Math.sin((goal.h * Math.PI) / 180), 4);
			}),
			{ seed: 2, numRuns: 500 }
		);
	});
});
