import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtemp } from 'node:fs/promises';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A built server of a test's own, on a folder and a port of its own. */
export interface OwnServer {
	readonly url: string;
	readonly child: ChildProcess;
	/** What it wrote to its error output. */
	readonly complaints: () => string;
	/** Waits for its end and gives the exit code, null after a kill. */
	readonly ended: Promise<number | null>;
}

export const newFolder = (): Promise<string> => mkdtemp(join(tmpdir(), 'ricercar-own-'));

/** A port that nobody listens on: another run on this machine, or what an ended one left, does not get in the way. */
export function freePort(): Promise<number> {
	return new Promise((found, failed) => {
		const probe = createServer().once('error', failed);
		probe.listen(0, '127.0.0.1', () => {
			const { port } = probe.address() as AddressInfo;
			probe.close(() => found(port));
		});
	});
}

const children = new Set<ChildProcess>();
// A test that fails or is broken off leaves no server behind.
process.on('exit', () => children.forEach((child) => child.kill('SIGKILL')));

/** Starts a server without waiting for it. */
export async function launch(folder: string, settings: Readonly<Record<string, string>> = {}): Promise<OwnServer> {
	const port = Number(settings.PORT ?? (await freePort()));
	const env = {
		...process.env,
		HOST: '127.0.0.1',
		RICERCAR_DATA: folder,
		RICERCAR_DEMO: '',
		SHUTDOWN_TIMEOUT: '5',
		...settings,
		PORT: String(port)
	};
	const child = spawn(process.execPath, [process.env.RICERCAR_SERVER ?? 'build/index.js'], {
		env,
		stdio: ['ignore', 'ignore', 'pipe']
	});
	let complaints = '';
	child.stderr?.on('data', (text) => (complaints += String(text)));
	children.add(child);
	const ended = new Promise<number | null>((done) =>
		child.on('exit', (code) => {
			children.delete(child);
			done(code);
		})
	);
	return { url: `http://${env.HOST}:${port}`, child, complaints: () => complaints, ended };
}

/** Starts a server and waits until it answers. */
export async function started(folder: string, settings: Readonly<Record<string, string>> = {}): Promise<OwnServer> {
	const server = await launch(folder, settings);
	for (let tries = 0; tries < 150; tries++) {
		if (server.child.exitCode !== null) throw new Error(`The server ended: ${server.complaints()}`);
		const answers = await fetch(`${server.url}/api/studies`).then(
			({ ok }) => ok,
			() => false
		);
		if (answers) return server;
		await new Promise((done) => setTimeout(done, 200));
	}
	throw new Error('The server did not answer within 30 seconds.');
}

export async function stopped(server: OwnServer, signal: NodeJS.Signals): Promise<number | null> {
	server.child.kill(signal);
	return server.ended;
}
