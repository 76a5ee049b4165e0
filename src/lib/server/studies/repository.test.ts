import { converter } from 'culori';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { plateOfShipped } from '$lib/plates/picture/make';
import { SHIPPED } from '$lib/plates/picture/shipped';
import { newStudy } from '$lib/study/new-study';
import { readColour } from '$lib/core/colour/read';
import { show } from '$lib/core/colour/shown';
import { type ListQuery } from '$lib/study/requests';
import { HELPING } from '$lib/model/listed';
import { type Database } from '../database/database';
import { forgetOld } from '../database/set-aside';
import { migrate } from '../database/migrate';
import { emptyDemo, fillDemo } from '../demo';
import { emptyDatabase } from '../../../../tests/support/begun-embedded';
import {
	createStudy,
	deleteStudy,
	duplicateStudy,
	listStudies,
	picturesInStudies,
	readStudy,
	readStudyText,
	renameStudy,
	restoreStudy,
	saveStudy
} from './repository';

const oklch = converter('oklch');

let database: Database;
beforeAll(async () => {
	database = await emptyDatabase();
});
afterAll(() => database.close());

const list = (query: Partial<ListQuery> = {}) =>
	listStudies(database, { of: 'studies', words: '', sort: 'changed', after: '', ...query });
const titles = async (query: Partial<ListQuery> = {}) => (await list(query)).lines.map(({ title }) => title);

describe('studies in the database', () => {
	it('name their pictures, as long as they can be brought back, and those that they no longer have not', async () => {
		const [cloth, marsh] = SHIPPED.map(plateOfShipped);
		const own = { ...marsh!.picture, id: 'ownpicture00' };
		const document = { ...newStudy('Pictured', ''), plates: [cloth!, { ...marsh!, picture: own }] };
		const { id } = await createStudy(database, document);
		expect([...(await picturesInStudies(database))].sort()).toEqual(['ownpicture00', 'shippedcloth']);
		await deleteStudy(database, id);
		expect((await picturesInStudies(database)).has('ownpicture00')).toBe(true);
		await restoreStudy(database, id);
		await renameStudy(database, id, 'Pictured, renamed');
		expect((await picturesInStudies(database)).has('ownpicture00')).toBe(true);
		const save = { revision: 2, saveId: 'savepictures', document: { ...document, plates: [cloth!] } };
		expect(await saveStudy(database, id, save)).toMatchObject({ kind: 'saved' });
		expect([...(await picturesInStudies(database))]).toEqual(['shippedcloth']);
		await deleteStudy(database, id);
	});

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
		expect(await restoreStudy(database, id), 'what is not deleted is not brought back').toBe(false);
	});

	it('are forgotten thirty days after their deletion, not before', async () => {
		const recent = await createStudy(database, newStudy('Deleted lately', ''));
		const old = await createStudy(database, newStudy('Deleted long ago', ''));
		await deleteStudy(database, recent.id);
		await deleteStudy(database, old.id);
		await database.query("update study set deleted = now() - interval '29 days' where id = $1", [recent.id]);
		await database.query("update study set deleted = now() - interval '31 days' where id = $1", [old.id]);
		await forgetOld(database, new Date());
		expect(await restoreStudy(database, recent.id)).toBe(true);
		expect(await restoreStudy(database, old.id)).toBe(false);
	});

	it('are duplicated and renamed', async () => {
		const { id } = await createStudy(database, newStudy('Warp', ''));
		expect((await duplicateStudy(database, id))?.document.titleBlock.title).toBe('Warp, copy');
		expect(await renameStudy(database, id, 'Weft')).toBe(true);
		expect(await readStudy(database, id)).toMatchObject({ revision: 2, document: { titleBlock: { title: 'Weft' } } });
		expect(await renameStudy(database, 'nosuchstudy', 'Weft')).toBe(false);
		expect((await duplicateStudy(database, id, 'Tobin Reed'))?.document.titleBlock.maker).toBe('Tobin Reed');
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

	it('sorts by title without regard to case, or the last changed first', async () => {
		const { id } = await createStudy(database, newStudy('aardvark wool', ''));
		await createStudy(database, newStudy('Aachen cloth', ''));
		const byTitle = await titles({ sort: 'title' });
		expect(byTitle.indexOf('Aachen cloth')).toBeLessThan(byTitle.indexOf('aardvark wool'));
		await renameStudy(database, id, 'aardvark wool, washed');
		expect((await titles())[0]).toBe('aardvark wool, washed');
	});
});

describe('a long list', () => {
	/** Everything, helping by helping, as a person scrolls. */
	async function whole(long: Database, query: Pick<ListQuery, 'sort' | 'words'>): Promise<string[]> {
		const found: string[] = [];
		for (let after = ''; ;) {
			const { lines, next } = await listStudies(long, { of: 'studies', ...query, after });
			found.push(...lines.map(({ id }) => id));
			if (next === null) return found;
			expect(lines).toHaveLength(HELPING);
			after = next;
		}
	}

	it('of 2500 studies is reached to its end, each once and in order, by title and by time', async () => {
		const long = await emptyDatabase();
		// Ten of each title and of each moment, so that the order has to be decided by the id as well.
		await long.query(
			`insert into study (id, title, maker, course, words, plates, document, changed)
			select 'many' || lpad(i::text, 6, '0'), 'Warp ' || (i / 10), '', '', 'warp ' || i, 0, $1::jsonb, now() - make_interval(secs => i / 10)
			from generate_series(1, 2500) as i`,
			[JSON.stringify(newStudy('Warp', ''))]
		);
		const rows = await long.query('select id from study order by changed desc, id desc');
		expect(await whole(long, { sort: 'changed', words: '' })).toEqual(rows.map(({ id }) => id));
		const byTitle = await long.query('select id from study order by lower(title), id');
		expect(await whole(long, { sort: 'title', words: '' })).toEqual(byTitle.map(({ id }) => id));
		const found = await whole(long, { sort: 'changed', words: 'warp 77' });
		expect(new Set(found).size).toBe(found.length);
		// 77, 770 to 779, and 1770 to 1779 and their like do not begin with it but hold it: all with "warp 77" in their words.
		expect(found).toHaveLength(
			(await long.query("select 1 from study where words like '%warp%' and words like '%77%'")).length
		);
		await long.close();
	});

	it('refuses a place that it did not give', async () => {
		const nowhere = [
			'x',
			Buffer.from('["a"]').toString('base64url'),
			Buffer.from('["yesterday","a"]').toString('base64url')
		];
		for (const after of nowhere) await expect(list({ after })).rejects.toMatchObject({ status: 400 });
	});
});

describe('what cannot be read', () => {
	const bad = async (document: unknown): Promise<string> => {
		const { id } = await createStudy(database, newStudy('Spoilt', ''));
		await database.query('update study set document = $2::jsonb where id = $1', [id, JSON.stringify(document)]);
		return id;
	};

	it('says why, and can be taken out and deleted', async () => {
		const id = await bad({ plates: 'none' });
		await expect(readStudy(database, id)).rejects.toMatchObject({ status: 422, code: 'unreadable' });
		expect(JSON.parse((await readStudyText(database, id))!)).toEqual({ plates: 'none' });
		expect(await deleteStudy(database, id)).toBe(true);
	});

	it('never hides the others of a list', async () => {
		const { id } = await createStudy(database, newStudy('Sound', ''));
		await database.query(
			"insert into study (id, title, maker, course, words, plates, document) values ('BAD ID', 'Spoilt', '', '', '', 0, '{}')"
		);
		const { lines, unreadable } = await list();
		expect(lines.map((line) => line.id)).toContain(id);
		expect(unreadable).toEqual(['BAD ID']);
		await database.query("delete from study where id = 'BAD ID'");
	});

	it('but for colours beyond all measure, which are shown as the nearest there is, with a word', async () => {
		const document = newStudy('Extreme', '');
		document.linked[0]!.text = 'oklch(0.5 1e150 30)';
		document.linked[1]!.text = 'hsl(1e308turn 50% 50%)';
		const id = await bad(document);
		const study = (await readStudy(database, id))!;
		expect(study.brought).toEqual(['oklch(0.5 1e150 30)', 'hsl(1e308turn 50% 50%)']);
		// The nearest that a screen has to a colour of L 0.5 and hue 30 without end is still a red of that hue.
		const { l, h } = oklch(show(readColour(study.document.linked[0]!.text)).hex)!;
		expect(h).toBeCloseTo(30, -1);
		expect(l).toBeCloseTo(0.5, 1);
		// Saved as it is shown, it is a study like any other.
		await saveStudy(database, id, { revision: 1, saveId: 'save00000009', document: study.document });
		expect((await readStudy(database, id))!.brought).toBeUndefined();
	});
});

it('a study whose document is larger than what can be read in again is refused before anything is written', async () => {
	const { id, document } = await createStudy(database, newStudy('Large', ''));
	const plate = document.plates[0]!;
	const plates = Array.from({ length: 9000 }, () => plate);
	const save = { revision: 1, saveId: 'save00000010', document: { ...document, plates } };
	await expect(saveStudy(database, id, save)).rejects.toMatchObject({ status: 413 });
	expect(await readStudy(database, id)).toMatchObject({ revision: 1 });
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
	expect(await database.query('select name from migration')).toHaveLength(9);
});

it('the demo is filled once, keeps what people did with it, and can begin again', async () => {
	const demo = await emptyDatabase();
	const shown = async () => (await listStudies(demo, { of: 'studies', words: '', sort: 'changed', after: '' })).lines;
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
