import { converter, interpolate, interpolatorLinear } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import cssTable from '../../../../tests/reference/css-color-4.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { hex, hueOf, make, spec, type Given } from '../../../../tests/support/scales';
import { inGamut } from '../colour/gamut';
import { luminanceToValue } from '../colour/lab';
import { linearToSrgb } from '../colour/srgb';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { type Method } from './mixing';
import { type Recipe } from './recipe';
import { hueTurn, ROUTES } from './route';

const culoriRgb = converter('rgb');
/** The codes at both ends of each recipe, where they are known beforehand. */
const ENDS: Record<Recipe, (parents: readonly string[]) => [string | null, string | null]> = {
	tints: ([first]) => [first!, '#ffffff'],
	shades: ([first]) => [first!, '#000000'],
	'tones-rising': ([first]) => [first!, null],
	'tones-level': ([first]) => [first!, null],
	'tones-falling': ([first]) => [first!, null],
	dulling: ([first]) => [first!, null],
	'hue-steps': ([first, second]) => [first!, second!],
	'value-steps': () => ['#ffffff', '#000000'],
	interval: ([first, second]) => [first!, second!],
	path: ([first, , third]) => [first!, third!]
};

describe('any scale of any parents, by every recipe, method, route and spacing', () => {
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
				const [first, last] = ENDS[given.recipe](given.parents);
				if (first !== null) expect(steps[0]!.hex).toBe(first);
				if (last !== null) expect(steps.at(-1)!.hex).toBe(last);
			}),
			{ seed: 2, numRuns: 800 }
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
			{ seed: 3, numRuns: 500 }
		);
	});

	it('passes through its pinned steps exactly, and forgets them without trace', () => {
		fc.assert(
			fc.property(spec, hex, fc.nat(), (given, pin, at) => {
				fc.pre(given.between > 0);
				const step = 1 + (at % given.between);
				const pinned = make({ ...given, pins: [{ step, hex: pin }] });
				expect(pinned.steps[step]).toMatchObject({ hex: pin, pinned: true, parent: null });
				expect(pinned.steps.filter((each) => each.pinned)).toHaveLength(1);
				expect(pinned.steps).toHaveLength(given.between + 2);
			}),
			{ seed: 6, numRuns: 400 }
		);
	});
});

it('level tones of any parent keep its value within 0.5 L*, by every method and spacing', () => {
	fc.assert(
		fc.property(spec, (given) => {
			const { steps } = make({ ...given, recipe: 'tones-level' });
			for (const { hex: code, value } of steps) {
				expect(Math.abs(value - steps[0]!.value)).toBeLessThan(1e-5);
				const rounded = make({ ...given, recipe: 'tones-level', parents: [code], between: 0 }).steps[0]!.value;
				expect(Math.abs(rounded - steps[0]!.value)).toBeLessThan(0.5);
			}
		}),
		{ seed: 4, numRuns: 300 }
	);
});

describe('spacings', () => {
	const shares = (more: Partial<Given>) =>
		make({ recipe: 'shades', parents: ['#ffffff'], between: 3, method: 'light', spacing: 'shares', ...more }).steps.map(
			({ share }) => share
		);

	it('doubling: each step adds as much as all before it (Weber–Fechner, common practice)', () => {
		const amounts = shares({ spacing: 'doubling', between: 4 });
		amounts.slice(2).forEach((amount, i) => expect(amount - amounts[i + 1]!).toBeCloseTo(amounts[i + 1]!, 12));
	});

	it('a curve crowds the steps at the start or at the end, and without a bend is equal shares', () => {
		expect(shares({ spacing: 'curve', bias: 0 })).toEqual([0, 0.25, 0.5, 0.75, 1]);
		expect(shares({ spacing: 'curve', bias: 1 })[2]).toBeGreaterThan(0.8);
		expect(shares({ spacing: 'curve', bias: -1 })[2]).toBeLessThan(0.1);
	});
});

it('a grey has nothing to turn by any route, from whichever end it is looked at', () => {
	for (const method of ['oklch', 'lch', 'hsb'] as const)
		for (const route of ROUTES) {
			const between = (parents: string[]) =>
				make({ recipe: 'interval', parents, between: 5, method, spacing: 'shares', route }).steps.map(
					(step) => step.hex
				);
			expect(between(['#ffffff', '#ff0000'])).toEqual(between(['#ff0000', '#ffffff']).reverse());
			// All of it is red and white: green and blue go together.
			for (const code of between(['#ffffff', '#ff0000'])) {
				const { h = 0, s: saturation } = converter('hsv')(code)!;
				if (saturation > 0.1) expect(Math.min(h, 360 - h), `${method} ${route} ${code}`).toBeLessThan(30);
			}
		}
});

it('routes are those of CSS Color 4 §12.4', () => {
	const names = { shorter: 'shorter', longer: 'longer', increasing: 'rising', decreasing: 'falling' } as const;
	for (const row of cssTable.rows) {
		if (!row.kind.startsWith('hue interpolation')) continue;
		const route = names[row.method as keyof typeof names];
		const [start, end] = row.fixed as [number, number];
		expect(hueTurn(row.h1!, row.h2!, route), row.id).toBeCloseTo(end - start, 9);
	}
});

const MODES: Record<Exclude<Method, 'paint'>, 'oklab' | 'lab' | 'lrgb' | 'rgb' | 'oklch' | 'lch' | 'hsv'> = {
	oklab: 'oklab',
	lab: 'lab',
	light: 'lrgb',
	screen: 'rgb',
	oklch: 'oklch',
	lch: 'lch',
	hsb: 'hsv'
};
const modes = Object.keys(MODES) as Exclude<Method, 'paint'>[];
describe.each(modes)('steps mixed in %s', (method) => {
	it('are those of culori 4.0.2’s interpolation, where no gamut mapping is needed', () => {
		const next = seeded(31);
		// culori rounds its Bradford matrix, which shows in Lab and LCh.
		const tolerance = method === 'lab' || method === 'lch' ? 1e-5 : method.startsWith('ok') ? 5e-12 : 1e-12;
		checkAgainst(
			{ method: `Steps of a scale, ${method}`, source: 'culori 4.0.2 interpolate', tolerance },
			(deviation) => {
				for (let i = 0; i < 400; i++) {
					const parents = [randomHex(next), randomHex(next)];
					const { steps } = make({ recipe: 'interval', parents, between: 7, method, spacing: 'shares' });
					const theirs = interpolate(parents, MODES[method], { use: interpolatorLinear } as never);
					for (const { linear, share, mapped } of steps) {
						if (mapped) continue;
						const { r, g, b } = culoriRgb(theirs(share));
						[r, g, b].forEach((value, c) => deviation(linearToSrgb(linear[c]!), Math.min(1, Math.max(0, value))));
					}
				}
			}
		);
	});
});

it('refuses a number of steps that cannot be, parents that are missing, and pins that do not fit', () => {
	const given = { recipe: 'tints', parents: ['#123456'], method: 'oklab', spacing: 'shares' } as const;
	for (const between of [-1, 49, 1.5, Number.NaN]) expect(() => make({ ...given, between })).toThrow(Problem);
	expect(() => make({ ...given, recipe: 'interval', between: 3 })).toThrow(/1 parents/);
	expect(make({ ...given, between: 48 }).inAll).toBe(50);
	for (const step of [0, 4, 1.5])
		expect(() => make({ ...given, between: 3, pins: [{ step, hex: '#ffffff' }] })).toThrow(/pinned/);
	const twice = [1, 1].map((step) => ({ step, hex: '#ffffff' }));
	expect(() => make({ ...given, between: 3, pins: twice })).toThrow(/pinned/);
	expect(luminanceToValue(luminance(1, 1, 1))).toBeCloseTo(100, 9);
});

it('as paint, yellow to blue passes through green (common practice, no source)', () => {
	const { steps } = make({
		recipe: 'interval',
		parents: ['#fcd200', '#002185'],
		between: 5,
		method: 'paint',
		spacing: 'shares'
	});
	expect(hueOf(steps[3]!.linear)).toBeGreaterThan(105);
	expect(hueOf(steps[3]!.linear)).toBeLessThan(190);
});
