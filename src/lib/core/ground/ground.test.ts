import { converter } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import ciecam from '../../../../tests/reference/ciecam.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { appearanceOf, conditionsOf, xyzOfAppearance, type Viewing } from './cam16';
import { looksOn, seenColour, twoAsOne, type Strengths } from './on-ground';

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
			{ method: 'CIECAM16 forward', source: 'Li et al. 2017 (tests/reference)', tolerance: 2e-5 },
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
			{ method: 'CIECAM16 there and back, XYZ', source: 'itself (round trip)', tolerance: 1e-12 },
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
	const both = (value: number, colour = value): Strengths => ({ value, colour });
	const lightness = (ground: string, strengths?: Strengths) => looksOn(grey, linear(ground), strengths).J;
	const lab = converter('lab65');
	/** How a figure seems to shift: in L*, in a*b*, and in which direction, by culori's Lab (D65) of the colour itself. */
	const shiftOf = (figure: string, ground: string, strengths?: Strengths) => {
		const [r, g, b] = seenColour(linear(figure), linear(ground), strengths);
		const [seen, own] = [lab({ mode: 'lrgb', r, g, b }), lab(figure)!];
		const [da, db] = [seen.a - own.a, seen.b - own.b];
		return { value: seen.l - own.l, colour: Math.hypot(da, db), towards: (Math.atan2(db, da) * 180) / Math.PI };
	};

	it('shifts by what was reckoned for the method apart from this project (colour-methods.md, 2026-11-25)', () => {
		checkAgainst(
			{
				method: 'A colour on a ground, L* and a*b*',
				source: 'values reckoned apart from the project',
				tolerance: 0.06
			},
			(deviation) => {
				deviation(shiftOf('#777777', '#000000').value, 7.2);
				deviation(shiftOf('#777777', '#ffffff').value, -6.0);
				deviation(shiftOf('#808080', '#ff0000').value, -0.4);
				deviation(shiftOf('#808080', '#ff0000').colour, 6.9);
				deviation(shiftOf('#9a8f7d', '#b3392b').value, 3.3);
				deviation(shiftOf('#9a8f7d', '#b3392b').colour, 5.4);
				deviation(shiftOf('#9a8f7d', '#2f5f86').value, 4.5);
				deviation(shiftOf('#9a8f7d', '#2f5f86').colour, 2.9);
			}
		);
		const { towards } = shiftOf('#808080', '#ff0000');
		expect((towards + 360) % 360).toBeCloseTo(202, -0.5);
	});

	it('with both strengths 0 nothing changes, for any figure and ground', () => {
		fc.assert(
			fc.property(colour, colour, (figure, ground) => {
				seenColour(figure, ground, both(0)).forEach((x, i) => expect(x).toBeCloseTo(figure[i]!, 9));
			}),
			{ seed: 1 }
		);
	});

	it('a grey looks lighter on a darker ground and darker on a lighter one (Chevreul 1839)', () => {
		expect(lightness('#202020')).toBeGreaterThan(lightness('#808080') + 1);
		expect(lightness('#f0f0f0')).toBeLessThan(lightness('#808080') - 1);
	});

	it('a grey on red shifts towards the complement: it looks blue-green (Chevreul 1839), and no more than is seen', () => {
		const { towards, colour: shift } = shiftOf('#808080', '#c03020');
		expect((towards + 360) % 360).toBeGreaterThan(160);
		expect((towards + 360) % 360).toBeLessThan(250);
		expect(shift).toBeGreaterThan(2);
		expect(shift).toBeLessThan(10);
	});

	it('a beige on madder stays a beige: no ground of the trade turns it to mint', () => {
		for (const ground of ['#b3392b', '#2f5f86', '#d9b036', '#5d7f45']) {
			const { value, colour: shift } = shiftOf('#e9dcc0', ground);
			expect(Math.hypot(value, shift), ground).toBeLessThan(10);
		}
	});

	it('a ground near black does not act as a strong colour, whichever code it has', () => {
		for (const ground of ['#010000', '#000100', '#000001', '#020001'])
			expect(shiftOf('#808080', ground).colour, ground).toBeLessThan(1.5);
	});

	it('the shift of value grows with its strength and that of colour with its own; above 0 each turns round', () => {
		const light = (value: number) => lightness('#202020', both(value, 0)) - lightness('#202020', both(0));
		expect([-0.6, -0.3, 0.3, 0.6].map(light)).toEqual([-0.6, -0.3, 0.3, 0.6].map(light).sort((a, b) => b - a));
		expect([Math.sign(light(-0.3)), Math.sign(light(0.3))]).toEqual([1, -1]);
		const turned = (strength: number) => shiftOf('#808080', '#c03020', both(0, strength));
		expect(turned(-0.2).colour).toBeGreaterThan(turned(-0.1).colour + 1);
		expect(turned(0.2).colour).toBeGreaterThan(turned(0.1).colour + 1);
		const apart = Math.abs(((turned(-0.1).towards - turned(0.1).towards + 540) % 360) - 180);
		expect(apart).toBeGreaterThan(150);
		// Each strength leaves the other's shift alone.
		expect(Math.abs(shiftOf('#808080', '#303030', both(0, -0.2)).value)).toBeLessThan(0.5);
		expect(shiftOf('#808080', '#303030', both(-0.3, 0)).colour).toBeLessThan(0.5);
	});

	it('two as one: the second figure looks on its ground as the first on its own, verified by the forward model', () => {
		const value = fc.double({ min: -0.6, max: 0.6, noNaN: true });
		const onColour = fc.double({ min: -0.3, max: 0.3, noNaN: true });
		let tried = 0;
		fc.assert(
			fc.property(colour, colour, colour, value, onColour, (figure, ground, second, ...given) => {
				const strengths = both(...given);
				const goal = looksOn(figure, ground, strengths);
				fc.pre(goal.J > 1 && goal.J < 150);
				const twin = twoAsOne(figure, ground, second, strengths);
				fc.pre(twin.every(Number.isFinite));
				tried++;
				const seen = looksOn(twin, second, strengths);
				expect(seen.J).toBeCloseTo(goal.J, 5);
				expect(seen.C * Math.cos((seen.h * Math.PI) / 180)).toBeCloseTo(goal.C * Math.cos((goal.h * Math.PI) / 180), 4);
				expect(seen.C * Math.sin((seen.h * Math.PI) / 180)).toBeCloseTo(goal.C * Math.sin((goal.h * Math.PI) / 180), 4);
			}),
			{ seed: 2, numRuns: 500 }
		);
		expect(tried).toBeGreaterThanOrEqual(500);
	});
});
