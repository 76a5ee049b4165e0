import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type PaletteContent, type PaletteQuery } from '$lib/model/palette';
import { type Database } from '../database/database';
import { forgetOld } from '../database/set-aside';
import { emptyDemo, fillDemo } from '../demo';
import {
	createPalette,
	deletePalette,
	duplicatePalette,
	listPalettes,
	placePalette,
	readPalette,
	restorePalette,
	savePalette,
	type SortByNearness
} from './repository';
import { byNearness } from './nearness';
import { emptyDatabase } from '../../../../tests/support/begun-embedded';

const sorted: SortByNearness = (palettes, text) => Promise.resolve(byNearness(palettes, text));

let database: Database;
beforeAll(async () => {
	database = await emptyDatabase();
});
afterAll(() => database.close());

const palette = (name: string, change: Partial<PaletteContent> = {}): PaletteContent => ({
	name,
	maker: '',
	tags: [],
	colours: [{ name: 'Madder', text: '#b3392b' }],
	...change
});
const list = (query: Partial<PaletteQuery> = {}) =>
	listPalettes(database, { words: '', tag: '', near: '', most: 100, ...query }, sorted);
const names = async (query: Partial<PaletteQuery> = {}) => (await list(query)).palettes.map(({ name }) => name);

describe('palettes in the database', () => {
	it('come back as they were kept, the newest first, and keep the order that they are given', async () => {
		const [a, b, c] = [
			await createPalette(database, palette('A')),
			await createPalette(database, palette('B', { colours: [] })),
			await createPalette(database, palette('C'))
		];
		expect(await readPalette(database, a.id)).toEqual({ ...palette('A'), id: a.id, revision: 1 });
		expect(await names()).toEqual(['C', 'B', 'A']);
		expect(await placePalette(database, a.id, b.id)).toBe(true);
		expect(await names()).toEqual(['C', 'A', 'B']);
		expect(await placePalette(database, c.id, null)).toBe(true);
		expect(await names()).toEqual(['A', 'B', 'C']);
		await placePalette(database, b.id, b.id);
		expect(await names()).toEqual(['A', 'B', 'C']);
		expect(await placePalette(database, 'nosuchpalette', null)).toBe(false);
		expect(await placePalette(database, a.id, 'nosuchpalette')).toBe(false);
	});

	it('are saved over the revision that was named, and over no other', async () => {
		const { id } = await createPalette(database, palette('Dips'));
		const saved = await savePalette(database, id, 1, palette('Seven dips'));
		expect(saved).toMatchObject({ kind: 'saved', palette: { revision: 2, name: 'Seven dips' } });
		expect(await savePalette(database, id, 1, palette('Eight dips'))).toEqual({ kind: 'stale' });
		expect(await savePalette(database, 'nosuchpalette', 1, palette('None'))).toEqual({ kind: 'missing' });
	});

	it('are found by words of their name, maker, tags and colours, and by a tag', async () => {
		await createPalette(
			database,
			palette('Fog', { maker: 'Perpetua Lynd', tags: ['quiet'], colours: [{ name: 'Wet 100% sand', text: '#b5a894' }] })
		);
		expect(await names({ words: 'LYND sand' })).toEqual(['Fog']);
		expect(await names({ words: '100%' })).toEqual(['Fog']);
		expect(await names({ words: 'lynd nothing' })).toEqual([]);
		expect(await names({ tag: 'quiet' })).toEqual(['Fog']);
		expect(await names({ tag: 'qui' })).toEqual([]);
		expect((await list()).tags).toEqual(['quiet']);
		expect(await list({ most: 2 })).toMatchObject({ more: true, palettes: { length: 2 } });
	});

	it('are duplicated, deleted and brought back; forgotten after thirty days', async () => {
		const { id } = await createPalette(database, palette('Warp'));
		expect(await duplicatePalette(database, id)).toMatchObject({ name: 'Warp, copy', revision: 1 });
		expect(await deletePalette(database, id)).toBe(true);
		expect(await deletePalette(database, id)).toBe(false);
		expect(await names()).not.toContain('Warp');
		expect(await restorePalette(database, id)).toBe(true);
		expect(await names()).toContain('Warp');
		await deletePalette(database, id);
		await forgetOld(database, new Date());
		expect(await restorePalette(database, id)).toBe(true);
		await deletePalette(database, id);
		await database.query("update palette set deleted = now() - interval '31 days' where id = $1", [id]);
		await forgetOld(database, new Date());
		expect(await restorePalette(database, id)).toBe(false);
		expect(await duplicatePalette(database, id)).toBeNull();
	});

	it('of the demo are there in the order of their files, and begin again with it', async () => {
		const demo = await emptyDatabase();
		const shown = async () =>
			(await listPalettes(demo, { words: '', tag: '', near: '', most: 50 }, sorted)).palettes.map(({ name }) => name);
		await fillDemo(demo, 'demo');
		const first = await shown();
		expect(first.length).toBeGreaterThanOrEqual(5);
		expect(first[0]).toBe('Saltmarsh dye garden');
		await emptyDemo(demo);
		await fillDemo(demo, 'demo');
		expect(await shown()).toEqual(first);
		await demo.close();
	});
});

describe('a palette that cannot be read', () => {
	it('never hides the others, and can be deleted', async () => {
		const sound = await createPalette(database, palette('Sound'));
		const spoilt = await createPalette(database, palette('Spoilt'));
		await database.query('update palette set content = $2::jsonb where id = $1', [spoilt.id, '{"name": 4}']);
		const { palettes, unreadable } = await list();
		expect(palettes.map(({ id }) => id)).toContain(sound.id);
		expect(unreadable).toEqual([spoilt.id]);
		expect(await list({ near: '#b3392b' })).toMatchObject({ unreadable: [spoilt.id] });
		expect(await deletePalette(database, spoilt.id)).toBe(true);
		expect((await list()).unreadable).toEqual([]);
	});

	it('but for a colour beyond all measure, which is read as the nearest there is', async () => {
		const { id } = await createPalette(database, palette('Extreme'));
		const content = palette('Extreme', { colours: [{ name: 'Far', text: 'lab(50 1e200 0)' }] });
		await database.query('update palette set content = $2::jsonb where id = $1', [id, JSON.stringify(content)]);
		expect((await readPalette(database, id))!.colours).toEqual([{ name: 'Far', text: 'lab(50 100000 0)' }]);
	});
});
