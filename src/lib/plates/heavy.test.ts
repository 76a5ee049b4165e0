import { describe, expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { fieldsOf, inEveryExercise, withField } from '../../../tests/support/extremes';
import { largestStudy } from '../../../tests/support/largest-study';
import { KIND_NAMES, kindOf } from './kinds';
import { newPlate } from './new-plate';
import { type Plate } from './plate';

const study = { ...newStudy('Heavy', ''), plates: [] };
const isHeavy = (plate: Plate): boolean => kindOf(plate).heavy?.(plate) ?? false;

describe('what the server leaves to the browser', () => {
	it('is no plate as it is begun, but the lit form, which is shaded point by point', () => {
		const begun = KIND_NAMES.flatMap((kind) => inEveryExercise(newPlate(kind, study)));
		expect(begun.length).toBeGreaterThan(KIND_NAMES.length);
		expect(begun.filter(({ plate }) => isHeavy(plate)).map(({ name }) => name)).toEqual(['matching, lit-form']);
	});

	it('is a row of twelve parents with 48 even steps between, and twelve rows of seven with three', () => {
		const [long] = largestStudy(1).plates;
		if (long?.kind !== 'scales') throw new Error('The largest study begins with scales.');
		expect(isHeavy({ ...long, scales: long.scales.slice(0, 1) })).toBe(true);
		const rows = long.scales.slice(0, 12).map((row) => ({ ...row, parents: row.parents.slice(0, 7), between: 3 }));
		expect(isHeavy({ ...long, scales: rows })).toBe(true);
		expect(isHeavy({ ...long, scales: rows.slice(0, 5) })).toBe(false);
		// Of tints only the first parent counts, whatever else the row keeps.
		expect(isHeavy({ ...long, scales: rows.map((row) => ({ ...row, recipe: 'tints', between: 8 })) })).toBe(false);
	});

	it('is a pattern at its most, in each of its climates, of curved cells, or of a drawing', () => {
		const plate = newPlate('pattern', study);
		const most = fieldsOf(plate).reduce((now, { path, ends }) => withField(now, path, ends.at(-1)) ?? now, plate);
		expect(isHeavy(most)).toBe(true);
		if (plate.kind !== 'pattern') throw new Error('A pattern is of its kind.');
		expect(isHeavy({ ...plate, shows: 'climates' })).toBe(true);
		expect(isHeavy({ ...plate, grid: { ...plate.grid, kind: 'arcs' } })).toBe(true);
		expect(isHeavy({ ...plate, cells: 'a'.repeat(501) })).toBe(true);
	});
});
