import { readFileSync } from 'node:fs';

/** What Linux calls a page of memory, in bytes, on all that Node.js runs on but a few. */
const PAGE = 4096;

/**
 * Bytes of memory that a process holds, by Linux's /proc (proc(5), statm: the second number is the resident set in pages); null where
 * there is no such thing, or no such process any more.
 */
export function residentMemory(pid: number): number | null {
	try {
		const [, pages] = readFileSync(`/proc/${pid}/statm`, 'latin1').split(' ');
		return PAGE * Number(pages);
	} catch {
		return null;
	}
}
