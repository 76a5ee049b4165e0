import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/core/problem';
import { KIND_NAMES, kindOf } from '$lib/plates/kinds';
import { newPlate } from '$lib/plates/new-plate';
import { type Plate } from '$lib/plates/plate';
import { deleteLinked } from '../edits';
import { newStudy } from '../new-study';
import { studyDocumentSchema, type StudyDocument } from '../study';
import { briefOf, type Brief } from './brief';
import { changeTerms, give, noteHandIn } from './brief-edits';
import { BRIEF_FORMAT, writeBriefFile } from './brief-file';
import { fingerprintOf } from './fingerprint';
import { decisionsOf, isHidden, begunAgain, notAsGiven, refusedBy } from './given';
import { progressOf, sayProgress } from './progress';
import { changesOf, takenOver } from './take-over';
import { takenUp } from './take-up';
import { emptyTerms } from './terms';
import { readOurs } from '../our-file';
import { readAnyOurs } from '../read-ours';

const start = newStudy('Four intervals', '2026-11-02');
/** A study with a plate of every kind, each asked the first thing that can be asked of it, set as a brief. */
const plates = [
	...start.plates,
	...KIND_NAMES.filter((kind) => kind !== 'scales').map((kind) => newPlate(kind, start))
];
const asked = plates.reduce<StudyDocument>(
	(study, plate) => {
		const [first] = kindOf(plate).checks.offered(plate);
		return first ? first.checks[0]!.add(null)(study) : study;
	},
	{ ...start, plates, brief: { ...emptyTerms('briefoftests'), words: 5 } }
);
const set = asked.plates.reduce(
	(study, plate) =>
		kindOf(plate)
			.decisions(plate, study.linked)
			.reduce((latest, { key }) => give(plate.id, key, true)(latest), study),
	asked
);
const brief = briefOf(set)!;
const mine = takenUp(brief, { maker: 'Ines Marlow', date: '2026-11-15' });
const student: StudyDocument = { ...mine, answers: brief };

const plateOf = (study: StudyDocument, kind: string): Plate => study.plates.find((plate) => plate.kind === kind)!;
const edited = (study: StudyDocument, plate: Plate): StudyDocument => ({
	...study,
	plates: study.plates.map((each) => (each.id === plate.id ? plate : each))
});

describe('a brief of a study', () => {
	it('is made only of a study that is set as one, and is a study when it is taken up', () => {
		expect(briefOf(start)).toBeNull();
		expect(studyDocumentSchema.parse(mine)).toMatchObject({
			titleBlock: { title: 'Four intervals', maker: 'Ines Marlow', date: '2026-11-15' },
			answers: { terms: { id: 'briefoftests' } }
		});
		expect(mine.plates).toEqual(set.plates);
		expect('brief' in mine).toBe(false);
	});

	it('forgets what was given on a plate that is gone', () => {
		const without = { ...set, plates: set.plates.slice(1) };
		expect(briefOf(without)!.terms.given.map(({ plate }) => plate)).not.toContain(set.plates[0]!.id);
	});

	it('comes back from its file as it was, and no other file is taken for one', () => {
		expect(readOurs(writeBriefFile(brief), BRIEF_FORMAT)).toEqual(brief);
		expect(readAnyOurs(writeBriefFile(brief))).toEqual({ what: 'brief', brief });
		const refused = (text: string): string => {
			try {
				readAnyOurs(text);
			} catch (error) {
				if (error instanceof Problem) return error.message;
				throw error;
			}
			throw new Error('nothing was refused');
		};
		expect(refused('{"format":"ricercar loom","version":1}')).toContain('“ricercar loom”');
		expect(refused(writeBriefFile({ ...brief, title: '' }))).toContain('brief › title');
		expect(refused(writeBriefFile(brief).replace('"version": 1', '"version": 9'))).toContain('formats up to 1');
	});

	it('gives and leaves open by key, and changes its terms', () => {
		const plate = set.plates[0]!;
		const [{ key }] = kindOf(plate).decisions(plate, set.linked) as unknown as [{ key: string }];
		const open = give(plate.id, key, false)(set);
		expect(open.brief!.given.find((each) => each.plate === plate.id)!.keys).not.toContain(key);
		expect(give(plate.id, key, true)(open).brief!.given.find((each) => each.plate === plate.id)!.keys).toContain(key);
		expect(changeTerms({ due: '2026-12-04' })(set).brief!.due).toBe('2026-12-04');
		expect(changeTerms({ due: '2026-12-04' })(start)).toBe(start);
	});
});

describe('what a brief gives', () => {
	it.each(KIND_NAMES)('%s: every decision has a key and words of its own, and none is empty', (kind) => {
		const plate = plateOf(student, kind);
		const all = decisionsOf(plate, student.linked);
		expect(all.length).toBeGreaterThan(1);
		expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
		expect(all.filter(({ name }) => /undefined|NaN/.test(name))).toEqual([]);
	});

	it.each(KIND_NAMES)('%s: a check that is asked cannot be taken off, nor its plate be deleted', (kind) => {
		const plate = plateOf(student, kind);
		const [check] = kindOf(plate).checks.judged(plate, student.linked);
		if (kind === 'matching') expect(check).toBeDefined();
		if (check) expect(refusedBy(student, check.remove(student))).toMatch(/^The check “.+” is given by the brief\.$/);
		const gone = { ...student, plates: student.plates.filter(({ id }) => id !== plate.id) };
		expect(refusedBy(student, gone)).toContain('it stays');
	});

	it('a parent is held as it looks: turning the linked colour that it is refuses, another name does not', () => {
		const [colour, ...others] = student.linked;
		const turned = { ...student, linked: [{ ...colour!, text: '#123456' }, ...others] };
		expect(refusedBy(student, turned)).toMatch(/is given by the brief\.$/);
		expect(refusedBy(student, { ...student, linked: [{ ...colour!, name: 'Madder root' }, ...others] })).toBeNull();
		expect(refusedBy(student, deleteLinked(colour!.id)(student)), 'it keeps its looks').toBeNull();
	});

	it('what is open can be changed, and so can a study that answers nothing', () => {
		const scales = plateOf(student, 'scales') as Extract<Plate, { kind: 'scales' }>;
		const renamed = edited(student, { ...scales, title: 'My own title', caption: 'Said under it' });
		expect(refusedBy(student, renamed)).toBeNull();
		const shorter = { ...scales, scales: scales.scales.map((scale) => ({ ...scale, between: 3 })) };
		expect(refusedBy(student, edited(student, shorter))).toBe('The number of steps of row 1 is given by the brief.');
		expect(refusedBy(set, edited(set, shorter))).toBeNull();
	});

	it('what was not as given before does not stand in the way of other edits', () => {
		const scales = plateOf(student, 'scales') as Extract<Plate, { kind: 'scales' }>;
		const off = edited(student, { ...scales, scales: scales.scales.map((scale) => ({ ...scale, between: 3 })) });
		expect(notAsGiven(brief, off, scales.id)).toEqual(['the number of steps of row 1']);
		expect(refusedBy(off, edited(off, { ...plateOf(off, 'scales'), caption: 'Still open' }))).toBeNull();
	});

	it('a plate can be begun again as the brief has it, with the linked colours that it uses, and nothing else is changed', () => {
		const [colour, ...others] = brief.linked;
		const newer: Brief = { ...brief, linked: [{ ...colour!, text: '#336699' }, ...others] };
		const scales = plateOf(student, 'scales') as Extract<Plate, { kind: 'scales' }>;
		const off = { ...edited(student, { ...scales, caption: 'Mine' }), answers: newer };
		expect(notAsGiven(newer, off, scales.id).length).toBeGreaterThan(0);
		const again = begunAgain(newer, off, scales.id);
		expect(notAsGiven(newer, again, scales.id)).toEqual([]);
		expect(again.linked.map(({ id }) => id)).toEqual(off.linked.map(({ id }) => id));
		expect(again.linked[0]!.text).toBe('#336699');
		expect(again.plates.filter(({ id }) => id !== scales.id)).toEqual(off.plates.filter(({ id }) => id !== scales.id));
		const without = { ...off, linked: off.linked.slice(1) };
		expect(notAsGiven(newer, begunAgain(newer, without, scales.id), scales.id)).toEqual([]);
		expect(begunAgain(newer, off, 'nosuchplate0')).toBe(off);
	});

	it('answers are put away until it is handed in, where the brief hides them', () => {
		const hidden: Brief = { ...brief, terms: { ...brief.terms, hidden: true } };
		const study = { ...student, answers: hidden };
		const grounds = plateOf(study, 'grounds') as Extract<Plate, { kind: 'grounds' }>;
		const shown = edited(study, { ...grounds, exercise: { ...grounds.exercise, predicted: true } as never });
		expect([isHidden(study), isHidden(student)]).toEqual([true, false]);
		expect(refusedBy(study, shown)).toBe('Answers are put away until this brief is handed in.');
		expect(refusedBy(student, edited(student, plateOf(shown, 'grounds')))).toBeNull();
		const handed = noteHandIn('handinoftest', '2026-11-15T10:00:00.000Z')(study);
		expect(isHidden(handed)).toBe(false);
		expect(refusedBy(handed, edited(handed, plateOf(shown, 'grounds')))).toBeNull();
	});
});

describe('what is asked', () => {
	it('counts the checks of the brief and the words of the reflection, and no check of one’s own', () => {
		const all = progressOf(student);
		expect(all.at(-1)).toMatchObject({ plate: null, holds: false, reason: 'It has 0.' });
		expect(all.length).toBe(
			1 + brief.plates.reduce((sum, plate) => sum + kindOf(plate).checks.decisions(plate).length, 0)
		);
		const scheme = plateOf(student, 'scheme');
		const own = kindOf(scheme).checks.offered(scheme).at(-1)!.checks.at(-1)!.add(null)(student);
		expect(progressOf(own)).toHaveLength(all.length);
		expect(progressOf({ ...student, reflection: 'One two three four five' }).at(-1)!.holds).toBe(true);
		expect(progressOf(start)).toEqual([]);
		expect(
			sayProgress([
				{ ...all[0]!, holds: true },
				{ ...all[0]!, holds: false }
			])
		).toBe('1 of 2 hold');
	});
});

describe('a newer version of a brief', () => {
	const scales = brief.plates.find(({ kind }) => kind === 'scales') as Extract<Plate, { kind: 'scales' }>;
	const newer: Brief = {
		...brief,
		terms: { ...brief.terms, due: '2026-12-11' },
		plates: [
			...brief.plates.map((plate) =>
				plate === scales
					? { ...scales, checks: [{ id: 'checkofnewer', scale: null, rule: { rule: 'not-pure' as const } }] }
					: plate
			),
			{ ...newPlate('wheel', start), id: 'wheelofnewer', title: 'A wheel besides' }
		]
	};

	it('says what it changes, and nothing of what stays', () => {
		expect(changesOf(brief, brief)).toEqual([]);
		const changes = changesOf(brief, newer);
		expect(changes).toContain('It is due on another day.');
		expect(changes).toContain('The plate “A wheel besides” is asked too.');
		expect(changes.filter((each) => each.includes('asked now: the check “No parent left pure”'))).toHaveLength(1);
		expect(changes.filter((each) => each.includes('not asked any more'))).toHaveLength(1);
		expect(changesOf(newer, brief)).toContain('The plate “A wheel besides” is not asked any more: yours stays.');
	});

	it('is taken over without losing work: plates stay, with its checks, and what is asked too comes after them', () => {
		const worked = edited(student, { ...plateOf(student, 'scales'), caption: 'My work' });
		const after = takenOver(worked, newer);
		expect(studyDocumentSchema.parse(after)).toEqual(studyDocumentSchema.parse(after));
		expect(plateOf(after, 'scales')).toMatchObject({ caption: 'My work', checks: [{ id: 'checkofnewer' }] });
		expect(after.plates.map(({ id }) => id)).toEqual([...worked.plates.map(({ id }) => id), 'wheelofnewer']);
		expect(after.answers).toBe(newer);
		expect(refusedBy(worked, after)).toBeNull();
	});
});

describe('a fingerprint', () => {
	it('is SHA-256 (FIPS 180-4, by Node’s OpenSSL) of the JSON with its fields in order, whatever order they come in', () => {
		const text = '{"a":1,"b":{"c":[1,2,{"d":"Öl","e":null}]}}';
		const real = createHash('sha256').update(text).digest('hex');
		expect(fingerprintOf({ b: { c: [1, 2, { e: null, d: 'Öl' }] }, a: 1 })).toBe(real);
		expect(fingerprintOf({ a: 1, b: { c: [1, 2, { d: 'Öl', e: null }] }, left: undefined })).toBe(real);
		expect(fingerprintOf({ b: { c: [2, 1, { e: null, d: 'Öl' }] }, a: 1 })).not.toBe(real);
	});

	it('of a brief changes with any of its plates, and is the same after a way through a file', () => {
		const through = readOurs(writeBriefFile(brief), BRIEF_FORMAT);
		expect(fingerprintOf(through)).toBe(fingerprintOf(brief));
		expect(fingerprintOf({ ...brief, plates: brief.plates.slice(1) })).not.toBe(fingerprintOf(brief));
	});
});
