import { mkdir, readdir, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { type Database, type Queries } from './database';
import { syncFolder } from './disk';
import { DurableFiles, syncAll } from './durable-files';
import { failureOf } from './failures';
import { LOCK_FILE } from './file-lock';
import { migrate } from './migrate';
import { tidied } from './tidy';

/**
 * PGlite switches fsync off, and asks for it in a way that its file layer answers without doing it (`fdatasync`): a power cut is a
 * fault too, so both are set again, and DurableFiles does it. The log is kept to 32 MB, the least that PostgreSQL allows: nothing
 * but our own checkpoints (tidy.ts) ever shortens it, because no other process runs beside it. What is read again the system
 * keeps in memory anyway: a cache of the database's own beside it made the server 150 MB larger and nothing faster.
 */
const START = [
	...PGlite.defaultStartParams.filter((parameter) => parameter !== '-F'),
	...['-c', 'wal_sync_method=fsync', '-c', 'shared_buffers=16MB'],
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

/** Stands in a folder while a new database is made in it. */
const MAKING = 'ricercar.making';

/** A new database that was cut off while it was made is made again: nothing was ever answered out of it. */
async function clearHalfMade(folder: string): Promise<boolean> {
	const entries = await readdir(folder);
	const half = entries.includes(MAKING);
	if (half)
		for (const entry of entries)
			if (entry !== LOCK_FILE && entry !== MAKING) await rm(join(folder, entry), { recursive: true });
	return half || !entries.includes('PG_VERSION');
}

async function opened(folder: string | null): Promise<PGlite> {
	const extensions = { pg_trgm };
	try {
		if (!folder) return await PGlite.create({ extensions });
		await mkdir(folder, { recursive: true });
		const isNew = await clearHalfMade(folder);
		if (isNew) {
			await writeFile(join(folder, MAKING), '', { flush: true });
			await syncFolder(folder);
		}
		const pglite = await PGlite.create({ fs: new DurableFiles(folder), startParams: START, extensions });
		if (isNew) {
			// What makes a new one syncs nothing.
			await pglite.exec('checkpoint');
			syncAll(folder);
			await rm(join(folder, MAKING));
			await syncFolder(folder);
		}
		return pglite;
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
