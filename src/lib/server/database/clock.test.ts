import { afterAll, beforeAll, expect, it } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { emptyDatabase } from '../../../../tests/support/begun-embedded';
import { createStudy, deleteStudy, restoreStudy } from '../studies/repository';
import { clockIsBelieved } from './clock';
import { type Database } from './database';
import { forgetOld } from './set-aside';

let database: Database;
beforeAll(async () => {
	database = await emptyDatabase();
});
afterAll(() => database.close());

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

it('a clock that jumps ahead is believed when it has stood so for a day, and nothing is forgotten before', async () => {
	const { id } = await createStudy(database, newStudy('Deleted yesterday', ''));
	await deleteStudy(database, id);
	const today = Date.now();
	const start = async (ms: number): Promise<boolean> => {
		const now = new Date(today + ms);
		const believed = await clockIsBelieved(database, now);
		if (believed) await forgetOld(database, now);
		return believed;
	};
	const isThere = async (): Promise<boolean> => {
		const back = await restoreStudy(database, id);
		if (back) await deleteStudy(database, id);
		return back;
	};
	expect(await start(0)).toBe(true);
	// A year ahead, for some hours, whatever is saved meanwhile; then it is set right.
	expect(await start(365 * DAY)).toBe(false);
	await createStudy(database, newStudy('Made meanwhile', ''));
	expect(await start(365 * DAY + 20 * HOUR)).toBe(false);
	expect(await start(2 * HOUR)).toBe(true);
	expect(await isThere()).toBe(true);
	// The same again, and then another year: each jump has its own day.
	expect([await start(400 * DAY), await start(800 * DAY), await start(800 * DAY + 23 * HOUR)]).toEqual([
		false,
		false,
		false
	]);
	expect(await isThere()).toBe(true);
	// A summer without anybody.
	expect(await start(800 * DAY + 25 * HOUR)).toBe(true);
	expect(await isThere()).toBe(false);
});
