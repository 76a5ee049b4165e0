import { describe, expect, it } from 'vitest';
import { newId } from '$lib/model/ids';
import { newStudy } from '$lib/study/new-study';
import { MOST_MIXED } from '$lib/plates/mixes/common';
import { type Plate } from './plate';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { fieldsOf, inEveryExercise, withField } from '../../../tests/support/extremes';
import { drawPlate } from './draw-plate';
import { type Detail } from './kind';
import { coloursOfPlate } from './draw-plate';
import { KIND_NAMES } from './kinds';
import { newPlate } from './new-plate';
import { judgePlate } from './judge-plate';
import { drawingToSvg } from '$lib/drawing/svg';

/** Colours at the ends of what can be written: the usual, the ends of the screen, and as far beyond as is read. */
const COLOURS = [
	'#b3392b',
	'#000000',
	'#ffffff',
	'#808080',
	'oklch(0.5 100000 30)',
	'lab(50 -100000 100000)',
	'color(xyz 100000 0 -100000)',
	'hsl(100000turn 100000% 50%)'
];
/** Whether every choice is tried beside every other (`npm run faults`). */
const ALL_PAIRS = process.env.RICERCAR_CASES !== undefined;
const DETAILS: readonly Detail[] = ['full', 'question', 'colours'];

/** A study whose linked colours are at the ends, so that every plate that is made from it is too. */
function studyOf(first: string, second: string): StudyDocument {
	const study = newStudy('Extremes', '');
	return { ...study, linked: study.linked.map((colour, i) => ({ ...colour, text: [first, second, first][i]! })) };
}

/** Draws a plate in every way that the product does, and says what is wrong with it. */
function troubleWith(plate: Plate, study: StudyDocument): string[] {
	const { linked } = study;
	const asStored = studyDocumentSchema.safeParse(JSON.parse(JSON.stringify({ ...study, plates: [plate] })));
	if (!asStored.success) return [`cannot be stored: ${asStored.error.issues[0]?.message}`];
	try {
		// A picture that is carried as data has any letters in it.
		const svgs = DETAILS.map((detail) => drawingToSvg(drawPlate(plate, linked, detail)).replace(/data:[^"]*/g, 'data'));
		const words = [...judgePlate(plate, linked), ...coloursOfPlate(plate, linked)].map((each) => JSON.stringify(each));
		return [...svgs, ...words].flatMap(
			(text) => /.{0,60}(?:NaN|undefined|Infinity|\[object).{0,30}/.exec(text)?.[0] ?? []
		);
	} catch (error) {
		return [error instanceof Error ? `${error.name}: ${error.message}` : 'failed'];
	}
}

/** Six parents where a plate of mixes has two, and crossings set by hand. */
const withMany = (plate: Plate): Plate =>
	plate.kind === 'mixes'
		? {
				...plate,
				parents: Array.from({ length: MOST_MIXED }, (_, i) => ({ colour: plate.parents[i % 2]!.colour, parts: i }))
			}
		: plate;

describe.each(KIND_NAMES)('a plate of the kind “%s”', (kind) => {
	// Of a study without plates: what follows another could not be stored without it.
	const make = (study: StudyDocument): Plate => newPlate(kind, { ...study, plates: [] });
	const bases = (study: StudyDocument): Plate[] =>
		inEveryExercise({ ...make(study), id: newId() }).flatMap(({ plate }) =>
			withMany(plate) === plate ? [plate] : [plate, withMany(plate)]
		);

	it('has fields to be tried', () => {
		const study = studyOf('#b3392b', '#2f5f86');
		for (const base of bases(study)) expect(fieldsOf(base).length).toBeGreaterThan(0);
	});

	it('is drawn and stored at both ends of every field, in every exercise', () => {
		const study = studyOf('#b3392b', '#2f5f86');
		const tried = bases(study).flatMap((base) =>
			fieldsOf(base).flatMap(({ path, ends }) =>
				ends.map((end) => ({ what: `${path} ${JSON.stringify(end)}`, plate: withField(base, path, end) }))
			)
		);
		expect(tried.filter(({ plate }) => plate !== null).length).toBeGreaterThan(5);
		const trouble = tried.flatMap(({ what, plate }) =>
			plate ? troubleWith(plate, study).map((words) => `${what}: ${words}`) : []
		);
		expect(trouble).toEqual([]);
	});

	it('is drawn and stored with choices beside others', () => {
		const study = studyOf('#d9b036', '#2f5f86');
		// Of plates of mixes those of six parents, which ask for more.
		const all = bases(study);
		const most = all.some((base) => withMany(base) !== base) ? all.filter((_, i) => i % 2 === 1) : all;
		const trouble = most.flatMap((base) => {
			const choices = fieldsOf(base).filter(({ ends }) => ends.length > 1);
			return choices.flatMap((one, i) =>
				choices.slice(i + 1).flatMap((other, k) => {
					// All of them in the long campaign; here each choice beside some others, in turn.
					if (!ALL_PAIRS && (i + k) % 4 !== 0) return [];
					const [first, second] = [one.ends.at(-1), other.ends.at(-1)];
					const half = withField(base, one.path, first);
					const plate = half && withField(half, other.path, second);
					return plate
						? troubleWith(plate, study).map(
								(words) => `${one.path} ${String(first)}, ${other.path} ${String(second)}: ${words}`
							)
						: [];
				})
			);
		});
		expect(trouble).toEqual([]);
	});

	it.each(COLOURS)('is drawn and stored with the colour %s', (colour) => {
		const study = studyOf(colour, '#2f5f86');
		const plates = bases(study).flatMap((base) => {
			const recipes = fieldsOf(base).find(({ path }) => ['scales.0.recipe', 'scheme', 'wheel'].includes(path));
			return [base, ...(recipes?.ends ?? []).map((end) => withField(base, recipes!.path, end))];
		});
		const other = { ...study, linked: [...study.linked].reverse() };
		const trouble = plates.flatMap((plate) =>
			plate ? [...troubleWith(plate, study), ...troubleWith(plate, other)] : []
		);
		expect(trouble).toEqual([]);
	});
});
