import { createHash } from 'node:crypto';
import { realpath, rm } from 'node:fs/promises';
import { connect, createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

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
 * Takes a folder for this process until it ends. The lock is a listening local socket named after the folder: the
 * operating system gives such a name to one process only and takes it back when the process dies, however it dies.
 * On Linux (abstract name) and Windows (pipe) nothing stays behind; elsewhere a dead socket file is cleared away.
 * Gives the function that lets go.
 */
export async function lockFolder(folder: string): Promise<() => Promise<void>> {
	const name = `ricercar-${createHash('sha256')
		.update(await realpath(folder))
		.digest('hex')
		.slice(0, 32)}`;
	const address = addressOf(name);
	const server = (await listen(address)) ?? ((await isDead(address)) ? await listen(address) : null);
	if (!server) throw new FolderInUse(folder);
	server.unref();
	return () => new Promise((done) => server.close(() => done()));
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
