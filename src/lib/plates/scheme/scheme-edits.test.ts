import { converter } from 'culori';
import fc from 'fast-check';
import { COORDINATES } from '$lib/workbench/mixer/coordinates';
import { describe, expect, it } from 'vitest';
import { readColour } from '$lib/core/colour/read';
import { fit } from '$lib/core/colour/shown';
import { turn, type Triple } from '$lib/core/colour/vector';
import { SCHEMES } from '$lib/core/scheme/schemes';
import { colourAt, placeOf } from '$lib/core/scheme/wheel-place';
import { schemeOf } from './scheme-of';
import { newStudy } from '$lib/study/new-study';
import { type SchemePlate } from './schema';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { deleteLinked } from '$lib/study/edits';
import { addPlate } from '$lib/model/edit-plates';
import {
	anotherLead,
	decideScheme,
	fixLead,
	fixMember,
	giveRole,
	moveAll,
	placeMember,
	setMemberCount,
	setScheme
} from './scheme-edits';
import { schemeFrom } from './make';
import { sayUses, usesOf } from '$lib/study/uses';
import { surroundingsOf } from '$lib/plates/kinds';

const hsv = converter('hsv');
const study = newStudy('Schemes', '');
const madder = study.linked[0]!;
const made = schemeFrom(surroundingsOf(study), { linked: madder.id });
const id = made.id;
const start = addPlate(made, null)(study);
const plateIn = ({ plates }: StudyDocument): SchemePlate => plates.at(-1) as SchemePlate;
const codes = (document: StudyDocument): string[] =>
	schemeOf(plateIn(document), document.linked).members.map(({ hex }) => hex);
const hues = (document: StudyDocument): number[] => codes(document).map((code) => hsv(code)!.h ?? 0);
const linear = (text: string): Triple => fit(readColour(text)).linear;
const fits = (document: StudyDocument) => expect(studyDocumentSchema.safeParse(document).error).toBeUndefined();
const light = (document: StudyDocument) => decideScheme(id, { wheel: 'light' })(document);

describe('members of a scheme', () => {
	it('dragging one of a triad turns all three, and a linked lead turns in the study’s colour itself', () => {
		const before = light(start);
		const place = placeOf('light', linear(codes(before)[1]!));
		const after = placeMember(id, 1, colourAt('light', { ...place, angle: turn(place.angle + 40) }).linear)(before);
		fits(after);
		hues(after).forEach((hue, i) => expect(turn(hue - hues(before)[i]! + 180) - 180).toBeCloseTo(40, 0));
		expect(hsv(after.linked[0]!.text)!.h).toBeCloseTo(turn(hsv(madder.text)!.h! + 40), 0);
	});

	it('a fixed lead keeps its code while a member is moved: only its strength and value follow, and nothing turns it', () => {
		const before = fixLead(id, true)(light(start));
		const place = placeOf('light', linear(codes(before)[1]!));
		const target = colourAt('light', {
			angle: turn(place.angle + 40),
			distance: place.distance / 2,
			light: place.light
		});
		const after = placeMember(id, 1, target.linear)(before);
		fits(after);
		expect(after.linked[0]!.text).toBe(madder.text);
		expect(codes(after)[0]).toBe(codes(before)[0]);
		expect(hues(after)[1]!).toBeCloseTo(hues(before)[1]!, 0);
		expect(hsv(codes(after)[1]!)!.s).toBeCloseTo(hsv(codes(before)[1]!)!.s / 2, 1);
		// Dragged itself it stays, and with all the others turned it stays too; let go, it turns again.
		expect(placeMember(id, 0, linear('#206040'))(before)).toBe(before);
		const all = moveAll(id, ([r, g, b]) => [b, r, g])(before);
		expect(all.linked[0]!.text).toBe(madder.text);
		const free = placeMember(id, 1, target.linear)(fixLead(id, false)(before));
		expect(free.linked[0]!.text).not.toBe(madder.text);
	});

	it('out of a free scheme each rule begins with as many members as it has', () => {
		const free = setMemberCount(id, 5)(setScheme(id, 'free')(start));
		expect(codes(free)).toHaveLength(5);
		const counts = (['triad', 'complementary', 'square', 'monochromatic'] as const).map(
			(scheme) => codes(setScheme(id, scheme)(free)).length
		);
		expect(counts).toEqual([3, 2, 4, 5]);
		// Where somebody asked a rule for more, another rule gives as many.
		const asked = setMemberCount(id, 5)(setScheme(id, 'triad')(free));
		expect(codes(setScheme(id, 'square')(asked))).toHaveLength(5);
	});

	it('any member of any scheme, fixed or not, set to any colour leaves a study that can be kept', () => {
		const code = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
		const acts = fc.array(
			fc.record({
				scheme: fc.constantFrom(...SCHEMES),
				count: fc.integer({ min: 2, max: 10 }),
				index: fc.nat(9),
				code,
				fix: fc.boolean()
			}),
			{ minLength: 1, maxLength: 5 }
		);
		fc.assert(
			fc.property(
				acts,
				fc.constantFrom('light', 'painter', 'perceptual' as const),
				fc.boolean(),
				(list, wheel, holdValue) => {
					let document = decideScheme(id, { wheel, holdValue })(start);
					for (const { scheme, count, index, code: text, fix } of list) {
						document = setMemberCount(id, count)(setScheme(id, scheme)(document));
						const at = index % count;
						document = placeMember(id, at, linear(text))(document);
						if (fix && at > 0) document = fixMember(id, at, { text })(document);
						if (at > 0) document = anotherLead(id, at)(document);
						fits(document);
						expect(codes(document)).toHaveLength(count);
					}
				}
			),
			{ seed: 21, numRuns: 120 }
		);
	});

	it('“free” lets each go from where it is: changing to it changes no colour, and then only one moves', () => {
		const triad = setMemberCount(id, 5)(light(start));
		const free = setScheme(id, 'free')(triad);
		codes(free).forEach((code, i) => {
			const [one, two] = [code, codes(triad)[i]!].map((hex) => linear(hex));
			one!.forEach((channel, c) => expect(channel).toBeCloseTo(two![c]!, 1));
		});
		const moved = placeMember(id, 2, linear('#407040'))(free);
		expect(codes(moved)[2]).toBe('#407040');
		expect(codes(moved).filter((code, i) => code !== codes(free)[i])).toHaveLength(1);
	});

	it('another lead: the new one is first, the others keep their colours where the scheme lets them', () => {
		const triad = light(start);
		const before = codes(triad);
		const after = anotherLead(id, 2)(triad);
		expect(codes(after)[0]).toBe(before[2]);
		expect(new Set(codes(after))).toEqual(new Set(before));
		// The linked colour is still the study's: only this plate reckons from another one.
		expect(after.linked).toEqual(triad.linked);
	});

	it('all together: each moves by the same amount, and a fixed one stays', () => {
		const before = fixMember(id, 1, { text: '#8f9a5b' })(light(start));
		const darker = (c: Triple): Triple => {
			const place = placeOf('light', c);
			return colourAt('light', { ...place, light: place.light - 0.1 }).linear;
		};
		const after = moveAll(id, darker)(before);
		const brightness = (document: StudyDocument) => codes(document).map((code) => hsv(code)!.v);
		expect(codes(after)[1]).toBe('#8f9a5b');
		for (const i of [0, 2]) expect(brightness(before)[i]! - brightness(after)[i]!).toBeCloseTo(0.1, 1);
	});

	it('twenty turns of brightness by 1 % leave every member just 20 % darker: nothing is rounded on the way (brightness of culori 4.0.2)', () => {
		const percent = COORDINATES.find(({ name }) => name === 'HSB')!;
		const down = (c: Triple): Triple => {
			const [h, s, v] = percent.of({ space: 'srgb-linear', channels: c, alpha: 1 });
			return percent.exact([h!, s!, v! - 1]).linear;
		};
		for (const wheel of ['light', 'painter'] as const) {
			const triad = decideScheme(id, { wheel, lead: { text: '#e54d39' } })(start);
			const exact = (document: StudyDocument) =>
				schemeOf(plateIn(document), document.linked).members.map(
					({ linear: [r, g, b] }) => hsv({ mode: 'lrgb', r, g, b })!.v
				);
			const before = exact(triad);
			expect(before).toHaveLength(3);
			const after = exact(
				Array.from({ length: 20 }).reduce<StudyDocument>((document) => moveAll(id, down)(document), triad)
			);
			after.forEach((v, i) => expect(v, `${wheel} ${i}`).toBeCloseTo(before[i]! - 0.2, 5));
		}
	});

	it('roles are swapped, never given twice among five members', () => {
		const five = setMemberCount(id, 5)(start);
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.constantFrom('ground', 'line', 'accent' as const), fc.nat(4)), { maxLength: 8 }),
				(swaps) => {
					const document = swaps.reduce((each, [role, member]) => giveRole(id, role, member, 5)(each), five);
					expect([...plateIn(document).roles].sort()).toEqual([0, 1, 2, 3, 4]);
				}
			),
			{ seed: 1 }
		);
	});

	it('a linked colour that is deleted stays in the scheme as it looked, as lead and as a fixed member', () => {
		const linked = fixMember(id, 1, { linked: study.linked[1]!.id })(start);
		expect(sayUses(usesOf(study.linked[1]!.id, linked))).toBe('used in 1 scheme on 1 plate');
		expect(sayUses(usesOf(madder.id, linked))).toBe('used in 1 scale and 1 scheme on 2 plates');
		const freed = deleteLinked(study.linked[1]!.id)(deleteLinked(madder.id)(linked));
		fits(freed);
		expect(codes(freed)).toEqual(codes(linked));
	});
});
