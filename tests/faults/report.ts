import { appendFileSync, mkdirSync } from 'node:fs';

/** How much more than in the tests is done: `npm run faults` says so. */
export const CAMPAIGN = Number(process.env.RICERCAR_CAMPAIGN ?? 1);

/** Notes what was done, how often, and what was lost, for the table of `npm run faults`. */
export function noteFault(done: string, times: number, lost: string): void {
	mkdirSync('.cache', { recursive: true });
	appendFileSync('.cache/faults.jsonl', `${JSON.stringify({ done, times, lost })}\n`);
}

/** Says why something cannot be tried on this machine, and skips it. */
export function cannot(skip: (reason: string) => never, what: string, error: unknown): never {
	const reason = `${what} cannot be tried here: ${error instanceof Error ? error.message.split('\n')[0] : String(error)}`;
	console.log(reason);
	return skip(reason);
}
