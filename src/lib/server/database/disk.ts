import { open, statfs } from 'node:fs/promises';
import { type Database, type Queries } from './database';
import { OutOfSpace } from './failures';

/** Bytes that a folder's disk has left for this process. */
export async function freeSpace(folder: string): Promise<number> {
	const { bavail, bsize } = await statfs(folder);
	return bavail * bsize;
}

/** Has the names in a folder written to the disk, as `fsync` does what is in a file; some systems do that by themselves. */
export async function syncFolder(folder: string): Promise<void> {
	if (process.platform === 'win32') return;
	const handle = await open(folder);
	try {
		await handle.sync();
	} finally {
		await handle.close();
	}
}

const READS = /^\s*(?:select|show)\b/i;

/**
 * A database that refuses to write while less than `margin` bytes are free on its folder's disk: the embedded one, once it runs
 * out of space in the middle of a write, never answers again. Reading goes on, and writing too as soon as there is space.
 * @throws OutOfSpace from every statement that does not only read, and from every transaction.
 */
export function withMargin(database: Database, folder: string, margin: number): Database {
	async function check(): Promise<void> {
		const free = await freeSpace(folder);
		if (free < margin) throw new OutOfSpace(free, margin);
	}
	const query: Queries['query'] = async (sql, parameters) => {
		if (!READS.test(sql)) await check();
		return database.query(sql, parameters);
	};
	return {
		query,
		transaction: async (work) => {
			await check();
			return database.transaction(work);
		},
		close: () => database.close()
	};
}
