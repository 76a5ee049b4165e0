import { mkdir } from 'node:fs/promises';
import { PGlite } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { type Database, type Queries } from './database';
import { failureOf } from './failures';
import { migrate } from './migrate';
import { tidied } from './tidy';

/**
 * PGlite switches fsync off; a power cut is a fault too, so it is switched on again. The log is kept to 32 MB, the least that
 * PostgreSQL allows: nothing but our own checkpoints (tidy.ts) ever shortens it, because no other process runs beside it.
 */
const START = [
	...PGlite.defaultStartParams.filter((parameter) => parameter !== '-F'),
	...['-c', 'max_wal_size=32MB', '-c', 'min_wal_size=32MB']
];

/**
 * Opens the embedded database in a folder, or in memory without one, and brings its tables up to date. The folder must be locked
 * (lock.ts): the database itself does not notice a second process on it.
 * @throws DatabaseFailure where it cannot be opened; NewerDatabase where a newer version of Ricercar made it.
 */
export async function openEmbedded(folder: string | null): Promise<Database> {
	const pglite = await opened(folder);
	const database = tidied(wrap(pglite));
	await migrate(database);
	return database;
}

async function opened(folder: string | null): Promise<PGlite> {
	try {
		if (folder) await mkdir(folder, { recursive: true });
		return await PGlite.create({
			...(folder ? { dataDir: folder, startParams: START } : {}),
			extensions: { pg_trgm }
		});
	} catch (error) {
		throw failureOf(error);
	}
}

type Runner = { query<T>(sql: string, parameters?: unknown[]): Promise<{ rows: T[] }> };

function wrap(pglite: PGlite): Database {
	const queriesOf = (runner: Runner): Queries => ({
		query: async (sql, parameters = []) => {
			try {
				return (await runner.query<Record<string, unknown>>(sql, [...parameters])).rows;
			} catch (error) {
				throw failureOf(error);
			}
		}
	});
	return {
		...queriesOf(pglite),
		transaction: (work) => pglite.transaction((runner) => work(queriesOf(runner))),
		close: () => pglite.close()
	};
}
