import { describe, expect, it } from 'vitest';
import { colourTextSchema } from '$lib/model/colour-text';
import { idSchema, newId } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { copyOfStudy, newStudy } from './new-study';
import { studyDocumentSchema, type StudyDocument } from './study';
import { scalesPlateOf } from '../../../tests/support/plates';

const whyNot = (document: unknown): string =>
	studyDocumentSchema
		.safeParse(document)
		.error?.issues.map(({ message }) => message)
		.join('; ') ?? '';

describe('a study as it is stored', () => {
	const study = newStudy('A study', '2026-03-02');

	it('a new one fits its own schema, and so does its copy', () => {
		expect(whyNot(study)).toBe('');
		const copy = copyOfStudy({ ...study, titleBlock: { ...study.titleBlock, title: 'x'.repeat(120) } });
		expect(whyNot(copy)).toBe('');
	});

	it('refuses links to nowhere, ids used twice, unknown keys and days that are none', () => {
		const plate = scalesPlateOf(study);
		expect(whyNot({ ...study, linked: study.linked.slice(1) })).toContain('a linked colour that the study has');
		expect(whyNot({ ...study, plates: [plate, plate] })).toContain('a different id');
		expect(whyNot({ ...study, colours: ['#fff'] })).not.toBe('');
		expect(whyNot({ ...study, titleBlock: { ...study.titleBlock, date: '2026-02-30' } })).not.toBe('');
		const stored: StudyDocument = { ...study, plates: [{ ...plate, scales: [{ ...plate.scales[0]!, between: 5.5 }] }] };
		expect(whyNot(stored)).not.toBe('');
	});
});

it('colours are stored as the CSS text they were given in, and only if it is one', () => {
	expect(colourTextSchema.parse('oklch(0.52 0.16 30)')).toBe('oklch(0.52 0.16 30)');
	for (const text of ['madder', '#12345', 'rgb(1 2 3 / 50%)', 'hsb(6 76% 70%)', '', 'x'.repeat(300)])
		expect(colourTextSchema.safeParse(text).success, text).toBe(false);
});

it('lines hold any letters but no control characters or broken pairs, which no database and no file could keep', () => {
	expect(lineSchema.parse('  Żółć 染め 🧶 ')).toBe('Żółć 染め 🧶');
	for (const text of ['a\0b', 'a\nb', '\ud800', 'x'.repeat(121)])
		expect(lineSchema.safeParse(text).success).toBe(false);
});

it('new ids fit the schema and differ', () => {
	const ids = Array.from({ length: 2000 }, newId);
	expect(new Set(ids).size).toBe(2000);
	expect(ids.every((id) => idSchema.safeParse(id).success)).toBe(true);
});
