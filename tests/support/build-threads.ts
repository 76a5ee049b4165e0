import { build } from 'vite';

/** Builds the server's threads for the tests, into a folder of their own. */
export default async function setup(): Promise<void> {
	process.env.RICERCAR_BUILT = '.cache/built';
	await build({ configFile: 'vite.server.config.ts', logLevel: 'error' });
}
