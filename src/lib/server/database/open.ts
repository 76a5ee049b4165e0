import { access, constants, mkdir, readdir } from 'node:fs/promises';
import { threadFile } from '../built';
import { type Database } from './database';
import { freeSpace, withMargin } from './disk';
import { OutOfSpace } from './failures';
import { lockFolder } from './lock';
import { openThreaded } from './threaded';

export interface OpenOptions {
	readonly folder: string;
	/** Bytes that must stay free on the disk for anything to be written. */
	readonly margin: number;
	/** Called when the database no longer answers. */
	readonly onsilent: () => void;
	/** Told in one line what whoever runs the server should know. */
	readonly say: (line: string) => void;
}

/** Nothing can be written where the database is, or is to be. */
export class ReadOnlyFolder extends Error {
	override readonly name = 'ReadOnlyFolder';

	constructor(folder: string, reason: string) {
		super(
			`The folder ${folder} cannot be written to (${reason}). Let this user write there, or set RICERCAR_DATA to another folder.`
		);
	}
}

/** By what a system says that a folder is read-only, or not this user's. */
const REASONS: Readonly<Record<string, string>> = {
	EROFS: 'its file system is read-only',
	EACCES: 'this user may not write there',
	EPERM: 'this user may not write there'
};

async function checkWritable(folder: string): Promise<void> {
	try {
		await mkdir(folder, { recursive: true });
		await access(folder, constants.W_OK);
	} catch (error) {
		const reason = error instanceof Error && 'code' in error ? REASONS[String(error.code)] : undefined;
		throw reason ? new ReadOnlyFolder(folder, reason) : error;
	}
}

/**
 * Opens the database in a folder for this process alone, in a thread of its own, guarded against a full disk.
 * @throws FolderInUse, OutOfSpace where there is no room for a new one, DatabaseFailure
 */
export async function openDatabase({ folder, margin, onsilent, say }: OpenOptions): Promise<Database> {
	await checkWritable(folder);
	const unlock = await lockFolder(folder, say);
	try {
		const isNew = !(await readdir(folder)).includes('PG_VERSION');
		const free = await freeSpace(folder);
		// What a new one takes, beside what is to stay free.
		if (isNew && free < 2 * margin) throw new OutOfSpace(free, 2 * margin);
		const threaded = await openThreaded({ file: threadFile('database-thread'), folder, onsilent });
		await looked(threaded);
		const guarded = withMargin(threaded, folder, margin);
		return {
			...guarded,
			close: async () => {
				await guarded.close();
				await unlock();
			}
		};
	} catch (error) {
		await unlock();
		throw error;
	}
}

/** A first look into every table, so that damage is said at the start and not to whoever comes first. */
async function looked(database: Database): Promise<void> {
	for (const table of ['study', 'palette', 'measure', 'fact']) await database.query(`select count(*) from ${table}`);
}
