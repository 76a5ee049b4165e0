import { cp, rm } from 'node:fs/promises';
import { newFolder, started, stopped } from './server';

/** Where the run keeps databases that were begun: making a new one takes seconds, copying one takes none. */
const BEGUN = '.cache/begun';

/** Begins a database for people's own work and one with the demo, once for a whole run. */
export default async function begin(): Promise<void> {
	await rm(BEGUN, { recursive: true, force: true });
	const servers = await Promise.all([started(BEGUN), started(BEGUN, { RICERCAR_DEMO: 'fresh' })]);
	await Promise.all(servers.map((server) => stopped(server, 'SIGTERM')));
}

/** A new folder with both databases in it, as a server left them that was ended. */
export async function begunFolder(): Promise<string> {
	const folder = await newFolder();
	await cp(BEGUN, folder, { recursive: true });
	return folder;
}
