import { describe, expect, it } from 'vitest';
import { scaleOf, specOf } from './scale-of';
import { newStudy } from '$lib/study/new-study';
import { type ScaleDecision } from './scale';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { deleteLinked } from '$lib/study/edits';
import {
	addParentAt,
	decideScale,
	pinStep,
	placesOf,
	removeParent,
	setBetween,
	setPlace,
	unpinStep
} from './scale-edits';
import { mapScaleSources } from './sources';
import { sayUses, usesOf } from '$lib/study/uses';
import { scalesPlateOf } from '../../../../tests/support/plates';

const start = newStudy('Scale edits', '');
const plate = scalesPlateOf(start).id;
const id = scalesPlateOf(start).scales[0]!.id;
const [madder, weld] = start.linked as [(typeof start.linked)[0], (typeof start.linked)[0]];
const interval = decideScale(plate, id, { recipe: 'interval', between: 5 })(start);
const scaleIn = (document: StudyDocument): ScaleDecision => scalesPlateOf(document).scales[0]!;
const codes = (document: StudyDocument) => scaleOf(scaleIn(document), document.linked).steps.map(({ hex }) => hex);
const fits = (document: StudyDocument) => expect(studyDocumentSchema.safeParse(document).error).toBeUndefined();

describe('pinned steps', () => {
	const pinned = pinStep(plate, id, 3, { text: '#008080' }, start.linked)(interval);

	it('pinning without a colour changes no step; with one, the step is that colour and the ends stay', () => {
		fits(pinned);
		expect(codes(pinStep(plate, id, 3, null, start.linked)(interval))[3]).toBe(codes(interval)[3]);
		expect([codes(pinned)[0], codes(pinned)[3], codes(pinned)[6]]).toEqual([madder.text, '#008080', weld.text]);
		expect(codes(unpinStep(plate, id, 3)(pinned))).toEqual(codes(interval));
	});

	it('stay about where they were when the count changes, one to a step, and none where there is no step', () => {
		const two = pinStep(plate, id, 4, { text: '#800080' }, start.linked)(pinned);
		const eleven = setBetween(plate, id, 11)(two);
		fits(eleven);
		expect([codes(eleven)[6], codes(eleven)[8]]).toEqual(['#008080', '#800080']);
		const one = setBetween(plate, id, 1)(two);
		fits(one);
		expect(codes(one)).toEqual([madder.text, '#008080', weld.text]);
		expect(codes(setBetween(plate, id, 0)(two))).toEqual([madder.text, weld.text]);
	});

	it('can be linked, count as a use, and keep their looks when the linked colour goes', () => {
		const linked = pinStep(plate, id, 3, { linked: start.linked[2]!.id }, start.linked)(interval);
		expect(sayUses(usesOf(start.linked[2]!.id, linked))).toBe('used in 1 scale on 1 plate');
		const without = deleteLinked(start.linked[2]!.id)(linked);
		fits(without);
		expect(codes(without)).toEqual(codes(linked));
		const same = scaleIn(linked);
		expect(mapScaleSources(same, (source) => source)).toBe(same);
	});
});

describe('a path', () => {
	const path = addParentAt(plate, id, 0.25, start.linked)(interval);

	it('comes of an interval by a parent in its own colour, so that no step changes', () => {
		fits(path);
		expect(scaleIn(path)).toMatchObject({ recipe: 'path', places: [0.25] });
		expect(scaleIn(path).parents).toHaveLength(3);
		const apart = (a: string, b: string) =>
			Math.max(
				...[1, 3, 5].map((at) => Math.abs(parseInt(a.slice(at, at + 2), 16) - parseInt(b.slice(at, at + 2), 16)))
			);
		codes(path).forEach((hex, i) => expect(apart(hex, codes(interval)[i]!)).toBeLessThanOrEqual(1));
	});

	it('keeps its parents in their order, however far one is moved', () => {
		const three = addParentAt(plate, id, 0.5, start.linked)(path);
		for (const goal of [-3, 0.1, 0.7, 5]) {
			const moved = setPlace(plate, id, 1, goal)(three);
			fits(moved);
			const places = placesOf(scaleIn(moved));
			places.slice(1).forEach((place, i) => expect(place).toBeGreaterThan(places[i]!));
		}
	});

	it('gives up any parent but the last two; without an end the next one is the end', () => {
		const without = removeParent(plate, id, 0)(path);
		fits(without);
		expect(codes(without)[0]).toBe(codes(path)[0] === madder.text ? scaleText(path, 1) : '');
		expect(placesOf(scaleIn(without))).toEqual([0, 1]);
		expect(scalesPlateOf(removeParent(plate, id, 0)(without)).scales[0]!.parents).toHaveLength(2);
	});

	const scaleText = (document: StudyDocument, index: number): string => {
		const source = scaleIn(document).parents[index]!;
		return 'text' in source ? source.text : '';
	};

	it('a parent that stands on a step by equal shares is that step', () => {
		const even = decideScale(plate, id, { places: [0.5] })(path);
		expect(scaleOf(scaleIn(even), even.linked).steps.map(({ parent }) => parent)).toEqual([
			0,
			null,
			null,
			1,
			null,
			null,
			2
		]);
	});
});

describe('what no longer fits is brought to what fits', () => {
	it('an end grey stays on its side of a parent that has been turned lighter or darker', () => {
		for (const [recipe, endValue] of [
			['tones-rising', 5],
			['tones-falling', 95]
		] as const) {
			const document = decideScale(plate, id, { recipe, endValue })(start);
			fits(document);
			const { steps } = scaleOf(scaleIn(document), document.linked);
			expect(steps.at(-1)!.value).toBeCloseTo(steps[0]!.value, 6);
		}
	});

	it('every recipe can be had from any other, with all that was decided before', () => {
		const rich = decideScale(plate, id, {
			endValue: 90,
			oneWay: true,
			wheel: 'light',
			greatestChroma: true,
			parentPlace: 'middle',
			places: [0.2, 0.3],
			bias: 0.4,
			pins: [{ step: 40, colour: { text: 'teal' } }]
		})(start);
		fits(rich);
		for (const recipe of [
			'path',
			'tones-falling',
			'dulling',
			'hue-steps',
			'value-steps',
			'interval',
			'tints'
		] as const) {
			const spec = specOf({ ...scaleIn(rich), recipe }, rich.linked);
			expect(spec.pins).toEqual([]);
			expect(scaleOf({ ...scaleIn(rich), recipe }, rich.linked).inAll).toBe(7);
		}
	});
});
