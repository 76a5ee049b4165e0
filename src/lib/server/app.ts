import { resolve } from 'node:path';
import { type Database } from './database/database';
import { openEmbedded } from './database/embedded';
import { FolderInUse } from './database/lock';
import { forgetOld } from './database/set-aside';
import { emptyDemo, fillDemo } from './demo';
import { databaseFolder, isDemo, isFreshDemo } from './settings';

let opened: Database | null = null;

/** The database of this server. Only there once `start` is through. */
export function database(): Database {
	if (!opened) throw new Error('The database is not open yet.');
	return opened;
}

/** Opens everything the server needs. Where that cannot be, says why in one line and ends the process. */
export async function start(): Promise<void> {
	const folder = databaseFolder();
	try {
		opened = await openEmbedded(folder);
		if (isFreshDemo()) await emptyDemo(opened);
		if (isDemo()) await fillDemo(opened, resolve('demo'));
		await forgetOld(opened);
	} catch (error) {
		const reason =
			error instanceof FolderInUse ? error.message : `The database in ${folder} could not be opened: ${String(error)}`;
		console.error(reason);
		process.exit(1);
	}
	// Sent by the server once it takes no more requests (SIGTERM, SIGINT).
	process.once('sveltekit:shutdown', () => void stop());
}

async function stop(): Promise<void> {
	await opened?.close();
	opened = null;
	process.exit(0);
}
