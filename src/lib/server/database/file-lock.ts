import { spawnSync } from 'node:child_process';
import { closeSync, openSync } from 'node:fs';
import { join } from 'node:path';

/** What `flock` answers when somebody else holds the file (its -E). */
const HELD = 75;
/** A process that was killed is gone a moment later. */
const TRIES = 20;
const PAUSE = 100;

/** The file in the folder that is locked. */
export const LOCK_FILE = 'ricercar.lock';

/** Taken (with the way to let go), held by somebody else, or not to be had on this system. */
export type FileLock = (() => void) | 'held' | 'none';

/**
 * Locks a file inside the folder by the operating system: seen by every process that reaches the same folder, through bind mounts
 * and from other network namespaces too. Node has no such lock of its own, so util-linux's `flock` takes it on a descriptor of this
 * process and ends: flock(2) locks belong to the open file, so it holds as long as this process has it open, and no longer.
 */
export async function lockFile(folder: string): Promise<FileLock> {
	for (let tries = 1; ; tries++) {
		const lock = tryLock(join(folder, LOCK_FILE));
		if (lock !== 'held' || tries === TRIES) return lock;
		await new Promise((done) => setTimeout(done, PAUSE));
	}
}

/** The number that the descriptor has in `flock`. */
const THERE = 3;

function tryLock(file: string): FileLock {
	const own = openSync(file, 'a');
	const { status } = spawnSync('flock', ['-n', '-E', String(HELD), String(THERE)], {
		stdio: ['ignore', 'ignore', 'ignore', own]
	});
	if (status === 0) return () => closeSync(own);
	closeSync(own);
	return status === HELD ? 'held' : 'none';
}
