import { expect, it } from 'vitest';
import { readColour } from '../colour/read';
import { readScale } from './readings';
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
