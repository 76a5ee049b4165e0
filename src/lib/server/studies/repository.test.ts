import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newStudy } from '$lib/model/new-study';
import { type ListQuery } from '$lib/model/requests';
import { type Database } from '../database/database';
import { forgetOld } from '../database/set-aside';
import { openEmbedded } from '../database/embedded';
import { migrate } from '../database/migrate';
import { emptyDemo, fillDemo } from '../demo';
import {
	createStudy,
	deleteStudy,
	duplicateStudy,
	listStudies,
	readStudy,
	renameStudy,
	restoreStudy,
	saveStudy
} from './repository';

let database: Database;
beforeAll(async () => {
	database = await openEmbedded(null);
});
afterAll(() => database.close());

const list = (query: Partial<ListQuery> = {}) =>
	listStudies(database, { words: '', sort: 'changed', most: 100, ...query });
const titles = async (query: Partial<ListQuery> = {}) => (await list(query)).lines.map(({ title }) => title);

describe('studies in the database', () => {
	it('come back as they were kept', async () => {
		const document = newStudy('Runner', '2026-03-02');
		const kept = await createStudy(database, document);
		expect(kept.revision).toBe(1);
		expect((await readStudy(database, kept.id))?.document).toEqual(document);
		expect(await readStudy(database, 'nosuchstudy')).toBeNull();
	});

	it('are saved over the revision that was named, and over no other', async () => {
		const { id, document } = await createStudy(database, newStudy('First', ''));
		const second = { ...document, titleBlock: { ...document.titleBlock, title: 'Second' } };
		const saved = await saveStudy(database, id, { revision: 1, saveId: 'save00000001', document: second });
		expect(saved).toMatchObject({ kind: 'saved', saved: { revision: 2 } });
		const stale = await saveStudy(database, id, { revision: 1, saveId: 'save00000002', document });
		expect(stale).toEqual({ kind: 'stale', revision: 2 });
		expect((await readStudy(database, id))?.document).toEqual(second);
	});

	it('answer a save that comes again as the save it was, without another revision', async () => {
		const { id, document } = await createStudy(database, newStudy('Again', ''));
		const save = { revision: 1, saveId: 'save00000003', document };
		await saveStudy(database, id, save);
		expect(await saveStudy(database, id, save)).toMatchObject({ kind: 'saved', saved: { revision: 2 } });
	});

	it('say whether they were deleted or never were', async () => {
		const { id, document } = await createStudy(database, newStudy('Gone', ''));
		expect(await deleteStudy(database, id)).toBe(true);
		expect(await deleteStudy(database, id)).toBe(false);
		const save = { revision: 1, saveId: 'save00000004', document };
		expect(await saveStudy(database, id, save)).toEqual({ kind: 'deleted' });
		expect(await saveStudy(database, 'nosuchstudy', save)).toEqual({ kind: 'missing' });
		expect(await titles()).not.toContain('Gone');
		expect(await restoreStudy(database, id)).toBe(true);
		expect(await titles()).toContain('Gone');
	});

	it('are forgotten thirty days after their deletion, not before', async () => {
		const recent = await createStudy(database, newStudy('Deleted lately', ''));
		const old = await createStudy(database, newStudy('Deleted long ago', ''));
		await deleteStudy(database, recent.id);
		await deleteStudy(database, old.id);
		await database.query("update study set deleted = now() - interval '31 days' where id = $1", [old.id]);
		await forgetOld(database);
		expect(await restoreStudy(database, recent.id)).toBe(true);
		expect(await restoreStudy(database, old.id)).toBe(false);
	});

	it('are duplicated and renamed', async () => {
		const { id } = await createStudy(database, newStudy('Warp', ''));
		expect((await duplicateStudy(database, id))?.document.titleBlock.title).toBe('Warp, copy');
		expect(await renameStudy(database, id, 'Weft')).toBe(true);
		expect(await readStudy(database, id)).toMatchObject({ revision: 2, document: { titleBlock: { title: 'Weft' } } });
		expect(await renameStudy(database, 'nosuchstudy', 'Weft')).toBe(false);
		expect(await duplicateStudy(database, 'nosuchstudy')).toBeNull();
	});
});

describe('the list of studies', () => {
	it('finds all words anywhere in the title block, in any case, and takes pattern signs as letters', async () => {
		const document = newStudy('Hundred % wool_band', '');
		await createStudy(database, { ...document, titleBlock: { ...document.titleBlock, maker: 'Ottoline Fen' } });
		expect(await titles({ words: 'OTTOLINE wool' })).toEqual(['Hundred % wool_band']);
		expect(await titles({ words: 'ottoline linen' })).toEqual([]);
		expect(await titles({ words: 'd %' })).toContain('Hundred % wool_band');
		expect(await titles({ words: 'l_b' })).toEqual(['Hundred % wool_band']);
		expect(await titles({ words: '%%' })).toEqual([]);
		expect(await titles({ words: "'; drop table study; --" })).toEqual([]);
	});

	it('sorts by title without regard to case, or the last changed first, and says when there are more', async () => {
		const { id } = await createStudy(database, newStudy('aardvark wool', ''));
		await createStudy(database, newStudy('Aachen cloth', ''));
		const byTitle = await titles({ sort: 'title' });
		expect(byTitle.indexOf('Aachen cloth')).toBeLessThan(byTitle.indexOf('aardvark wool'));
		await renameStudy(database, id, 'aardvark wool, washed');
		expect((await titles())[0]).toBe('aardvark wool, washed');
		expect(await list({ most: 2 })).toMatchObject({ more: true, lines: { length: 2 } });
	});
});

it('a failing statement takes the whole transaction back', async () => {
	const before = await titles();
	const work = database.transaction(async (queries) => {
		await createStudy(queries, newStudy('Half', ''));
		await queries.query('select nonsense');
	});
	await expect(work).rejects.toThrow();
	expect(await titles()).toEqual(before);
});

it('migrations run once', async () => {
	await migrate(database);
	expect(await database.query('select name from migration')).toHaveLength(3);
});

it('the demo is filled once, keeps what people did with it, and can begin again', async () => {
	const demo = await openEmbedded(null);
	const shown = async () => (await listStudies(demo, { words: '', sort: 'changed', most: 50 })).lines;
	await fillDemo(demo, 'demo');
	const first = await shown();
	expect(first.length).toBeGreaterThanOrEqual(3);
	expect(first.every(({ plates }) => plates >= 3)).toBe(true);
	await deleteStudy(demo, first[0]!.id);
	await fillDemo(demo, 'demo');
	expect(await shown()).toHaveLength(first.length - 1);
	await emptyDemo(demo);
	await fillDemo(demo, 'demo');
	expect((await shown()).map(({ title }) => title)).toEqual(first.map(({ title }) => title));
	await demo.close();
});
