import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { briefOf } from '$lib/study/brief/brief';
import { emptyTerms } from '$lib/study/brief/terms';
import { takenUp } from '$lib/study/brief/take-up';
import { handInOf } from '$lib/study/handed/hand-in';
import { readHandIn, writeHandIn } from '$lib/study/handed/hand-in-file';
import { envelopeOf, type KeepHandIn } from '$lib/study/handed/requests';
import { givenBack } from '$lib/study/handed/returned';
import { newStudy } from '$lib/study/new-study';
import { emptyDatabase } from '../../../../tests/support/begun-embedded';
import { type Database } from '../database/database';
import { fillDemo } from '../demo';
import { listStudies } from '../studies/repository';
import {
	deleteHandIn,
	giveBack,
	keepHandIn,
	listHandIns,
	readHandInFile,
	readHandInLine,
	restoreHandIn,
	takeReturned
} from './repository';
import { groupWall, readWall } from './walls';

let database: Database;
beforeAll(async () => {
	database = await emptyDatabase();
});
afterAll(() => database.close());

const brief = briefOf({ ...newStudy('Four intervals', '2026-11-02'), brief: emptyTerms('briefoftests') })!;
const AT = '2026-11-15T10:10:00.000Z';
function handIn(id: string, maker: string, study: string | null = null): KeepHandIn {
	const content = handInOf(takenUp(brief, { maker, date: '' }), { id, at: AT, pictures: {} })!;
	return envelopeOf({ content, asWritten: true }, writeHandIn(content), study);
}

describe('hand-ins in the database', () => {
	it('are kept as the file that they are, once, and listed by their brief and by the study that they are from', async () => {
		const kept = handIn('handinofines', 'Ines Marlow', 'studyofines0');
		expect(await keepHandIn(database, kept)).toBe(true);
		expect(await keepHandIn(database, kept), 'it is here already').toBe(false);
		await keepHandIn(database, handIn('handinofemil', 'Emil Strand'));
		expect(await readHandInFile(database, 'handinofines')).toBe(kept.content);
		expect(readHandIn((await readHandInFile(database, 'handinofines'))!).asWritten).toBe(true);
		const { lines, unreadable } = await listHandIns(database, { brief: 'briefoftests' });
		expect(lines.map(({ maker, at, seen }) => [maker, at, seen])).toEqual([
			['Emil Strand', AT, false],
			['Ines Marlow', AT, false]
		]);
		expect(unreadable).toEqual([]);
		expect((await listHandIns(database, { study: 'studyofines0' })).lines.map(({ id }) => id)).toEqual([
			'handinofines'
		]);
		expect((await listHandIns(database, { brief: 'anotherbrief' })).lines).toEqual([]);
	});

	it('whose file is another, or none, are refused', async () => {
		const kept = handIn('handinofkit0', 'Kit Aldous');
		await expect(keepHandIn(database, { ...kept, content: '{' })).rejects.toThrow('no JSON');
		await expect(keepHandIn(database, { ...kept, id: 'handinofugo0' })).rejects.toThrow('not that hand-in');
		expect(await readHandInLine(database, 'handinofkit0')).toBeNull();
	});

	it('take notes and a mark over the revision that they were made from, and over no other', async () => {
		const given = { notes: [{ id: 'noteoftests0', plate: null, at: null, text: 'It leaps.' }], mark: 'nearly there' };
		expect(await giveBack(database, 'handinofemil', { revision: 1, given, seen: true })).toEqual({
			kind: 'kept',
			revision: 2
		});
		expect(await giveBack(database, 'handinofemil', { revision: 1, given, seen: true })).toEqual({ kind: 'stale' });
		expect(await giveBack(database, 'nosuchhandin', { revision: 1, given, seen: true })).toEqual({ kind: 'missing' });
		expect(await readHandInLine(database, 'handinofemil')).toMatchObject({
			given,
			seen: true,
			revision: 2,
			returned: null
		});
	});

	it('take what came back with them', async () => {
		const line = (await readHandInLine(database, 'handinofines'))!;
		const returned = givenBack({ ...line, given: { notes: [], mark: 'good' } }, brief, { by: 'Odile Tarn', at: AT });
		expect(await takeReturned(database, line.id, returned)).toBe(true);
		expect(await takeReturned(database, 'nosuchhandin', returned)).toBe(false);
		expect((await readHandInLine(database, line.id))!.returned).toEqual(returned);
	});

	it('are taken off, brought back, and kept again by their file', async () => {
		expect(await deleteHandIn(database, 'handinofemil')).toBe(true);
		expect(await readHandInFile(database, 'handinofemil')).toBeNull();
		expect(await restoreHandIn(database, 'handinofemil')).toBe(true);
		await deleteHandIn(database, 'handinofemil');
		expect(await keepHandIn(database, handIn('handinofemil', 'Emil Strand')), 'with the notes that were on it').toBe(
			true
		);
		expect((await readHandInLine(database, 'handinofemil'))!.given.mark).toBe('nearly there');
	});

	it('that cannot be read hide no other', async () => {
		await database.query(`update hand_in set given = '{"notes": 1}' where id = 'handinofemil'`);
		const { lines, unreadable } = await listHandIns(database, { brief: 'briefoftests' });
		expect([lines.map(({ id }) => id), unreadable]).toEqual([['handinofines'], ['handinofemil']]);
	});
});

describe('the groups of a wall', () => {
	const groups = [{ id: 'groupofwarm0', name: 'Warm', makers: ['marlow ines'] }];

	it('are kept over the revision that they were made from, and over no other', async () => {
		expect(await readWall(database, 'briefoftests')).toEqual({ revision: 0, groups: [] });
		expect(await groupWall(database, 'briefoftests', { revision: 0, groups })).toBe(1);
		expect(await groupWall(database, 'briefoftests', { revision: 0, groups: [] }), 'there are some').toBeNull();
		expect(
			await groupWall(database, 'briefoftests', {
				revision: 1,
				groups: [...groups, { ...groups[0]!, id: 'groupofcool0' }]
			})
		).toBe(2);
		expect(await groupWall(database, 'briefoftests', { revision: 1, groups: [] })).toBeNull();
		expect((await readWall(database, 'briefoftests')).groups.map(({ id }) => id)).toEqual([
			'groupofwarm0',
			'groupofcool0'
		]);
		expect(await readWall(database, 'anotherbrief')).toEqual({ revision: 0, groups: [] });
	});

	it('that cannot be read are made anew over their revision', async () => {
		await database.query(`update wall set groups = '{"broken": true}'::jsonb where brief = 'briefoftests'`);
		expect(await readWall(database, 'briefoftests')).toEqual({ revision: 2, groups: [] });
		expect(await groupWall(database, 'briefoftests', { revision: 2, groups })).toBe(3);
	});
});

it('the demo has a brief with twelve hand-ins of unlike quality, apart from the studies', async () => {
	const demo = await emptyDatabase();
	await fillDemo(demo, 'demo');
	const query = { words: '', sort: 'title', after: '' } as const;
	const { lines: briefs } = await listStudies(demo, { ...query, of: 'briefs' });
	expect(briefs.map(({ title }) => title)).toEqual(['Four intervals']);
	const { lines: studies } = await listStudies(demo, { ...query, of: 'studies' });
	expect(studies.map(({ title }) => title)).not.toContain('Four intervals');
	const { lines, unreadable } = await listHandIns(demo, { brief: 'fourinterval' });
	expect([lines.length, unreadable]).toEqual([12, []]);
	expect(lines.every(({ asked }) => asked === 7)).toBe(true);
	expect(new Set(lines.map(({ held }) => held)).size).toBeGreaterThanOrEqual(4);
	await demo.close();
});
