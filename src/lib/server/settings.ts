import { homedir } from 'node:os';
import { join, resolve } from 'node:path';

/** Where the system keeps what programs store for a person. */
function personalFolder(): string {
	if (process.platform === 'win32') return process.env.APPDATA ?? join(homedir(), 'AppData', 'Roaming');
	if (process.platform === 'darwin') return join(homedir(), 'Library', 'Application Support');
	return process.env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share');
}

/**
 * Whether this run shows the made-up demo studies, and whether it begins them again (`fresh`). They live in a folder of
 * their own, beside a person's work, which beginning again never touches.
 */
export const isDemo = (): boolean => ['yes', 'fresh'].includes(process.env.RICERCAR_DEMO ?? '');
export const isFreshDemo = (): boolean => process.env.RICERCAR_DEMO === 'fresh';

/** The folder of the database: `own` or `demo` inside RICERCAR_DATA, or inside the system's place for such things. */
export function databaseFolder(): string {
	const base = process.env.RICERCAR_DATA ?? join(personalFolder(), 'ricercar');
	return resolve(base, isDemo() ? 'demo' : 'own');
}

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]', '::1']);

/** Whether a request to this Host header may be answered: on loopback only under a loopback name. */
export function isExpectedHost(host: string | null): boolean {
	if (!LOOPBACK.has(process.env.HOST ?? '127.0.0.1')) return true;
	return host !== null && LOOPBACK.has(host.replace(/:\d+$/, ''));
}
