import { describe, expect, it } from 'vitest';
import { type PlateBase } from './plate-base';
import { insertedAfter, moved, plateOf, platesOf, replaced, withPlateOf, type StudyParts } from './edit';
import { addPlate, deletePlate, movePlate, renamePlate } from './edit-plates';

const plate = (id: string, kind = 'scales'): PlateBase => ({ id, kind, title: id.toUpperCase() });
const [a, b, c] = [plate('a'), plate('b', 'wheel'), plate('c')];
const study: StudyParts = { linked: [], plates: [a, b, c] };
const ids = ({ plates }: StudyParts) => plates.map(({ id }) => id).join('');

describe('edits of a list', () => {
	it('put an item after another, or at the end', () => {
		const d = plate('d');
		expect(insertedAfter([a, b, c], 'a', d)).toEqual([a, d, b, c]);
		expect(insertedAfter([a, b, c], 'c', d)).toEqual([a, b, c, d]);
		expect(insertedAfter([a, b, c], null, d)).toEqual([a, b, c, d]);
	});

	it('move one to another place, no further than the ends; what is not there moves nothing', () => {
		const list = [a, b, c];
		expect(moved(list, 'a', 1)).toEqual([b, a, c]);
		expect(moved(list, 'c', -3)).toEqual([c, a, b]);
		expect(moved(list, 'a', 9)).toEqual([b, c, a]);
		expect(moved(list, 'x', 0)).toBe(list);
	});

	it('replace the one that is named', () => {
		expect(replaced([a, b], 'b', (each) => ({ ...each, title: 'new' }))).toEqual([a, { ...b, title: 'new' }]);
	});
});

describe('edits of plates', () => {
	it('add, delete, move and rename by id, and leave the study before as it was', () => {
		expect(ids(addPlate(plate('d'), 'b')(study))).toBe('abdc');
		expect(ids(deletePlate('b')(study))).toBe('ac');
		expect(ids(movePlate('c', 0)(study))).toBe('cab');
		expect(renamePlate('b', 'Wheel')(study).plates).toEqual([a, { ...b, title: 'Wheel' }, c]);
		expect(ids(study)).toBe('abc');
	});

	it('of a kind reach plates of that kind only, and one of them by its id', () => {
		expect(platesOf('scales', study.plates)).toEqual([a, c]);
		expect(plateOf('scales', study.plates, 'c')).toBe(c);
		expect(plateOf('scales', study.plates, 'b')).toBeNull();
		const renamed = (id: string) =>
			withPlateOf('scales', id, (each: PlateBase) => ({ ...each, title: 'new' }))(study).plates;
		expect(renamed('c')).toEqual([a, b, { ...c, title: 'new' }]);
		expect(renamed('b')).toEqual(study.plates);
	});
});
