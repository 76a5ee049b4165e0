import { type Queries } from './database';

/** The tables whose rows are set aside before they are forgotten: each has an `id`, and the time when it was `deleted`. */
const TABLES = ['study', 'palette', 'measure', 'hand_in'] as const;
type Table = (typeof TABLES)[number];

async function found(queries: Queries, sql: string, id: string): Promise<boolean> {
	return (await queries.query(sql, [id])).length > 0;
}

/** Sets a row aside; `bringBack` takes that back. False where there was none to set aside. */
export const setAside = (queries: Queries, table: Table, id: string): Promise<boolean> =>
	found(queries, `update ${table} set deleted = now() where id = $1 and deleted is null returning id`, id);

/** False where none of this id was set aside. */
export const bringBack = (queries: Queries, table: Table, id: string): Promise<boolean> =>
	found(queries, `update ${table} set deleted = null where id = $1 and deleted is not null returning id`, id);

/** Forgets all that was set aside more than thirty days before this time. */
export async function forgetOld(queries: Queries, now: Date): Promise<void> {
	for (const table of TABLES)
		await queries.query(`delete from ${table} where deleted < $1::timestamptz - interval '30 days'`, [
			now.toISOString()
		]);
}
