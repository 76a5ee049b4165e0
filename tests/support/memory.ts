import { readdirSync, readFileSync } from 'node:fs';

const PAGE = 4096;

function residentOf(pid: number): number {
	try {
		return (PAGE * Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1])) / 1_000_000;
	} catch {
		// It has just ended.
		return 0;
	}
}

/** A process's children, whichever of its threads began them. */
function childrenOf(pid: number): number[] {
	try {
		return readdirSync(`/proc/${pid}/task`).flatMap((task) =>
			readFileSync(`/proc/${pid}/task/${task}/children`, 'utf8').split(' ').filter(Boolean).map(Number)
		);
	} catch {
		return [];
	}
}

/** Megabytes that a process and those that it began hold (Linux's /proc, proc(5)). */
export const heldBy = (pid: number): number =>
	residentOf(pid) + childrenOf(pid).reduce((sum, child) => sum + heldBy(child), 0);
