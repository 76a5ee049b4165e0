import { cp, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { type Database } from '../../src/lib/server/database/database';
import { openEmbedded } from '../../src/lib/server/database/embedded';
import { openThreaded } from '../../src/lib/server/database/threaded';

const BEGUN = '.cache/begun-embedded';

/** Begins an empty database, once for a whole run: making one takes seconds, copying one takes none. */
export async function beginEmbedded(): Promise<void> {
	await rm(BEGUN, { recursive: true, force: true });
	const file = resolve('.cache/built/threads/database-thread.js');
	const database = await openThreaded({ file, folder: BEGUN, onsilent: () => undefined });
	await database.close();
}

/** An empty database of a test's own, which goes with it. */
export async function emptyDatabase(): Promise<Database> {
	const folder = await mkdtemp(join(tmpdir(), 'ricercar-unit-'));
	await cp(BEGUN, folder, { recursive: true });
	const database = await openEmbedded(folder);
	return {
		...database,
		close: async () => {
			await database.close();
			await rm(folder, { recursive: true });
		}
	};
}
