import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Drawing } from '$lib/drawing/drawing';
import { readStudyFile, writeStudyFile } from '$lib/study/study-file';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { coloursOfPlate, drawPlate, revealsOf } from './draw-plate';
import { plateSchema, type Plate } from './plate';

/**
 * The demo studies, the templates and generated documents as version 0.1.0 stored them in the first format, and for each plate a hash
 * of all that it drew from it, made by that version before plates had exercises of a shape of their own. What it drew for one as two
 * with a solution, which that exercise does not have, is left out: a board on which nothing stood.
 */
const { studies, drawings } = JSON.parse(readFileSync('tests/fixtures/studies-of-format-1.json', 'utf8')) as {
	studies: Record<string, unknown>;
	drawings: Record<string, string>;
};

const hashOf = (value: unknown): string =>
	createHash('sha256')
		.update(JSON.stringify(value, (_, each: unknown) => (typeof each === 'number' ? Number(each.toFixed(6)) : each)))
		.digest('hex')
		.slice(0, 16);

/** A drawing in the words that it had then: the paper was a ground, an area a figure. */
const then = ({ title, width, height, paper, shapes }: Drawing) => ({
	title,
	width,
	height,
	ground: paper,
	shapes: shapes.map((shape) => (shape.kind === 'area' ? { ...shape, kind: 'figure' } : shape))
});

/** All that a plate draws: at every detail, in every state for a room, and its colours. */
const drawn = (plate: Plate, { linked }: StudyDocument): string =>
	hashOf([
		...(['full', 'question', 'colours'] as const).map((detail) => then(drawPlate(plate, linked, detail))),
		...revealsOf(plate).map((reveal) => [
			reveal.says,
			reveal.asks ?? false,
			reveal.seconds ?? 0,
			then(drawPlate(reveal.plate, linked, reveal.asks ? 'question' : 'full'))
		]),
		coloursOfPlate(plate, linked)
	]);

const found = (document: StudyDocument, name: string): Record<string, string> =>
	Object.fromEntries(document.plates.map((plate) => [`${name}: ${plate.id}`, drawn(plate, document)]));

describe('a study of the first format', () => {
	it('is drawn shape by shape as the version that stored it drew it: demo, templates, generated documents', () => {
		const all = Object.entries(studies).map(([name, stored]) => found(studyDocumentSchema.parse(stored), name));
		expect(Object.assign({}, ...all)).toEqual(drawings);
		expect(Object.keys(drawings).length).toBeGreaterThan(200);
	});

	it('comes in as a file too, and goes out in the second format, which draws the same', () => {
		for (const [name, document] of Object.entries(studies)) {
			const read = readStudyFile(JSON.stringify({ format: 'ricercar study', version: 1, document }));
			const written = writeStudyFile(read);
			expect(JSON.parse(written)).toMatchObject({ version: 2 });
			expect(readStudyFile(written)).toEqual(read);
			expect(drawings).toMatchObject(found(readStudyFile(written), name));
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
		expect(aside.rows).toMatchObject({ count: 5, row: 'values', predicted: true });
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
