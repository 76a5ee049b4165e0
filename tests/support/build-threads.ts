import { build } from 'vite';
import { beginEmbedded } from './begun-embedded';

/** Builds the server's threads for the tests, into a folder of their own, and has one of them begin a database. */
export default async function setup(): Promise<void> {
	process.env.RICERCAR_BUILT = '.cache/built';
	await build({ configFile: 'vite.server.config.ts', logLevel: 'error' });
	await beginEmbedded();
}
