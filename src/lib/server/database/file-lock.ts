import { spawn } from 'node:child_process';
import { join } from 'node:path';

/** What `flock` answers when somebody else holds the file (its -E). */
const HELD = 75;
/** A process that was killed lets go of its lock a moment later, when its keeper has noticed. */
const TRIES = 20;
const PAUSE = 100;

/** Taken (with the way to let go), held by somebody else, or not to be had on this system. */
export type FileLock = (() => Promise<void>) | 'held' | 'none';

/**
 * Locks a file inside the folder by the operating system: seen by every process that reaches the same folder, through bind mounts
 * and from other network namespaces too. Node has no such lock of its own, so a child, util-linux's `flock`, holds it and ends
 * with the pipe from this process, however this one ends.
 */
export async function lockFile(folder: string): Promise<FileLock> {
	for (let tries = 1; ; tries++) {
		const lock = await tryLock(join(folder, 'ricercar.lock'));
		if (lock !== 'held' || tries === TRIES) return lock;
		await new Promise((done) => setTimeout(done, PAUSE));
	}
}

function tryLock(file: string): Promise<FileLock> {
	return new Promise((done) => {
		// In a session of its own: Ctrl C in a terminal is for the server, which closes its database first.
		const keeper = spawn('flock', ['-n', '-E', String(HELD), file, 'sh', '-c', 'echo held; exec cat >/dev/null'], {
			stdio: ['pipe', 'pipe', 'ignore'],
			detached: true
		});
		keeper.once('error', () => done('none'));
		keeper.once('exit', (code) => done(code === HELD ? 'held' : 'none'));
		keeper.stdin.on('error', () => undefined);
		keeper.stdout.once('data', () => {
			for (const part of [keeper, keeper.stdin, keeper.stdout]) if ('unref' in part) (part.unref as () => void)();
			done(
				() =>
					new Promise((free) => {
						keeper.once('exit', () => free());
						keeper.ref();
						keeper.stdin.end();
					})
			);
		});
	});
}
