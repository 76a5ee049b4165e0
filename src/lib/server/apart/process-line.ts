import { fork, type ChildProcess } from 'node:child_process';
import { writeFile } from 'node:fs/promises';
import { setPriority } from 'node:os';
import { join } from 'node:path';
import { Refusal } from '../answer';
import { threadFile } from '../built';
import { type FromProcess, type Made, type ToProcess } from './messages';
import { residentMemory } from './resident';
import { GIVEN_FILE } from './work-files';

/** Megabytes that such a process may hold in all, and of them for what the engine itself keeps. */
const SHARE = 320;
const HEAP = 160;
/** Megabytes from which on a process is not kept for the next piece of work: engines seldom give back what they once had. */
const KEPT = 150;
/** Seconds that one piece of work may take, and how long a process waits for more before it ends. */
const TIME = 240;
const IDLE = 20;
/** Milliseconds between two looks at its memory: less than it takes to fill a share. */
const LOOK = 50;

export const TOO_LONG = new Refusal(
	503,
	'takes-too-long',
	'This takes too long.',
	`No work may take more than ${TIME} seconds. Take fewer plates or hand-ins at once.`
);
export const TOO_MUCH = new Refusal(
	503,
	'takes-too-much',
	'This takes too much memory.',
	'Take fewer plates or hand-ins at once, or smaller pictures.'
);
export const TAKEN_BACK = new Refusal(499, 'taken-back', 'This was taken back.', 'Ask again.');

/** Gives a text piece by piece; null where it is not to be had. */
export type Give = (number: number) => Promise<AsyncIterable<string> | null>;

/** A piece of work: its name and content, a folder for what it makes, and the texts that belong to it, each given when it is needed. */
export interface Work {
	readonly work: string;
	readonly content: unknown;
	readonly folder: string;
	readonly give?: Give;
}

/** Megabytes that a process holds, as far as the system tells. */
const held = ({ pid }: ChildProcess): number => (pid ? (residentMemory(pid) ?? 0) / 1_000_000 : 0);

/** Puts a text that is asked for into the folder of the work; says whether it was to be had. */
async function putInto(folder: string, number: number, give?: Give): Promise<boolean> {
	const pieces = await give?.(number);
	if (!pieces) return false;
	await writeFile(join(folder, GIVEN_FILE), pieces);
	return true;
}

/** One process that works apart, begun when it is needed and ended with what takes too much, too long, or is taken back. */
export class ProcessLine {
	private child: ChildProcess | null = null;
	private idle: NodeJS.Timeout | undefined;

	/** @param gives way to whoever reads and saves: for what nobody waits for with a page half open */
	constructor(private readonly givesWay: boolean) {}

	private begin(): ChildProcess {
		clearTimeout(this.idle);
		if (this.child) return this.child;
		const child = fork(threadFile('work-process'), [], {
			execArgv: [`--max-old-space-size=${HEAP}`, '--max-semi-space-size=8', '--expose-gc'],
			// One arena for the system's own memory: many of them give back late what they no longer need.
			env: { ...process.env, MALLOC_ARENA_MAX: '1', VIPS_CONCURRENCY: '1', UV_THREADPOOL_SIZE: '1' },
			serialization: 'advanced',
			stdio: ['ignore', 'ignore', 'ignore', 'ipc']
		});
		child.once('exit', () => {
			if (this.child === child) this.child = null;
		});
		child.unref();
		child.channel?.unref();
		if (child.pid && this.givesWay) setPriority(child.pid, 5);
		return (this.child = child);
	}

	private end(child: ChildProcess): void {
		if (this.child === child) this.child = null;
		child.kill('SIGKILL');
	}

	/** Does one piece of work; the next may be asked for when it has settled. @throws Refusal */
	run<T>({ give, ...work }: Work, signal?: AbortSignal): Promise<Made<T>> {
		const child = this.begin();
		return new Promise<Made<T>>((done, fail) => {
			const over = (settle: () => void, ends: boolean): void => {
				clearInterval(watch);
				clearTimeout(limit);
				signal?.removeEventListener('abort', taken);
				child.off('message', hear).off('exit', gone).off('error', gone);
				if (ends || held(child) > KEPT) this.end(child);
				else {
					this.idle = setTimeout(() => this.end(child), 1000 * IDLE);
					this.idle.unref();
				}
				settle();
			};
			const taken = (): void => over(() => fail(TAKEN_BACK), true);
			// Ended by the engine where its own memory was not enough.
			const gone = (): void => over(() => fail(TOO_MUCH), true);
			const send = (message: ToProcess): void => void child.send(message, (error) => error && gone());
			const hear = (message: FromProcess): void => {
				if ('needs' in message) {
					putInto(work.folder, message.needs, give).then(
						(given) => this.child === child && send({ given }),
						(error: unknown) => over(() => fail(error instanceof Error ? error : new Error(String(error))), true)
					);
				} else if ('failed' in message) over(() => fail(new Error(`Work apart failed: ${message.failed}`)), false);
				else over(() => done(message as Made<T>), false);
			};
			const watch = setInterval(() => {
				if (held(child) > SHARE) over(() => fail(TOO_MUCH), true);
			}, LOOK);
			const limit = setTimeout(() => over(() => fail(TOO_LONG), true), 1000 * TIME);
			signal?.addEventListener('abort', taken);
			child.on('message', hear).once('exit', gone).once('error', gone);
			send(work);
		});
	}
}
