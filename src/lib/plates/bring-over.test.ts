import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readStudyFile, writeStudyFile } from '$lib/study/study-file';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { coloursOfPlate } from './draw-plate';
import { plateSchema, type Plate } from './plate';

/**
 * The demo studies, the templates and generated documents as version 0.1.0 stored them in the first format, and for each plate a hash of
 * the codes of its colours as that version made them. What is predicted on rows of grounds is left out: the model is another since.
 */
const { studies, colours } = JSON.parse(readFileSync('tests/fixtures/studies-of-format-1.json', 'utf8')) as {
	studies: Record<string, unknown>;
	colours: Record<string, string>;
};

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex').slice(0, 16);

const isPrediction = (plate: Plate): boolean =>
	plate.kind === 'grounds' && plate.exercise.name === 'rows' && !plate.exercise.scale;

const found = ({ plates, linked }: StudyDocument, name: string): Record<string, string> =>
	Object.fromEntries(
		plates
			.filter((plate) => !isPrediction(plate))
			.map((plate) => [
				`${name}: ${plate.id}`,
				hashOf(
					coloursOfPlate(plate, linked)
						.map(({ hex }) => hex)
						.join(' ')
				)
			])
	);

describe('a study of the first format', () => {
	it('keeps the colours that the version that stored it showed: demo, templates, generated documents', () => {
		const all = Object.entries(studies).map(([name, stored]) => found(studyDocumentSchema.parse(stored), name));
		expect(Object.assign({}, ...all)).toEqual(colours);
		expect(Object.keys(colours).length).toBeGreaterThan(200);
	});

	it('comes in as a file too, and goes out in today’s format, which has the same colours', () => {
		for (const [name, document] of Object.entries(studies)) {
			const read = readStudyFile(JSON.stringify({ format: 'ricercar study', version: 1, document }));
			const written = writeStudyFile(read);
			expect(JSON.parse(written)).toMatchObject({ version: 5 });
			expect(readStudyFile(written)).toEqual(read);
			expect(colours).toMatchObject(found(readStudyFile(written), name));
		}
	});

	it('keeps what was set in the exercises that were not shown, and begins the others anew', () => {
		const old = (change: object): unknown => ({
			...(studies['generated 0'] as { plates: { exercise: string }[] }).plates.find(
				({ exercise }) => exercise === 'edges'
			),
			predicted: true,
			strip: false,
			cover: false,
			solved: false,
			row: 'values',
			count: 7,
			scale: null,
			line: 3,
			judged: undefined,
			contrast: undefined,
			...change
		});
		expect(plateSchema.parse(old({}))).toMatchObject({ exercise: { name: 'edges', measured: true }, aside: {} });
		expect(plateSchema.parse(old({ predicted: false }))).toMatchObject({ exercise: { measured: false } });
		expect(plateSchema.parse(old({ predicted: false }))).not.toHaveProperty('aside.edges');
		const { aside } = plateSchema.parse(old({ line: 12, count: 5 })) as Extract<Plate, { kind: 'grounds' }>;
		expect(Object.keys(aside).sort()).toEqual(['assimilation', 'rows']);
		expect(aside.assimilation).toEqual({ name: 'assimilation', line: 12, strip: false });
		expect(aside.rows).toMatchObject({ count: 5, row: 'values', predicted: false });
		// One strength for value and colour alike becomes two, each in its range.
		const strengths = (influence: number) =>
			(plateSchema.parse(old({ influence })) as Extract<Plate, { kind: 'grounds' }>).strengths;
		expect(strengths(-0.3)).toEqual({ value: -0.3, colour: 0.27 * -0.3 });
		expect(strengths(1)).toEqual({ value: 0.6, colour: 0.27 });
		expect(plateSchema.safeParse(old({ influence: 'strong' })).success).toBe(false);
	});
});

it('what is no plate of either format is refused by name, never thrown over', () => {
	const whole = (studies['generated 0'] as { plates: Record<string, unknown>[] }).plates;
	for (const plate of [whole[0]!, whole.at(-1)!])
		for (const spoilt of [
			{ ...plate, exercise: 'constructor' },
			{ ...plate, exercise: '__proto__' },
			{ ...plate, exercise: 'no such exercise' },
			{ ...plate, exercise: null },
			{ ...plate, id: 7 },
			{ ...plate, id: undefined },
			{ ...plate, kind: 'toString' },
			{ ...plate, kind: ['grounds'] },
			{ ...plate, judged: 'often', contrast: [], crossings: 'none' },
			null,
			'plate',
			[plate]
		])
			expect(plateSchema.safeParse(spoilt).success).toBe(false);
});
