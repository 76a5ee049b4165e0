import { describe, expect, it } from 'vitest';
import { chromaOf, hueOf, make, type Given } from '../../../../tests/support/scales';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { valueOf } from '../colour/value-of';
import { Problem } from '../problem';

const base = { between: 3, method: 'screen', spacing: 'shares' } as const;
/** Even codes, so that halves of them are codes too. */
const [black, red, green, blue, white] = ['#000000', '#fe0000', '#00fe00', '#0000fe', '#ffffff'] as const;
const path = (given: Partial<Given> = {}): Given => ({
	...base,
	recipe: 'path',
	parents: [black, red, blue],
	...given
});
const parentsOf = (given: Given): (number | null)[] => make(given).steps.map(({ parent }) => parent);
const hexes = (given: Given): string[] => make(given).steps.map(({ hex }) => hex);
const expectedOf = (given: Given): string => {
	try {
		make(given);
	} catch (error) {
		if (error instanceof Problem) return `${error.code}: ${error.expected}`;
		throw error;
	}
	return 'made';
};

describe('parents on their way (that a parent is shown as itself: common practice, no source)', () => {
	it('of a path stand on the step that falls on their place, and on none where none does', () => {
		expect(parentsOf(path())).toEqual([0, null, 1, null, 2]);
		expect(hexes(path())[2]).toBe(red);
		expect(parentsOf(path({ between: 2 }))).toEqual([0, null, null, 2]);
		expect(parentsOf(path({ places: [0.25] }))).toEqual([0, 1, null, null, 2]);
		expect(parentsOf(path({ places: [0.26] }))).toEqual([0, null, null, null, 2]);
		expect(parentsOf(path({ parents: [black, red, green, blue], between: 5 }))).toEqual([0, null, 1, null, 2, null, 3]);
	});

	it('never take the place of an end, however near to it they are', () => {
		expect(parentsOf(path({ places: [1e-9] }))).toEqual([0, null, null, null, 2]);
		expect(parentsOf(path({ places: [1 - 1e-9] }))).toEqual([0, null, null, null, 2]);
		expect(hexes(path({ places: [1e-9] })).at(0)).toBe(black);
	});

	it('at other spacings than equal shares only the ends stand', () => {
		expect(parentsOf(path({ spacing: 'differences' }))).toEqual([0, null, null, null, 2]);
	});

	it('places that do not rise are refused with what would be right', () => {
		expect(expectedOf(path({ places: [0.5, 0.6] }))).toBe('parents: 1 places that rise between 0 and 1');
		expect(expectedOf(path({ parents: [black, red, green, blue], places: [0.6, 0.5] }))).toBe(
			'parents: 2 places that rise between 0 and 1'
		);
		expect(expectedOf(path({ places: [1] }))).toMatch(/^parents/);
	});

	it('the last step of an interval is its second parent; white, black and greys are nobody’s', () => {
		const two = { ...base, parents: [red, blue] };
		expect(parentsOf({ ...two, recipe: 'interval' })).toEqual([0, null, null, null, 1]);
		for (const recipe of ['tints', 'shades', 'tones-level', 'tones-rising', 'dulling'] as const)
			expect(parentsOf({ ...two, recipe }).at(-1), recipe).toBeNull();
	});

	it('value steps have their parent where its value falls, or in the middle, never at an end, and none where there is no room', () => {
		const steps = (parent: string, given: Partial<Given> = {}): (number | null)[] =>
			parentsOf({ ...base, recipe: 'value-steps', parents: [parent], ...given });
		expect(steps('#777777')).toEqual([null, null, 0, null, null]);
		expect(steps('#0a0a0a')).toEqual([null, null, null, 0, null]);
		expect(steps('#fafafa')).toEqual([null, 0, null, null, null]);
		expect(steps('#0a0a0a', { parentPlace: 'middle' })).toEqual([null, null, 0, null, null]);
		expect(steps('#777777', { between: 0 })).toEqual([null, null]);
		expect(hexes({ ...base, recipe: 'value-steps', parents: ['#777777'], between: 0 })).toEqual([white, black]);
	});

	it('hue steps: at the greatest chroma none stands, with the first parent’s chroma the first does, at their purest both', () => {
		const hues = (turning: 'purest' | 'greatest' | 'held') =>
			make({ ...base, recipe: 'hue-steps', parents: ['#b3392b', '#2f5f86'], turning });
		expect(hues('greatest').steps.map(({ parent }) => parent)).toEqual([null, null, null, null, null]);
		expect(hues('held').steps.map(({ parent }) => parent)).toEqual([0, null, null, null, null]);
		expect(hues('purest').steps.map(({ parent }) => parent)).toEqual([0, null, null, null, 1]);
		// The same hues, and no less chroma than the first parent's, but the first parent's value.
		hues('greatest').steps.forEach((step, i) => {
			expect(step.value).toBeCloseTo(hues('held').steps[0]!.value, 3);
			expect(hueOf(step.linear)).toBeCloseTo(hueOf(hues('held').steps[i]!.linear), 0);
			expect(chromaOf(step.linear)).toBeGreaterThan(chromaOf(hues('held').steps[i]!.linear) - 1e-3);
		});
	});
});

describe('end greys', () => {
	const parent = '#b3392b';
	const own = valueOf(toLinear(readColour(parent)));
	const tones = (recipe: 'tones-rising' | 'tones-falling', endValue: number): Given => ({
		...base,
		recipe,
		parents: [parent],
		endValue
	});

	it('may be white, black, or the parent’s own grey, and nothing beyond', () => {
		expect(hexes(tones('tones-rising', 100)).at(-1)).toBe(white);
		expect(hexes(tones('tones-falling', 0)).at(-1)).toBe(black);
		for (const recipe of ['tones-rising', 'tones-falling'] as const)
			expect(make(tones(recipe, own)).steps.at(-1)!.value).toBeCloseTo(own, 6);
		const rising = `end-grey: a value from ${own.toFixed(1)} to 100`;
		expect([100.5, own - 0.5].map((value) => expectedOf(tones('tones-rising', value)))).toEqual([rising, rising]);
		const falling = `end-grey: a value from 0 to ${own.toFixed(1)}`;
		expect([-0.5, own + 0.5].map((value) => expectedOf(tones('tones-falling', value)))).toEqual([falling, falling]);
	});
});

describe('dulling', () => {
	const dulled = (given: Partial<Given>): Given => ({ ...base, recipe: 'dulling', parents: ['#b3392b'], ...given });
	const chromas = (given: Partial<Given>): number[] => make(dulled(given)).steps.map(({ linear }) => chromaOf(linear));

	it('one way ends on a grey; as it happens to mix it goes on to the complement, or one way to where it is dullest', () => {
		expect(chromas({ oneWay: true }).at(-1)).toBeLessThan(1e-3);
		expect(chromas({ dulling: 'mixed' }).at(-1)).toBeGreaterThan(0.05);
		const mixed = chromas({ dulling: 'mixed', between: 47 });
		const oneWay = chromas({ dulling: 'mixed', oneWay: true }).at(-1)!;
		expect(oneWay).toBeLessThan(Math.min(...mixed) + 1e-3);
		// By light and complement on the screen's wheel nothing is quite grey, so that the two ways differ.
		expect(hexes(dulled({ dulling: 'mixed', oneWay: true })).at(-1)).not.toBe(hexes(dulled({ oneWay: true })).at(-1));
	});

	it('through the neutral its middle step is the grey where there is one, and no step is where there is none', () => {
		expect(chromas({ between: 3 })[2]).toBeLessThan(1e-3);
		expect(Math.min(...chromas({ between: 2 }))).toBeGreaterThan(0.01);
	});
});

describe('steps set by hand', () => {
	it('stand where they are set, and all between them is mixed from them', () => {
		const pinned = path({ pins: [{ step: 2, hex: green }] });
		expect(make(pinned).steps.map(({ parent, pinned: is }) => (is ? 'pinned' : parent))).toEqual([
			0,
			null,
			'pinned',
			null,
			2
		]);
		// Halves of codes: the pinned step has taken the place of the parent that stood there.
		expect(hexes(pinned)).toEqual([black, '#007f00', green, '#007f7f', blue]);
	});

	it('beside a parent that stands on another step leave that one standing', () => {
		const pinned = path({ between: 7, pins: [{ step: 2, hex: green }] });
		expect(make(pinned).steps.map(({ parent, pinned: is }) => (is ? 'pinned' : parent))).toEqual([
			0,
			null,
			'pinned',
			null,
			1,
			null,
			null,
			null,
			2
		]);
	});

	it('may be given in any order', () => {
		const pins = [
			{ step: 3, hex: green },
			{ step: 1, hex: red }
		];
		const given: Given = { ...base, recipe: 'interval', parents: [black, blue], pins };
		expect(hexes(given)).toEqual([black, red, '#7f7f00', green, blue]);
		expect(hexes({ ...given, pins: [...pins].reverse() })).toEqual(hexes(given));
		expect(make(given).steps.map(({ pinned }) => pinned)).toEqual([false, true, false, true, false]);
	});

	it('leave the ends what they are: the last parent of an interval, of a path and of hue steps, nobody’s white', () => {
		const pins = [{ step: 1, hex: green }];
		const last = (recipe: Given['recipe'], parents: string[]) =>
			parentsOf({ ...base, recipe, parents, pins }).map((parent, i, all) =>
				i === 0 || i === all.length - 1 ? parent : '-'
			);
		expect(last('interval', [red, blue])).toEqual([0, '-', '-', '-', 1]);
		expect(last('hue-steps', [red, blue])).toEqual([0, '-', '-', '-', 1]);
		expect(last('path', [red, green, blue])).toEqual([0, '-', '-', '-', 2]);
		expect(last('tints', [red])).toEqual([0, '-', '-', '-', null]);
		expect(last('value-steps', [red])).toEqual([null, '-', '-', '-', null]);
	});
});

describe('the route of a round mixing', () => {
	it('is the one that is asked for, the shorter where none is', () => {
		const given: Given = { ...base, recipe: 'interval', parents: ['#b3392b', '#d9b036'], method: 'oklch' };
		const middle = (route?: 'shorter' | 'longer'): number =>
			hueOf(make({ ...given, ...(route ? { route } : {}) }).steps[2]!.linear);
		const [from, to] = given.parents.map((code) => hueOf(toLinear(readColour(code))));
		expect(middle()).toBeCloseTo((from! + to!) / 2, 1);
		expect(middle('shorter')).toBe(middle());
		// Drawn into the gamut its hue moves by less than a degree.
		expect(Math.abs(middle('longer') - (from! + to!) / 2 - 180)).toBeLessThan(1);
	});
});
