import { mkdir } from 'node:fs/promises';
import { PGlite } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { type Database, type Queries } from './database';
import { lockFolder } from './lock';
import { migrate } from './migrate';

/** PGlite switches fsync off; a power cut is a fault too, so it is switched on again. The log is kept small. */
const START = [...PGlite.defaultStartParams.filter((parameter) => parameter !== '-F'), '-c', 'max_wal_size=128MB'];

/**
 * Opens the embedded database in a folder, or in memory without one, and brings its tables up to date.
 * @throws FolderInUse when another server holds the folder.
 */
export async function openEmbedded(folder: string | null): Promise<Database> {
	if (folder) await mkdir(folder, { recursive: true });
	const release = folder ? await lockFolder(folder) : async () => {};
	try {
		const pglite = await PGlite.create({
			...(folder ? { dataDir: folder, startParams: START } : {}),
			extensions: { pg_trgm }
		});
		const database = wrap(pglite, release);
		await migrate(database);
		return database;
	} catch (error) {
		await release();
		throw error;
	}
}

type Runner = { query<T>(sql: string, parameters?: unknown[]): Promise<{ rows: T[] }> };

function wrap(pglite: PGlite, release: () => Promise<void>): Database {
	const queriesOf = (runner: Runner): Queries => ({
		query: async (sql, parameters = []) => (await runner.query<Record<string, unknown>>(sql, [...parameters])).rows
	});
	return {
		...queriesOf(pglite),
		transaction: (work) => pglite.transaction((runner) => work(queriesOf(runner))),
		close: async () => {
			await pglite.close();
			await release();
		}
	};
}
