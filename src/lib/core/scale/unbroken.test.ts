import { differenceCiede2000, interpolate } from 'culori';
import { describe, expect, it } from 'vitest';
import { make, specOf, type Given } from '../../../../tests/support/scales';
import { linearToHex } from '../colour/bytes';
import { codesOfScale, pointOfScale, unbroken } from './scale';

const interval: Given = {
	recipe: 'interval',
	parents: ['#b3392b', '#2f5f86'],
	between: 3,
	method: 'screen',
	spacing: 'shares'
};
const path: Given = { ...interval, recipe: 'path', parents: ['#b3392b', '#d9b036', '#2f5f86'] };
const pinned: Given = { ...interval, pins: [{ step: 2, hex: '#00ff00' }] };
/** A dull and a dark parent, far from the purest of their hues: both ends leap. */
const leaping: Given = { ...interval, recipe: 'hue-steps', parents: ['#8a5a50', '#24405a'], between: 4 };

describe('a scale without its steps', () => {
	it('the codes alone are those of its steps', () => {
		for (const given of [interval, path, pinned, leaping, { ...path, spacing: 'differences', between: 6 } as const])
			expect(codesOfScale(specOf(given))).toEqual(make(given).steps.map(({ hex }) => hex));
	});

	it('has at a share of its passage the colour that lies there (straight by codes, by culori 4.0.2)', () => {
		const between = interpolate(['#b3392b', '#2f5f86'], 'rgb');
		for (const share of [0, 0.1, 0.5, 0.77, 1])
			expect(
				differenceCiede2000()(linearToHex(...pointOfScale(specOf(interval), share).linear), between(share))
			).toBeLessThan(0.5);
	});
});

describe('the unbroken run under a scale', () => {
	const hexAt = (given: Given, place: number): string => linearToHex(...unbroken(specOf(given)).at(place));

	it('is at every whole place the step that stands there, and beyond the ends the ends', () => {
		for (const given of [interval, path, pinned, leaping, { ...path, spacing: 'doubling' } as const]) {
			const { steps } = make(given);
			steps.forEach(({ hex }, i) => expect(hexAt(given, i), `${given.recipe} ${i}`).toBe(hex));
		}
		expect(hexAt(interval, 4)).toBe('#2f5f86');
	});

	it('between two steps runs as the passage does: half way between two places it has half of both codes', () => {
		const between = interpolate(['#b3392b', '#2f5f86'], 'rgb');
		for (const place of [0.5, 1.25, 3.9])
			expect(differenceCiede2000()(hexAt(interval, place), between(place / 4))).toBeLessThan(0.5);
		// By doubling the first interval is an eighth of the way: half of it a sixteenth.
		expect(differenceCiede2000()(hexAt({ ...interval, spacing: 'doubling' }, 0.5), between(1 / 16))).toBeLessThan(0.5);
	});

	it('holds an end that leaps up to the middle of its interval, and goes on as the passage from there', () => {
		const { leaps, at } = unbroken(specOf(leaping));
		expect(leaps).toEqual([0, 4]);
		const { steps } = make(leaping);
		expect(make(leaping).leaps.map(({ step }) => step)).toEqual([1, 6]);
		for (const place of [0, 0.2, 0.49]) expect(linearToHex(...at(place))).toBe(steps[0]!.hex);
		for (const place of [4.51, 4.8, 5]) expect(linearToHex(...at(place))).toBe(steps[5]!.hex);
		for (const place of [0.51, 1.49, 3.51, 4.49])
			expect([steps[0]!.hex, steps[5]!.hex]).not.toContain(linearToHex(...at(place)));
		// A step that is held without a leap holds no more than itself.
		expect(hexAt(pinned, 2)).toBe('#00ff00');
		expect(hexAt(pinned, 2.2)).not.toBe('#00ff00');
		expect(hexAt(pinned, 1.9)).not.toBe('#00ff00');
	});

	it('bends at every step, at every parent on its way, and in the middle of a leap', () => {
		const bendsOf = (given: Given): readonly number[] => unbroken(specOf(given)).bends;
		expect(bendsOf(interval)).toEqual([0, 1, 2, 3, 4]);
		expect(bendsOf({ ...path, between: 2 })).toEqual([0, 1, 1.5, 2, 3]);
		expect(bendsOf({ ...path, places: [0.25] })).toEqual([0, 1, 2, 3, 4]);
		expect(bendsOf({ ...path, places: [0.9] })).toEqual([0, 1, 2, 3, 3.6, 4]);
		expect(bendsOf(leaping)).toEqual([0, 0.5, 1, 2, 3, 4, 4.5, 5]);
		expect(unbroken(specOf(interval)).leaps).toEqual([]);
	});
});
