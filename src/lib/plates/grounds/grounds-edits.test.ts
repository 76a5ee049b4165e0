import { describe, expect, it } from 'vitest';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { groundExercises } from './exercises';
import { ownContrast, type OwnContrastSettings } from './exercises/own-contrast/own-contrast';
import { rows } from './exercises/rows/rows';
import { type Rows } from './exercises/rows/schema';
import { placesOn } from './places';
import { type GroundsPlate } from './schema';
import { newStudy } from '$lib/study/new-study';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { deleteLinked } from '$lib/study/edits';
import { addPlate } from '$lib/model/edit-plates';
import { changeLinked } from '$lib/model/edit-linked';
import { changeExercise, decideGrounds, exchangeGrounds, setAllStrengths, setExercise } from './grounds-edits';
import { newGrounds } from './make';
import { usesOf } from '$lib/study/uses';
import { scalesPlateOf } from '../../../../tests/support/plates';
import { surroundingsOf } from '$lib/plates/kinds';

const empty = newStudy('Grounds', '');
const added = newGrounds(surroundingsOf(empty)) as GroundsPlate;
const study = addPlate(added, null)(empty);
const scale = { ...scalesPlateOf(empty).scales[0]!, id: 'scaleonrow01' };
const plateOf = (document: StudyDocument): GroundsPlate =>
	document.plates.find((plate): plate is GroundsPlate => plate.kind === 'grounds')!;
const withRows = (settings: Partial<Omit<Rows, 'name'>>): StudyDocument =>
	setExercise(added.id, rows, (each) => ({ ...each, ...settings }))(changeExercise(added.id, 'rows')(study));
const rowIn = (document: StudyDocument) => groundExercises.on(rows, plateOf(document), document.linked)!.made;
const setContrast = (change: (series: OwnContrastSettings) => OwnContrastSettings) =>
	setExercise(added.id, ownContrast, change);
const fits = (document: StudyDocument) => expect(studyDocumentSchema.safeParse(document).error).toBeUndefined();

const MINE = { value: -0.41, colour: -0.05 };

describe('edits of grounds', () => {
	it('each give a study that can be stored and leave the one before as it was', () => {
		const before = JSON.stringify(study);
		for (const edit of [
			changeExercise(added.id, 'rows'),
			setExercise(added.id, rows, (each) => ({ ...each, row: 'hues' as const, scale })),
			decideGrounds(added.id, { groundForm: 'circles', groundSize: 0.5 }),
			setContrast((series) => ({ ...series, twins: ['#808080'], twin: { text: 'oklch(0.5 0.1 20)' } })),
			setAllStrengths(MINE),
			exchangeGrounds(added.id)
		])
			fits(edit(study));
		expect(JSON.stringify(study)).toBe(before);
	});

	it('a strength for all plates of grounds reaches each of them and nothing else', () => {
		const two = addPlate({ ...added, id: 'secondground' }, null)(study);
		const changed = setAllStrengths(MINE)(two);
		const strengths = changed.plates.flatMap((plate) => (plate.kind === 'grounds' ? [plate.strengths] : []));
		expect(strengths).toEqual([MINE, MINE]);
		expect(changed.plates[0]).toBe(two.plates[0]);
	});

	it('a scale laid over grounds follows a linked colour, and keeps its looks when that is deleted', () => {
		const [madder] = study.linked;
		const laid = withRows({ row: 'values', scale });
		const first = (document: StudyDocument) => rowIn(document)[0]!.seen[0]!.figure.hex;
		expect(usesOf(madder!.id, laid).said).toContain('1 plate of grounds');
		const turned = changeLinked(madder!.id, { text: '#2a6f4e' })(laid);
		expect(first(turned)).toBe('#2a6f4e');
		const freed = deleteLinked(madder!.id)(turned);
		fits(freed);
		expect(first(freed)).toBe('#2a6f4e');
	});

	it('the grounds of a row ask for as many colours as the row has, whatever stands on them', () => {
		for (const row of ['values', 'hues', 'chroma'] as const)
			for (const given of [null, scale]) {
				const made = rowIn(withRows({ row, count: 9, scale: given }));
				expect(made).toHaveLength(9);
				const steps = given ? given.between + 2 : 1;
				for (const ground of made) {
					expect(ground.seen).toHaveLength(steps);
					const values = ground.seen.map(({ shift }) => shift.value);
					expect(ground.value).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
					expect(ground.value).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
				}
			}
	});
});

describe('one’s own contrast on a plate', () => {
	const own = changeExercise(added.id, 'own-contrast')(study);
	const matched = (count: number): StudyDocument =>
		setContrast((series) => ({ ...series, twins: Array<string>(count).fill('#808080') }))(own);

	it('begins with a series of its own for each plate, and has a twin to be set until all matches are made', () => {
		expect(plateOf(own).exercise).not.toEqual(ownContrast.begin({ ...added, id: 'anotherplate' }));
		for (const count of [0, 1, 11]) {
			const plate = plateOf(matched(count));
			expect(placesOn(plate).map(({ what }) => what)).toEqual(['twin']);
			expect(groundExercises.on(ownContrast, plate, own.linked)!.made).toMatchObject({ result: null });
		}
		const over = plateOf(matched(12));
		expect(placesOn(over)).toEqual([]);
		const { now, result } = groundExercises.on(ownContrast, over, study.linked)!.made;
		expect(now).toBeNull();
		expect(result!.shifts).toHaveLength(12);
	});

	it('tells no codes of what is to be matched, neither to files nor to palettes; other exercises name theirs', () => {
		expect(coloursOfPlate(plateOf(own), own.linked)).toEqual([]);
		expect(coloursOfPlate(plateOf(study), study.linked).map(({ name }) => name)).toEqual([
			'First ground',
			'Second ground',
			'Figure'
		]);
	});
});
