import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Database } from '../database/database';
import { forgetOld } from '../database/set-aside';
import { createMeasure, deleteMeasure, listMeasures, restoreMeasure } from './repository';
import { emptyDatabase } from '../../../../tests/support/begun-embedded';

let database: Database;
beforeAll(async () => {
	database = await emptyDatabase();
});
afterAll(() => database.close());

/** Matches of somebody for whom grounds do nothing: every twin is its figure. */
const still = ['#202020', '#e0e0e0', '#b3392b', '#2f5f86'].map((ground) => ({
	figure: '#90887a',
	ground,
	twin: '#90887a'
}));
/** Twins lighter on dark grounds and darker on light ones. */
const contrasted = still.map((match, i) => ({ ...match, twin: i % 2 === 0 ? '#9a9284' : '#867e70' }));

describe('measures of one’s own contrast in the database', () => {
	it('keep what the matches come to, the newest first; set aside, brought back, forgotten after thirty days', async () => {
		const first = await createMeasure(database, still);
		expect(first.p).toBeCloseTo(0, 2);
		expect(first).toMatchObject({ matches: 4 });
		expect(new Date(first.made).getTime()).toBeLessThanOrEqual(Date.now() + 1000);
		await database.query("update measure set made = now() - interval '1 day' where id = $1", [first.id]);
		const second = await createMeasure(database, contrasted);
		expect(second.p).toBeLessThan(-0.02);
		expect((await listMeasures(database)).map(({ id }) => id)).toEqual([second.id, first.id]);
		expect(await deleteMeasure(database, second.id)).toBe(true);
		expect(await deleteMeasure(database, second.id)).toBe(false);
		expect((await listMeasures(database)).map(({ id }) => id)).toEqual([first.id]);
		expect(await restoreMeasure(database, second.id)).toBe(true);
		expect(await restoreMeasure(database, 'nosuchmeasure')).toBe(false);
		await deleteMeasure(database, first.id);
		await database.query("update measure set deleted = now() - interval '31 days' where id = $1", [first.id]);
		await forgetOld(database);
		expect(await restoreMeasure(database, first.id)).toBe(false);
	});

	it('of matches that say the most are kept within what can be read again, and a bad row hides no other', async () => {
		// A twin that is black on every light ground and white on every dark one: more contrast than any eye has.
		const extreme = ['#000000', '#ffffff', '#101010', '#f0f0f0'].map((ground, i) => ({
			figure: '#777777',
			ground,
			twin: i % 2 === 0 ? '#ffffff' : '#000000'
		}));
		const most = await createMeasure(database, extreme);
		expect(Math.abs(most.p)).toBeLessThanOrEqual(1);
		const least = await createMeasure(
			database,
			extreme.map((match, i) => ({ ...match, twin: i % 2 === 0 ? '#000000' : '#ffffff' }))
		);
		expect(Math.abs(least.p)).toBeLessThanOrEqual(1);
		await database.query("insert into measure (id, p, spread, matches) values ('spoilt000001', 1.03, 0, '[]'::jsonb)");
		const ids = (await listMeasures(database)).map(({ id }) => id);
		expect(ids).toEqual(expect.arrayContaining([most.id, least.id]));
		expect(ids).not.toContain('spoilt000001');
	});
});
