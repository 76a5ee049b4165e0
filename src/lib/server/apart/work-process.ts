import '$lib/model/without-eval';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type FromProcess, type Made, type ToProcess } from './messages';
import { WORK, type Apart, type WorkName } from './work';
import { GIVEN_FILE } from './work-files';

/**
 * The process in which work is done that may take much memory: it can be ended without ending the server. One piece of work at a
 * time; process-line.ts is the other end.
 */
const say = (message: FromProcess): void => void process.send?.(message);

let take: (given: boolean) => void = () => undefined;

/** Asks for one of the texts that belong to the work, which is put into its folder. */
async function need(folder: string, number: number): Promise<string | null> {
	const given = await new Promise<boolean>((done) => {
		take = done;
		say({ needs: number });
	});
	return given ? readFileSync(join(folder, GIVEN_FILE), 'utf8') : null;
}

async function doWork({ work, content, folder }: Extract<ToProcess, { work: string }>): Promise<void> {
	const does = WORK[work as WorkName] as (content: unknown, apart: Apart) => Promise<Made<unknown>>;
	say(await does(content, { folder, need: (number) => need(folder, number) }));
}

process.on('message', (message: ToProcess) => {
	if ('given' in message) return take(message.given);
	doWork(message).catch((error: unknown) =>
		say({ failed: error instanceof Error ? (error.stack ?? error.message) : 'It gave no reason.' })
	);
});
// With the server that it works for.
process.on('disconnect', () => process.exit());
