import { describe, expect, it } from 'vitest';
import { colourSourceSchema, type ColourSource } from '$lib/model/colour-text';
import { changeLinked } from '$lib/model/edit-linked';
import { deletePlate } from '$lib/model/edit-plates';
import { kindOf, sourcesOf } from '$lib/plates/kinds';
import { newPlate } from '$lib/plates/new-plate';
import { type Plate } from '$lib/plates/plate';
import { groundsPlate, mixesPlate, scalesPlateOf } from '../../../tests/support/plates';
import { oneAsTwo } from '$lib/plates/grounds/exercises/one-as-two/one-as-two';
import { mixExercises } from '$lib/plates/mixes/exercises';
import { ways } from '$lib/plates/mixes/exercises/ways/ways';
import { followed, leadsTo } from './followed';
import { newStudy } from './new-study';
import { studyDocumentSchema, type StudyDocument } from './study';

const study = newStudy('Following', '');
const scales = scalesPlateOf(study);
const scale = scales.scales[0]!;
/** Seven steps: the fourth is half way. */
const half = (text = '#000000'): ColourSource => ({
	text,
	follows: { plate: scales.id, place: `${scale.id} 0.5000` }
});

/** A study whose second plate has this colour as its first ground. */
const grounded = (source: ColourSource, plates: readonly Plate[] = study.plates): StudyDocument => ({
	...study,
	plates: [...plates, groundsPlate(oneAsTwo, {}, { grounds: [source, { text: '#2f5f86' }] })]
});
const withScale = (change: Partial<typeof scale>): Plate => ({ ...scales, scales: [{ ...scale, ...change }] });
const groundOf = ({ plates }: StudyDocument): ColourSource => sourcesOf(plates.at(-1)!)[0]!;
const stepOf = (plate: Plate, index: number, { linked }: StudyDocument = study): string =>
	kindOf(plate).gives!.rows(plate, linked)[0]!.colours[index]!.hex;

describe('a colour that follows another plate', () => {
	it('has the colour of the step that it follows, and takes its new one when a linked colour is turned', () => {
		const now = followed(grounded(half())).study;
		expect(groundOf(now)).toEqual(half(stepOf(scales, 3)));
		const turned = changeLinked(study.linked[0]!.id, { text: '#2a6f4e' })(now);
		const after = followed(turned).study;
		expect(groundOf(after)).toEqual(half(stepOf(scales, 3, turned)));
		expect(groundOf(after)).not.toEqual(groundOf(now));
	});

	it.each([
		[3, 2],
		[5, 3],
		[0, 1],
		[11, 6]
	])('finds its step again by the nearest share when the scale has %i steps between its ends', (between, index) => {
		const plate = withScale({ between });
		expect(groundOf(followed(grounded(half(), [plate])).study)).toEqual(half(stepOf(plate, index)));
	});

	it('changes nothing where all is as it was, and nothing of the plates that follow none', () => {
		const { study: now } = followed(grounded(half()));
		expect(followed(now)).toEqual({ study: now, letGo: [] });
		expect(followed(now).study).toBe(now);
		expect(followed(study)).toEqual({ study, letGo: [] });
		expect(followed(study).study).toBe(study);
		expect(now.plates[0]).toBe(scales);
	});

	it('keeps its last colour and follows no more when its plate, or its scale, goes: by the name of the plate it is on', () => {
		const now = followed(grounded(half())).study;
		const last = stepOf(scales, 3);
		const bare = followed(deletePlate(scales.id)(now));
		expect(groundOf(bare.study)).toEqual({ text: last });
		expect(bare.letGo).toEqual(['Grounds']);
		const other = { ...now, plates: [withScale({ id: 'another00001' }), now.plates[1]!] };
		expect(groundOf(followed(other).study)).toEqual({ text: last });
	});

	it('follows no plate that gives nothing', () => {
		const grounds = groundsPlate(oneAsTwo, {}, { id: 'grounds00002' });
		const { study: freed, letGo } = followed(
			grounded({ text: '#123456', follows: { plate: grounds.id, place: 'first' } }, [grounds])
		);
		expect(letGo).toEqual(['Grounds']);
		expect(groundOf(freed)).toEqual({ text: '#123456' });
	});

	it('follows through a chain, whatever the order of the plates', () => {
		const mixes = mixesPlate(
			ways,
			{},
			{
				id: 'mixes0000002',
				parents: [
					{ colour: half(), parts: 1 },
					{ colour: { text: '#ffffff' }, parts: 1 }
				]
			}
		);
		const ground: ColourSource = { text: '#000000', follows: { plate: mixes.id, place: 'ways mix paint' } };
		const first = followed(grounded(ground, [scales, mixes])).study;
		const plates = first.plates as Plate[];
		const reversed = followed({ ...grounded(ground, [mixes, scales]) }).study;
		const paint = mixExercises.on(ways, plates[1] as typeof mixes, [])!.made.mixes.paint.hex;
		expect(groundOf(first)).toEqual({ ...ground, text: paint });
		expect(groundOf(reversed)).toEqual(groundOf(first));
	});

	it('lets go where plates follow each other in a circle, and a study that has one is refused', () => {
		const onEach = (id: string, other: string) =>
			mixesPlate(
				ways,
				{},
				{
					id,
					parents: [
						{ colour: { text: '#b3392b', follows: { plate: other, place: 'ways mix paint' } }, parts: 1 },
						{ colour: { text: '#2f5f86' }, parts: 1 }
					]
				}
			);
		const circle = {
			...study,
			plates: [onEach('mixes0000002', 'mixes0000003'), onEach('mixes0000003', 'mixes0000002')]
		};
		expect(leadsTo(circle.plates, 'mixes0000002', 'mixes0000003')).toBe(true);
		expect(leadsTo(circle.plates, 'mixes0000002', 'mixes0000009')).toBe(false);
		expect(leadsTo([scales, ...circle.plates], scales.id, 'mixes0000003')).toBe(false);
		expect(leadsTo(circle.plates, 'mixes0000009', 'mixes0000003')).toBe(false);
		const { study: freed, letGo } = followed(circle);
		expect(letGo).toHaveLength(1);
		expect(studyDocumentSchema.safeParse(freed).success).toBe(true);
		const refused = studyDocumentSchema.safeParse(circle);
		expect(refused.error?.issues[0]?.message).toContain('circle');
		const itself = { ...study, plates: [onEach('mixes0000002', 'mixes0000002')] };
		expect(studyDocumentSchema.safeParse(itself).success).toBe(false);
		expect(followed(itself).letGo).toHaveLength(1);
	});

	it('is refused where the study has no such plate, and where the place is no text', () => {
		const missing = grounded({ text: '#b3392b', follows: { plate: 'noplate00001', place: 'x' } });
		expect(studyDocumentSchema.safeParse(missing).error?.issues[0]?.message).toContain('noplate00001');
		for (const place of [undefined, '', 'x'.repeat(81), 3])
			expect(colourSourceSchema.safeParse({ text: '#b3392b', follows: { plate: scales.id, place } }).success).toBe(
				false
			);
	});
});

describe.each(['scales', 'wheel', 'scheme', 'mixes'] as const)('what a plate of %s gives', (kind) => {
	const plate = newPlate(kind, study);
	const { gives, places } = kindOf(plate);
	const rows = gives!.rows(plate, study.linked);

	it('is found again by its name, and is a place that can be held', () => {
		const all = rows.flatMap(({ colours }) => colours);
		expect(all.length).toBeGreaterThan(2);
		expect(new Set(all.map(({ place }) => place)).size).toBe(all.length);
		for (const given of all) {
			expect(gives!.at(plate, given.place, study.linked)).toEqual(given);
			const held = gives!.held(plate, given.place, study.linked);
			expect(places.has(plate, held)).toBe(true);
		}
	});

	it.each([
		'',
		'x',
		'member 99',
		'member -1',
		`${'y'.repeat(12)} 0.5`,
		'0.5 99',
		'NaN NaN',
		'toString mix paint',
		'2 0'
	])('has nothing under the name “%s”', (place) => {
		expect(gives!.at(plate, place, study.linked)).toBeNull();
		expect(gives!.held(plate, place, study.linked)).toBeNull();
	});
});
