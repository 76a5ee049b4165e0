import { describe, expect, it } from 'vitest';
import { drawPlate } from '$lib/plates/draw-plate';
import { kindNamed, KIND_NAMES } from '$lib/plates/kinds';
import { plateSchema } from '$lib/plates/plate';
import { newStudy } from '$lib/study/new-study';
import { type StudyDocument } from '$lib/study/study';
import { answers, courseFor } from './course';

const study = newStudy('Course', '');
const course = courseFor(study);
const all = course.flatMap(({ exercises }) => exercises);

describe('the exercises that are offered', () => {
	it('are all that there are of every kind, each once, numbered in the order of a course', () => {
		const offered = KIND_NAMES.flatMap((kind) => kindNamed(kind).offers.map(({ key }) => `${kind} ${key}`));
		expect(all.map(({ id }) => id)).toEqual(offered);
		expect(new Set(offered).size).toBe(offered.length);
		expect(all.map(({ number }) => number)).toEqual(all.map((_, i) => i + 1));
		for (const kind of KIND_NAMES)
			for (const name of kindNamed(kind).exercises?.names ?? []) expect(offered).toContain(`${kind} ${name}`);
	});

	it('are plates that can be kept and drawn, from any study: of many colours, of one, of none', () => {
		const one: StudyDocument = { ...study, linked: [study.linked[0]!], plates: [] };
		const none: StudyDocument = { ...study, linked: [], plates: [] };
		for (const from of [study, one, none])
			for (const { id, plate } of courseFor(from).flatMap(({ exercises }) => exercises)) {
				expect(plateSchema.safeParse(plate).error?.message, id).toBeUndefined();
				expect(plate.title, id).not.toBe('');
				if (id !== 'scales empty')
					expect(drawPlate(plate, from.linked, 'colours').shapes.length, id).toBeGreaterThan(0);
			}
	});

	it('are what they say they are, and only that one of their kind is ticked when a study has it', () => {
		for (const { id, plate } of all) {
			const ticked = courseFor({ ...study, plates: [plate] })
				.flatMap(({ exercises }) => exercises)
				.filter(({ inStudy }) => inStudy);
			expect(ticked.map((each) => each.id)).toEqual([id]);
		}
	});

	it('are found by words of their names, of what they say, of their part and of whom they are from', () => {
		const found = (words: string) =>
			course.flatMap((part) => part.exercises.filter((each) => answers(each, part, words)).map(({ name }) => name));
		expect(found('transparent')).toEqual(['Overlaps']);
		expect(found('bezold')).toEqual(['Assimilation']);
		expect(found('GROUNDS neutral')).toEqual(['After-image']);
		expect(found('')).toHaveLength(all.length);
		expect(found('gryphon')).toEqual([]);
	});
});
