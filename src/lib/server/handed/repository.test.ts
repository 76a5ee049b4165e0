import { createHash } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { briefOf } from '$lib/study/brief/brief';
import { emptyTerms } from '$lib/study/brief/terms';
import { takenUp } from '$lib/study/brief/take-up';
import { handInOf } from '$lib/study/handed/hand-in';
import { readHandIn, writeHandIn } from '$lib/study/handed/hand-in-file';
import { envelopeOf } from '$lib/study/handed/requests';
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
	type KeepHandIn,
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
function handIn(id: string, maker: string, study: string | null = null): WithFile {
	const content = handInOf(takenUp(brief, { maker, date: '' }), { id, at: AT, pictures: {} })!;
	return withFile({ ...envelopeOf({ content, asWritten: true }), study }, writeHandIn(content));
}
interface WithFile extends KeepHandIn {
	readonly content: string;
}
const withFile = (envelope: Omit<KeepHandIn, 'body'>, content: string): WithFile => ({
	...envelope,
	content,
	body: createHash('sha256').update(content).digest('hex')
});
const keep = (kept: WithFile) => keepHandIn(database, kept, [kept.content.slice(0, 1000), kept.content.slice(1000)]);
const fileOf = async (id: string): Promise<string | null> => {
	const pieces = await readHandInFile(database, id);
	if (!pieces) return null;
	let text = '';
	for await (const piece of pieces) text += piece;
	return text;
};

describe('hand-ins in the database', () => {
	it('are kept as the file that they are, once, and listed by their brief and by the study that they are from', async () => {
		const kept = handIn('handinofines', 'Ines Marlow', 'studyofines0');
		expect(await keep(kept)).toBe('new');
		expect(await keep(kept), 'it is here already').toBe('here');
		await keep(handIn('handinofemil', 'Emil Strand'));
		expect(await fileOf('handinofines')).toBe(kept.content);
		expect(readHandIn((await fileOf('handinofines'))!).asWritten).toBe(true);
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

	it('with the number of another one are refused; deleted and sent again, what is sent is there', async () => {
		const [one, other] = [handIn('handinofkit0', 'Kit Aldous'), handIn('handinofkit0', 'Kit Aldous')];
		const changed = withFile({ ...other, title: 'Another' }, other.content.replace('Four intervals', 'Another'));
		const note = { notes: [{ id: 'noteofkits00', plate: null, at: null, text: 'Once.' }], mark: 'good' };
		await keep(one);
		await giveBack(database, one.id, { revision: 1, given: note, seen: true });
		expect(await keep(changed)).toBe('another');
		expect(await fileOf(one.id)).toBe(one.content);
		await deleteHandIn(database, one.id);
		expect(await keep(one), 'the same again').toBe('new');
		expect(await readHandInLine(database, one.id)).toMatchObject({ given: note, seen: true });
		await deleteHandIn(database, one.id);
		expect(await keep(changed)).toBe('new');
		expect(await fileOf(one.id)).toBe(changed.content);
		// What was written about the one that is gone speaks of that one.
		expect(await readHandInLine(database, one.id)).toMatchObject({
			title: 'Another',
			given: { notes: [], mark: '' },
			seen: false,
			returned: null
		});
		await deleteHandIn(database, one.id);
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
		expect(await takeReturned(database, returned)).toBe(true);
		expect(await takeReturned(database, { ...returned, handIn: 'nosuchhandin' })).toBe(false);
		const elsewhere = { ...returned, brief: { ...returned.brief, id: 'anotherbrief' }, mark: 'of another brief' };
		expect(await takeReturned(database, elsewhere)).toBe(false);
		expect((await readHandInLine(database, line.id))!.returned).toEqual(returned);
	});

	it('are taken off, brought back, and kept again by their file', async () => {
		expect(await deleteHandIn(database, 'handinofemil')).toBe(true);
		expect(await readHandInFile(database, 'handinofemil')).toBeNull();
		expect(await restoreHandIn(database, 'handinofemil')).toBe(true);
		await deleteHandIn(database, 'handinofemil');
		expect(await keep(handIn('handinofemil', 'Emil Strand')), 'with the notes that were on it').toBe('new');
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
