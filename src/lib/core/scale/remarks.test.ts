import { describe, expect, it } from 'vitest';
import { readColour } from '../colour/read';
import { readScale, type Readings } from './readings';
import { remarksOn, runs } from './remarks';
import { makeScale } from './scale';
import { type ScaleSpec } from './spec';

const remarks = (recipe: ScaleSpec['recipe'], parents: string[], more: Partial<ScaleSpec> = {}) =>
	remarksOn(
		readScale(
			makeScale({ recipe, parents: parents.map(readColour), between: 5, method: 'oklab', spacing: 'shares', ...more }),
			[1, 1, 1]
		)
	);
const words = (...given: Parameters<typeof remarks>) => remarks(...given).map((remark) => remark.words);

it('an uneven scale is said to be, with the action that mends it; an even one is not', () => {
	const uneven = remarks('shades', ['#d9b036'])[0]!;
	expect(uneven).toMatchObject({ verdict: 'look', mend: 'even-out' });
	expect(uneven.words).toMatch(/^Largest step: \d\.\d times the smallest\.$/);
	expect(remarks('shades', ['#d9b036'], { spacing: 'differences' })[0]).toMatchObject({ verdict: 'holds', mend: null });
	// With nothing between there is one step only, which cannot be uneven.
	expect(remarks('shades', ['#d9b036'], { between: 0 })[0]).toMatchObject({ verdict: 'holds' });
});

it('a scale whose largest step is a little over its smallest is nearly even, which is no fault', () => {
	// Greys by their L*: steps of 10.0, 11.0 and 10.0 in L*, each between greys, so that ΔE00 is nearly in proportion.
	const nearly = remarks('path', ['lab(50 0 0)', 'lab(60 0 0)', 'lab(71 0 0)', 'lab(82 0 0)'], { between: 2 })[0]!;
	expect(nearly).toMatchObject({ verdict: 'holds', mend: null });
	expect(nearly.words).toMatch(/^The steps are nearly even: the largest is 1\.[012]\d times the smallest\.$/);
});

it('says how the value goes', () => {
	expect(words('tints', ['#b3392b'])).toContain('Value rises all the way, from 42 to 100.');
	expect(words('shades', ['#b3392b'])).toContain('Value falls all the way, from 42 to 0.');
	expect(words('tones-level', ['#b3392b'])).toContain('Value stays level at 42.');
	// A blue that first grows a little lighter still falls by its ends; a path there and back turns.
	expect(words('path', ['#202020', '#f0f0f0', '#202020'])).toContain(
		'Value goes from 12 to the same, but turns at step 4 (95).'
	);
});

it('names the steps that are hard to tell apart, from the ground, or outside the gamut', () => {
	expect(words('interval', ['#b3392b', '#b3392b'])).toContain('The steps do not differ at all: all are one colour.');
	expect(words('interval', ['#b3392b', '#b83a2c'])).toContain('Steps 1 to 6 are hard to tell from the next.');
	expect(words('tints', ['#b3392b'])).toContain('Step 7 is lost on the ground of the plate.');
	expect(words('tints', ['oklch(0.7 0.35 145)']).join()).toMatch(/Step.* 1.* outside the screen gamut/);
});

it('numbers are said as people say them', () => {
	expect(runs([2])).toBe('2');
	expect(runs([2, 3])).toBe('2 and 3');
	expect(runs([1, 2, 3, 5, 8, 9])).toBe('1 to 3, 5, 8 and 9');
});

/** Readings of nothing in particular, with what a sentence is about. */
const readings = (about: Partial<Readings>): Readings => ({
	values: [40, 50, 60, 70],
	chromas: [0, 0, 0, 0],
	hues: [null, null, null, null],
	hueDrift: 0,
	differences: [3, 3, 3],
	evenness: 1,
	leaps: [],
	course: { kind: 'rises' },
	ownGrey: { hex: '#5e5e5e', ink: 60 },
	outOfGamut: [],
	likeNext: [],
	likeGround: [],
	...about
});

describe('sentences on numbers that are given (how a teacher would say them: common practice, no source)', () => {
	const onEvenness = (about: Partial<Readings>, fixed?: readonly number[]) => remarksOn(readings(about), fixed)[0]!;

	it('even: each the same, or from the least to the most', () => {
		expect(onEvenness({}).words).toBe('The steps are even: each is 3.0 ΔE00 from the next.');
		expect(onEvenness({ differences: [3, 3.1, 3.149] }).words).toBe(
			'The steps are even: each is 3.0 to 3.1 ΔE00 from the next.'
		);
		expect(onEvenness({ differences: [3, 3.15, 3] }).key).toBe('scale.even');
		expect(onEvenness({ differences: [3, 3.16, 3] }).key).toBe('scale.nearly-even');
	});

	it('nearly even, with two digits, up to a quarter more; from there on uneven, with one', () => {
		expect(onEvenness({ differences: [4, 4.96, 4] })).toMatchObject({
			key: 'scale.nearly-even',
			words: 'The steps are nearly even: the largest is 1.24 times the smallest.'
		});
		expect(onEvenness({ differences: [4, 5, 4] })).toMatchObject({
			key: 'scale.uneven',
			words: 'Largest step: 1.3 times the smallest.',
			mend: 'even-out'
		});
	});

	it('how many times is said up to a hundred; a step that does not differ at all makes it more', () => {
		expect(onEvenness({ differences: [0.1, 10, 1] }).words).toBe('Largest step: 100.0 times the smallest.');
		expect(onEvenness({ differences: [0.1, 10.1, 1] }).words).toBe('Largest step: more than 100 times the smallest.');
		expect(onEvenness({ differences: [0, 3, 3] }).words).toBe('Largest step: more than 100 times the smallest.');
	});

	it('of one colour where nothing differs', () => {
		expect(onEvenness({ differences: [0, 0, 1e-6] }).key).toBe('scale.one-colour');
		expect(onEvenness({ differences: [0, 0, 2e-6] }).key).toBe('scale.uneven');
	});

	it('leaps at the ends are left out, and said', () => {
		expect(onEvenness({ differences: [20, 3, 3], leaps: [0] }).words).toBe(
			'But for the ends, the steps are even: each is 3.0 ΔE00 from the next.'
		);
		expect(onEvenness({ differences: [20, 3, 9], leaps: [0] }).words).toBe('Largest step: 3.0 times the smallest.');
		expect(onEvenness({ differences: [20, 3, 30], leaps: [0, 2] }).key).toBe('scale.even');
		expect(onEvenness({ differences: [20], leaps: [0] }).key).toBe('scale.no-step-of-its-own');
	});

	it('even from one fixed step to the next, each section with its own difference', () => {
		const six = { differences: [3, 3, 5, 5, 5.1, 2], values: [40, 45, 50, 55, 60, 65, 70] };
		expect(onEvenness(six, [3, 6]).words).toBe(
			'Steps 3 and 6 are fixed, and the steps are even from one fixed step to the next: 3.0, then 5.0 to 5.1, then 2.0 ΔE00.'
		);
		expect(onEvenness({ differences: [3, 3, 5, 5] }, [3]).words).toBe(
			'Step 3 is fixed, and the steps are even from one fixed step to the next: 3.0, then 5.0 ΔE00.'
		);
		// Not where one section is uneven, where nothing is fixed, or where an end leaps.
		expect(onEvenness(six, [3]).key).toBe('scale.uneven');
		expect(onEvenness(six).key).toBe('scale.uneven');
		expect(onEvenness({ ...six, leaps: [0] }, [3, 6]).key).toBe('scale.uneven');
		expect(onEvenness({ differences: [3, 3, 0, 0] }, [3]).key).toBe('scale.uneven');
	});

	it('one step alone cannot be evened out', () => {
		const alone = onEvenness({ differences: [0, 20, 3], leaps: [1] });
		expect(alone).toMatchObject({ key: 'scale.uneven', mend: 'even-out' });
		expect(onEvenness({ differences: [1e-7, 20], leaps: [1] })).toMatchObject({ key: 'scale.uneven', mend: null });
	});

	const word = (key: string, about: Partial<Readings>): string =>
		remarksOn(readings(about)).find((remark) => remark.key === key)?.words ?? 'not said';

	it('value: from where to where, with as many digits as tell them apart, and the steps at which it turns', () => {
		expect(word('scale.one-way', { course: { kind: 'falls' }, values: [60.2, 60.1] })).toBe(
			'Value falls all the way, from 60.2 to 60.1.'
		);
		expect(word('scale.level', { course: { kind: 'level' } })).toBe('Value stays level at 40.');
		const turns = (at: number[], values: number[]) => word('scale.turns', { course: { kind: 'turns', at }, values });
		expect(turns([2], [40, 80, 30])).toBe('Value goes from 40 to 30, but turns at step 2 (80).');
		expect(turns([2, 3], [40, 80, 20, 40])).toBe(
			'Value goes from 40 to the same, but turns at step 2 (80) and step 3 (20).'
		);
		expect(turns([], [40, 80, 30])).toBe('Value goes from 40 to 30, now up and now down.');
	});

	it('one step is, several are', () => {
		expect(word('scale.fits', {})).toBe('Every step fits the screen gamut.');
		expect(word('scale.outside', { outOfGamut: [2] })).toBe(
			'Step 2 lies outside the screen gamut; the nearest colour is shown.'
		);
		expect(word('scale.outside', { outOfGamut: [2, 4] })).toBe(
			'Steps 2 and 4 lie outside the screen gamut; the nearest colour is shown.'
		);
		expect(word('scale.told-apart', {})).toBe('Every step can be told from the next.');
		expect(word('scale.alike', { likeNext: [1] })).toBe('Step 1 is hard to tell from the next.');
		expect(word('scale.alike', { likeNext: [1, 2] })).toBe('Steps 1 and 2 are hard to tell from the next.');
		expect(word('scale.lost', {})).toBe('not said');
		expect(word('scale.lost', { likeGround: [4] })).toBe('Step 4 is lost on the ground of the plate.');
		expect(word('scale.lost', { likeGround: [3, 4] })).toBe('Steps 3 and 4 are lost on the ground of the plate.');
		expect(remarksOn(readings({}))).toHaveLength(4);
		expect(remarksOn(readings({ likeGround: [4] }))).toHaveLength(5);
	});
});
