import { describe, expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { inEveryExercise } from '../../../tests/support/extremes';
import { describePlate } from './draw-plate';
import { KIND_NAMES } from './kinds';
import { newPlate } from './new-plate';
import { type Plate } from './plate';

/** White, black and a middle grey, of whose words there can be no doubt. */
const study = newStudy('Described', '');
const grey = {
	...study,
	linked: study.linked.map((colour, i) => ({ ...colour, text: ['#ffffff', '#000000', '#777777'][i]! }))
};
const said = (plate: Plate): string => describePlate(plate, grey.linked);

describe('a plate in words', () => {
	it.each(
		KIND_NAMES.flatMap((kind) => inEveryExercise(newPlate(kind, grey))).map(({ name, plate }) => [name, plate] as const)
	)('%s is described in whole sentences, without codes', (_, plate) => {
		expect(said(plate)).toMatch(/^[A-Z1-9].{8,}[.?]$/);
		expect(said(plate)).not.toMatch(/#|undefined|NaN|\[object/);
	});

	it('names what is there: rows with their steps, hues with their rings, members, grounds', () => {
		expect(said(newPlate('scales', grey))).toBe(
			'1 scale. Row 1: Tints, weld to white, 7 steps: black, dark grey, grey, light grey and white.'
		);
		expect(said(newPlate('grounds', grey))).toContain('First ground, white; Second ground, grey; Figure, quiet');
		expect(said(newPlate('wheel', study))).toMatch(/^A wheel of 12 hues.*: 1 .*, 12 [a-z ]+\.$/);
		expect(said(newPlate('scheme', grey))).toMatch(/of \d colours: lead colour, white; member 2, /);
	});
});
