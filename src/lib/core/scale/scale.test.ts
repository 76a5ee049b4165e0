import { converter, interpolate, interpolatorLinear } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import cssTable from '../../../../tests/reference/css-color-4.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { inGamut } from '../colour/gamut';
import { luminanceToValue } from '../colour/lab';
import { linearToOklch } from '../colour/oklab';
import { linearToSrgb } from '../colour/srgb';
import { readColour } from '../colour/read';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { METHODS, type Method } from './mixing';
import { RECIPES, type Recipe } from './recipe';
import { readScale } from './readings';
import { hueTurn, ROUTES } from './route';
import { makeScale, MOST_BETWEEN } from './scale';
import { SPACINGS } from './spacing';
import { type ScaleSpec } from './spec';

const culoriRgb = converter('rgb');
const hex = fc.integer({ min: 0, max: 0xffffff }).map((code) => `#${code.toString(16).padStart(6, '0')}`);
const spec = fc.record({
	recipe: fc.constantFrom(...RECIPES),
	parents: fc.tuple(hex, hex, hex),
	between: fc.integer({ min: 0, max: MOST_BETWEEN }),
	method: fc.constantFrom(...METHODS),
	spacing: fc.constantFrom(...SPACINGS),
	route: fc.constantFrom(...ROUTES)
});
type Given = Omit<ScaleSpec, 'parents' | 'pins'> & {
	parents: readonly string[];
	pins?: { step: number; hex: string }[];
};
const make = ({ pins, ...given }: Given) =>
	makeScale({
		...given,
		parents: given.parents.map(readColour),
		...(pins ? { pins: pins.map(({ step, hex: text }) => ({ step, colour: readColour(text) })) } : {})
	});
const WHITE = [1, 1, 1] as const;
const chromaOf = (linear: readonly [number, number, number]) => linearToOklch(linear)[1];
const hueOf = (linear: readonly [number, number, number]) => linearToOklch(linear)[2];

/** The codes at both ends of each recipe, where they are known beforehand. */
const ENDS: Record<Recipe, (parents: readonly string[]) => [string | null, string | null]> = {
	tints: ([first]) => [first!, '#ffffff'],
	shades: ([first]) => [first!, '#000000'],
	'tones-rising': ([first]) => [first!, null],
	'tones-level': ([first]) => [first!, null],
	'tones-falling': ([first]) => [first!, null],
	dulling: ([first]) => [first!, null],
	'hue-steps': ([first]) => [first!, null],
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

it('equal differences: neighbouring ΔE00 agree within 2 % before rounding, for any parents, on every straight way', () => {
	// Where CIEDE2000 itself jumps, at opposite hues, no spacing can be even; see docs/decisions.md.
	const straight: readonly Recipe[] = ['tints', 'shades', 'tones-rising', 'tones-level', 'tones-falling', 'interval'];
	fc.assert(
		fc.property(
			spec,
			fc.constantFrom(...straight),
			fc.constantFrom('oklab', 'light', 'screen'),
			(given, recipe, method) => {
				const scale = make({ ...given, recipe, method: method as Method, spacing: 'differences' });
				const { differences } = readScale(scale, WHITE);
				fc.pre(Math.max(...differences) > 1e-6);
				expect(Math.max(...differences) / Math.min(...differences)).toBeLessThan(1.02);
			}
		),
		{ seed: 5, numRuns: 1500 }
	);
});

describe('recipes', () => {
	it('rising tones end in a lighter grey, falling ones in a darker, and a grey on the wrong side is refused', () => {
		const given = { parents: ['#b3392b'], between: 5, method: 'oklab', spacing: 'shares' } as const;
		const rising = make({ ...given, recipe: 'tones-rising', endValue: 72 }).steps.at(-1)!;
		expect(rising.value).toBeCloseTo(72, 6);
		expect(chromaOf(rising.linear)).toBeLessThan(1e-6);
		expect(make({ ...given, recipe: 'tones-falling' }).steps.at(-1)!.value).toBeCloseTo(21, 0);
		expect(() => make({ ...given, recipe: 'tones-rising', endValue: 20 })).toThrow(/wrong side/);
		expect(() => make({ ...given, recipe: 'tones-falling', endValue: 60 })).toThrow(Problem);
	});

	it('a colour dulled by its complement passes through a near-neutral in the middle (common practice, no source)', () => {
		for (const parent of ['#b3392b', '#d9b036', '#2f5f86'])
			for (const wheel of ['light', 'perceptual'] as const) {
				const { steps } = make({
					recipe: 'dulling',
					parents: [parent],
					between: 21,
					method: 'light',
					spacing: 'shares',
					wheel
				});
				const quietest = Math.min(...steps.map(({ linear }) => chromaOf(linear)));
				expect(quietest).toBeLessThan(chromaOf(steps[0]!.linear) / 3);
			}
	});

	it('hue steps keep value and chroma where the screen has them, and by greatest chroma are never quieter', () => {
		const given = {
			recipe: 'hue-steps',
			parents: ['#a0605a', '#56759a'],
			between: 7,
			method: 'oklab',
			spacing: 'shares'
		} as const;
		const { steps } = make(given);
		for (const { value, linear, mapped } of steps) {
			expect(value).toBeCloseTo(steps[0]!.value, 5);
			if (!mapped) expect(chromaOf(linear)).toBeCloseTo(chromaOf(steps[0]!.linear), 6);
		}
		expect(hueOf(steps.at(-1)!.linear)).toBeCloseTo(
			hueOf(make({ ...given, recipe: 'tints', parents: ['#56759a'] }).steps[0]!.linear),
			4
		);
		const strong = make({ ...given, greatestChroma: true }).steps;
		strong.forEach(({ linear, value }, i) => {
			expect(chromaOf(linear)).toBeGreaterThanOrEqual(chromaOf(steps[i]!.linear) - 1e-6);
			expect(value).toBeCloseTo(steps[0]!.value, 5);
		});
	});

	it('value steps go from white to black through the parent, where its own value falls or in the middle', () => {
		const given = {
			recipe: 'value-steps',
			parents: ['#d9b036'],
			between: 9,
			method: 'oklab',
			spacing: 'shares'
		} as const;
		const byValue = make(given).steps;
		const place = byValue.findIndex(({ parent }) => parent === 0);
		expect(byValue[place]!.hex).toBe('#d9b036');
		expect(place).toBe(Math.round((1 - byValue[place]!.value / 100) * 10));
		expect(make({ ...given, parentPlace: 'middle' }).steps[5]!.hex).toBe('#d9b036');
		expect(readScale(make(given), WHITE).course).toBe('falling');
		for (const { linear } of byValue)
			if (chromaOf(linear) > 0.01) expect(hueOf(linear)).toBeCloseTo(hueOf(byValue[place]!.linear), 0);
	});

	it('a path goes through its parents at their places', () => {
		const parents = ['#b3392b', '#d9b036', '#2f5f86'];
		const given = { recipe: 'path', parents, between: 9, method: 'oklab', spacing: 'shares' } as const;
		expect(make(given).steps[5]!.hex).toBe('#d9b036');
		expect(make({ ...given, places: [0.2] }).steps[2]!.hex).toBe('#d9b036');
		expect(() => make({ ...given, places: [0.5, 0.4] })).toThrow(Problem);
		expect(() => make({ ...given, places: [1] })).toThrow(Problem);
	});
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
		const tolerance = method === 'lab' || method === 'lch' ? 1e-5 : 1e-6;
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
