import { createHash } from 'node:crypto';
import { realpath, rm } from 'node:fs/promises';
import { connect, createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { lockFile } from './file-lock';

/** The embedded database does not notice a second process on its folder and would lose rows, so we do. */
export class FolderInUse extends Error {
	override readonly name = 'FolderInUse';

	constructor(folder: string) {
		super(
			`Another Ricercar server already uses ${folder}. Stop it first, or set RICERCAR_DATA to another folder for this one.`
		);
	}
}

/**
 * Takes a folder for this process until it ends, however it ends, by two locks. The file's (file-lock.ts) is seen by all who reach
 * the folder; the socket's, a name that the system gives to one process only, by those on this machine in the same network
 * namespace, on systems without `flock` too. Gives the function that lets go.
 * @param say is told in one line where only the socket could be had
 * @throws FolderInUse
 */
export async function lockFolder(
	folder: string,
	say: (line: string) => void = () => undefined
): Promise<() => Promise<void>> {
	const socket = await lockSocket(folder);
	const file = await lockFile(folder);
	if (file === 'held') {
		await socket();
		throw new FolderInUse(folder);
	}
	if (file === 'none')
		say(
			`There is no flock on this system: keep containers and other machines away from ${folder} yourself while this server runs.`
		);
	return async () => {
		if (file !== 'none') file();
		await socket();
	};
}

/**
 * A listening local socket named after the folder. On Linux (abstract name) and Windows (pipe) nothing stays behind; elsewhere a
 * dead socket file is cleared away.
 */
async function lockSocket(folder: string): Promise<() => Promise<void>> {
	const name = `ricercar-${createHash('sha256')
		.update(await realpath(folder))
		.digest('hex')
		.slice(0, 32)}`;
	const address = addressOf(name);
	const server = await listenSoon(address);
	if (!server) throw new FolderInUse(folder);
	server.unref();
	return () => new Promise((done) => server.close(() => done()));
}

const TRIES = 6;
const PAUSE = 50;

/**
 * A name that was just let go can be held a moment longer: a process that is being begun has copies of all that this one had open,
 * until it runs.
 */
async function listenSoon(address: string): Promise<Server | null> {
	for (let i = 0; i < TRIES; i++) {
		const server = (await listen(address)) ?? ((await isDead(address)) ? await listen(address) : null);
		if (server) return server;
		await setTimeout(PAUSE);
	}
	return null;
}

function addressOf(name: string): string {
	if (process.platform === 'linux') return `\0${name}`;
	return process.platform === 'win32' ? `\\\\.\\pipe\\${name}` : join(tmpdir(), `${name}.sock`);
}

function listen(address: string): Promise<Server | null> {
	return new Promise((done, fail) => {
		const server = createServer((socket) => socket.destroy());
		server.once('error', (error: NodeJS.ErrnoException) => (error.code === 'EADDRINUSE' ? done(null) : fail(error)));
		server.listen(address, () => done(server));
	});
}

/** Clears a socket file that nobody listens on any more. */
async function isDead(address: string): Promise<boolean> {
	if (process.platform === 'linux' || process.platform === 'win32') return false;
	const answered = await new Promise<boolean>((done) => {
		const socket = connect(address, () => {
			socket.destroy();
			done(true);
		});
		socket.once('error', () => done(false));
	});
	if (!answered) await rm(address, { force: true });
	return !answered;
}
