import { isIP } from 'node:net';
import { homedir, hostname } from 'node:os';
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

const baseFolder = (): string => process.env.RICERCAR_DATA ?? join(personalFolder(), 'ricercar');
const whose = (): string => (isDemo() ? 'demo' : 'own');

/** The folder of the database: `own` or `demo` inside RICERCAR_DATA, or inside the system's place for such things. */
export const databaseFolder = (): string => resolve(baseFolder(), whose());

/** The folder of the pictures that people brought, beside that of the database. */
export const pictureFolder = (): string => resolve(baseFolder(), `${whose()}-pictures`);

/** PostgreSQL's log needs 32 MB; as much again is kept for what is written before it is shortened. */
const USUAL_MARGIN = 64;

/** Bytes that must stay free on the database's disk for anything to be written: RICERCAR_MARGIN, in MB. */
export function diskMargin(): number {
	const set = Number(process.env.RICERCAR_MARGIN ?? USUAL_MARGIN);
	return (Number.isFinite(set) && set >= 0 ? set : USUAL_MARGIN) * 1_000_000;
}

/** Names and addresses by which a machine calls itself: all of 127.0.0.0/8 is loopback (RFC 1122). */
const isLoopback = (name: string): boolean =>
	name === 'localhost' || /^127(?:\.\d{1,3}){3}$/.test(name) || name === '::1';

/** The name in a Host header, or in HOST: in small letters, without port, brackets and the dot of the root. Null where it is none. */
function nameIn(host: string): string | null {
	const found = /^(?:\[([0-9a-f:.]+)\]|([^\s:/?#@[\]]+))(?::\d{1,5})?$/.exec(host.trim().toLowerCase());
	return found ? (found[1] ?? found[2]!).replace(/\.$/, '') : null;
}

/** What this machine is called in its own network, by name service and by multicast DNS (RFC 6762: ".local"). */
function ownNames(): string[] {
	const whole = hostname().toLowerCase();
	const short = whole.split('.')[0]!;
	return [whole, short, `${short}.local`];
}

/** Further names under which this server is asked: RICERCAR_HOSTS, with commas or spaces between, and that of ORIGIN. */
function givenNames(): string[] {
	const { RICERCAR_HOSTS: hosts = '', ORIGIN: origin = '' } = process.env;
	const names = hosts.split(/[\s,]+/).flatMap((name) => nameIn(name) ?? []);
	return URL.canParse(origin) ? [...names, nameIn(new URL(origin).host) ?? ''] : names;
}

/**
 * Whether a request to this Host header may be answered. A page elsewhere can have a name of its own point to this server, and would
 * then be taken for one of ours (DNS rebinding); it has no such power over addresses, over names of this machine, and over those
 * that whoever runs the server gives. On loopback only loopback's own names are answered, and those that are given.
 */
export function isExpectedHost(host: string | null): boolean {
	const name = host === null ? null : nameIn(host);
	if (!name) return false;
	if (isLoopback(name) || givenNames().includes(name)) return true;
	if (isLoopback(nameIn(process.env.HOST ?? '127.0.0.1') ?? process.env.HOST ?? '')) return false;
	return isIP(name) !== 0 || ownNames().includes(name);
}

/** The origin that our own pages have at this Host: we speak plain HTTP, unless ORIGIN says what stands in front of us. */
export const ownOrigin = (host: string | null): string => process.env.ORIGIN ?? `http://${host ?? ''}`;
