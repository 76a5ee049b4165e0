import { describe, expect, it } from 'vitest';
import { drawScales } from './draw-scales';
import { scaleOf, specOf } from './scale-of';
import { newStudy } from '$lib/study/new-study';
import { type ScaleDecision } from './scale';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { deleteLinked } from '$lib/study/edits';
import {
	addParentAt,
	decideScale,
	deleteScale,
	pinStep,
	placesOf,
	removeParent,
	setBetween,
	setParent,
	setPlace,
	spreadLook,
	unpinStep
} from './scale-edits';
import { scaleChecks } from './plate-checks';
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

	it('a pinned step is pointed at by a wedge over it, and no other is', () => {
		const wedges = (document: StudyDocument) =>
			drawScales(scalesPlateOf(document), document.linked, true).shapes.flatMap((shape) =>
				shape.kind === 'area' && shape.path.endsWith('h7l-3.5 5.5z') ? [shape.path] : []
			);
		expect(wedges(interval)).toEqual([]);
		expect(wedges(pinned)).toHaveLength(1);
		const bars = drawScales(scalesPlateOf(pinned), pinned.linked, true).shapes.filter(({ kind }) => kind === 'bar');
		const fourth = bars[3]!;
		expect(fourth.kind === 'bar' && wedges(pinned)[0]!.startsWith(`M${fourth.x + fourth.width / 2 - 3.5} `)).toBe(true);
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
		const even = decideScale(plate, id, { places: [0.5], spacing: 'shares' })(path);
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
			turning: 'greatest',
			dulling: 'mixed',
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

describe('what an edit leaves', () => {
	const scale = (change: Partial<ScaleDecision>): ScaleDecision => ({ ...scaleIn(start), ...change });
	const other = scale({ id: 'otherscale01', between: 2 });
	/** A plate of two scales, with a check of each and one of all. */
	const two: StudyDocument = {
		...start,
		plates: [
			{
				...scalesPlateOf(start),
				scales: [scaleIn(start), other],
				checks: [
					{ id: 'checkofall01', scale: null, rule: { rule: 'not-pure' } },
					{ id: 'checkoffirst', scale: id, rule: { rule: 'value-one-way' } },
					{ id: 'checkofother', scale: other.id, rule: { rule: 'evenness', least: 0.8 } }
				]
			}
		]
	};
	const checks = (document: StudyDocument) => scalesPlateOf(document).checks?.map((check) => check.id);
	const withPath = (change: Partial<ScaleDecision>) =>
		decideScale(plate, id, { recipe: 'path', between: 9, ...change })(two);
	const four = ['#111111', '#555555', '#999999', '#eeeeee'].map((text) => ({ text }));

	it('a deleted scale takes the checks of itself with it, and no others', () => {
		const left = deleteScale(plate, other.id)(two);
		expect(scalesPlateOf(left).scales).toEqual([scaleIn(start)]);
		expect(checks(left)).toEqual(['checkofall01', 'checkoffirst']);
		expect(deleteScale(plate, id)(start)).toEqual({ ...start, plates: [{ ...start.plates[0], scales: [] }] });
	});

	it('a check is added after the others, changed and deleted by its id', () => {
		const judged = (study: StudyDocument) => scaleChecks.judged(scalesPlateOf(study), study.linked);
		const [first] = scaleChecks.offered(scalesPlateOf(two));
		const { add } = first!.checks[0]!;
		expect(checks(add(other.id)(two))!.slice(0, 3)).toEqual(['checkofall01', 'checkoffirst', 'checkofother']);
		expect(scalesPlateOf(add(other.id)(two)).checks![3]).toMatchObject({ scale: other.id, rule: { rule: 'evenness' } });
		expect(scalesPlateOf(add(null)(start)).checks).toMatchObject([{ scale: null }]);
		const [, second] = judged(two);
		expect(checks(second!.remove(two))).toEqual(['checkofall01', 'checkofother']);
		const even = add(other.id)(two);
		const [limit] = judged(even).at(-1)!.limits;
		expect(scalesPlateOf(limit!.set(0.5)(even)).checks).toEqual([
			...scalesPlateOf(two).checks!,
			{ ...scalesPlateOf(even).checks![3], rule: { rule: 'evenness', least: 0.5 } }
		]);
	});

	it('a look is given to every scale, a parent only to its place, a count without pins only changes the count', () => {
		const look = { form: 'ring', label: 'value', size: 'small', turned: true, gradation: false } as const;
		expect(scalesPlateOf(spreadLook(plate, look)(two)).scales).toEqual([scale({ look }), { ...other, look }]);
		expect(scaleIn(setParent(plate, id, 1, { text: '#123456' })(two)).parents).toEqual([
			scaleIn(two).parents[0],
			{ text: '#123456' }
		]);
		expect(scaleIn(setBetween(plate, id, 11)(two))).toEqual(scale({ between: 11 }));
		expect(scaleIn(setBetween(plate, id, 0)(pinStep(plate, id, 2, { text: '#123456' }, [])(two))).pins).toEqual([]);
	});

	it('pins stand in the order of their steps, one for each; unpinning leaves the others', () => {
		const pin = (step: number, text: string) => pinStep(plate, id, step, { text }, start.linked);
		const pinned = pin(1, '#333333')(pin(2, '#222222')(pin(4, '#111111')(two)));
		expect(scaleIn(pinned).pins).toEqual([
			{ step: 1, colour: { text: '#333333' } },
			{ step: 2, colour: { text: '#222222' } },
			{ step: 4, colour: { text: '#111111' } }
		]);
		const again = pin(2, '#444444')(pinned);
		expect(scaleIn(again).pins?.map(({ step, colour }) => [step, colour])).toEqual([
			[1, { text: '#333333' }],
			[2, { text: '#444444' }],
			[4, { text: '#111111' }]
		]);
		expect(scaleIn(unpinStep(plate, id, 2)(again)).pins?.map(({ step }) => step)).toEqual([1, 4]);
		expect(scaleIn(unpinStep(plate, id, 2)(two)).pins).toEqual([]);
	});

	it('parents of a path stand evenly unless they are set, and an added one stands where it was put', () => {
		const even = withPath({ parents: four });
		expect(placesOf(scaleIn(even)).map((place) => place.toFixed(3))).toEqual(['0.000', '0.333', '0.667', '1.000']);
		const set = withPath({ parents: four, places: [0.2, 0.7] });
		expect(placesOf(scaleIn(set))).toEqual([0, 0.2, 0.7, 1]);
		const added = scaleIn(addParentAt(plate, id, 0.5, start.linked)(set));
		expect(added.places).toEqual([0.2, 0.5, 0.7]);
		expect(added.parents.filter((_, i) => i !== 2)).toEqual(four);
	});

	it('no parent is added too near to another, or beyond the twelfth', () => {
		const set = withPath({ parents: four, places: [0.2, 0.7] });
		for (const share of [0, 0.195, 0.2, 0.209, 0.7, 0.995])
			expect(addParentAt(plate, id, share, start.linked)(set)).toEqual(set);
		expect(scaleIn(addParentAt(plate, id, 0.215, start.linked)(set)).parents).toHaveLength(5);
		const twelve = Array.from({ length: 12 }, (_, i) => ({ text: `#${String(i + 10).repeat(3)}` }));
		const full = withPath({ parents: twelve });
		expect(addParentAt(plate, id, 0.5, start.linked)(full)).toEqual(full);
		const eleven = withPath({ parents: twelve.slice(1) });
		expect(scaleIn(addParentAt(plate, id, 0.55, start.linked)(eleven)).parents).toHaveLength(12);
	});

	it('a removed parent leaves the others where they are; without an end, the rest spreads out between', () => {
		const five = [...four, { text: '#ffffff' }];
		const set = withPath({ parents: five, places: [0.25, 0.5, 0.75] });
		const without = (index: number) => scaleIn(removeParent(plate, id, index)(set));
		expect(without(2)).toMatchObject({ parents: five.filter((_, i) => i !== 2), places: [0.25, 0.75] });
		const first = without(0);
		expect(first.parents).toEqual(five.slice(1));
		expect(first.places!.map((place) => place.toFixed(4))).toEqual(['0.3333', '0.6667']);
		expect(without(4).places!.map((place) => place.toFixed(4))).toEqual(['0.3333', '0.6667']);
		expect(removeParent(plate, id, 0)(two)).toEqual(two);
	});

	it('a parent that is moved stays between its neighbours', () => {
		const set = withPath({ parents: four, places: [0.2, 0.7] });
		const at = (index: number, place: number) => scaleIn(setPlace(plate, id, index, place)(set)).places;
		expect(at(1, 0.4)).toEqual([0.4, 0.7]);
		expect(at(1, 0.9)![0]).toBeCloseTo(0.69, 9);
		expect(at(1, -1)![0]).toBeCloseTo(0.01, 9);
		expect(at(2, 2)![1]).toBeCloseTo(0.99, 9);
	});
});
