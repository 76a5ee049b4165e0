import { Piscina } from 'piscina';
import { type Palette } from '$lib/model/palette';
import { Refusal } from '../answer';
import { threadFile } from '../built';
import { Lane, type Job } from './lane';
import { type HandedToPrint } from './draw-thread';
import { type Made } from './made';

/** Megabytes that a thread may take for what it draws; it is ended where that is not enough. */
const MEMORY = 256;
/** Seconds that one piece of work may take. */
const TIME = 120;

/** Who asks, under which name the work can be asked after, and what takes it back. */
export interface Asking {
	readonly client: string;
	readonly name?: string;
	readonly signal?: AbortSignal;
}

const CROWDED = new Refusal(
	503,
	'too-much-waits',
	'Too much waits to be drawn.',
	'Wait until some of it is done, then ask again.'
);
const TOO_LONG = new Refusal(
	503,
	'takes-too-long',
	'This takes too long to draw.',
	`No drawing may take more than ${TIME} seconds. Take fewer plates at once.`
);
const TOO_MUCH = new Refusal(
	503,
	'takes-too-much',
	'This takes too much memory to draw.',
	'Take fewer plates at once, or a smaller picture.'
);
const TAKEN_BACK = new Refusal(499, 'taken-back', 'This was taken back.', 'Ask again.');

const codeOf = (error: unknown): unknown => (error instanceof Error && 'code' in error ? error.code : null);

/** Threads that draw, and the lane in which work waits for them. */
class Threads {
	private pool: Piscina | null = null;
	private readonly lane: Lane;
	/** What waits or is being done, by the name under which it is asked after. */
	private readonly named = new Map<string, Job>();

	/** @param abreast so many are handed to the thread at once: what is short should not wait for this thread between one and the next */
	constructor(private readonly abreast: number) {
		this.lane = new Lane({ abreast, ofClient: 40, ofAll: 400 });
	}

	/** Does a piece of work when it is its turn. @throws Refusal */
	async run<T>(work: string, content: unknown, { client, name, signal }: Asking): Promise<T> {
		if (signal?.aborted) throw TAKEN_BACK;
		const given = await new Promise<Made<T>>((done, fail) => {
			const job: Job = { client, run: () => this.begin<T>(work, content, signal).then(done, fail) };
			if (this.lane.add(job) !== null) return fail(CROWDED);
			if (name) this.named.set(name, job);
			signal?.addEventListener('abort', () => {
				this.lane.remove(job);
				fail(TAKEN_BACK);
			});
		}).finally(() => name && this.named.delete(name));
		if ('made' in given) return given.made;
		const { status, code, title, detail } = given.refused;
		throw new Refusal(status, code, title, detail);
	}

	/** How many come before a named piece of work, 0 when it is being done; null where there is none of this name. */
	before(name: string): number | null {
		const job = this.named.get(name);
		if (!job) return null;
		const before = this.lane.before(job);
		return before === null ? 0 : before + 1;
	}

	private async begin<T>(work: string, content: unknown, signal: AbortSignal | undefined): Promise<Made<T>> {
		const limit = AbortSignal.timeout(1000 * TIME);
		try {
			// The thread is made when it is first needed, and ends when it has had nothing to do for five minutes.
			this.pool ??= new Piscina({
				filename: threadFile('draw-thread'),
				minThreads: 0,
				maxThreads: 1,
				concurrentTasksPerWorker: this.abreast,
				idleTimeout: 300_000,
				resourceLimits: { maxOldGenerationSizeMb: MEMORY, maxYoungGenerationSizeMb: 16 }
			});
			return (await this.pool.run(content, {
				name: work,
				signal: signal ? AbortSignal.any([signal, limit]) : limit
			})) as Made<T>;
		} catch (error) {
			if (limit.aborted) throw TOO_LONG;
			if (signal?.aborted) throw TAKEN_BACK;
			if (codeOf(error) === 'ERR_WORKER_OUT_OF_MEMORY') throw TOO_MUCH;
			throw error;
		}
	}
}

/** What is short, which nobody should wait for behind a print; and what may take long. */
const quick = new Threads(8);
const slow = new Threads(1);

/** Plates as a PDF, out of the text of a print request. @throws Refusal */
export const print = (text: string, asking: Asking): Promise<Uint8Array<ArrayBuffer>> =>
	slow.run('print', text, asking);

/** Hand-ins as a PDF, out of the texts of their files. @throws Refusal */
export const printHanded = (handed: HandedToPrint, asking: Asking): Promise<Uint8Array<ArrayBuffer>> =>
	slow.run('printHanded', handed, asking);

/** A plate as PNG, out of the text of a picture request. @throws Refusal */
export const picture = (text: string, asking: Asking): Promise<Uint8Array<ArrayBuffer>> =>
	slow.run('picture', text, asking);

/** The first plate of a stored study as SVG, in colours only; null where it has none. @throws Refusal */
export const thumbnail = (text: string, asking: Asking): Promise<string | null> => quick.run('thumbnail', text, asking);

/** Palettes by how near one of their colours is to a colour. @throws Refusal */
export const nearest = (palettes: readonly Palette[], text: string, asking: Asking): Promise<Palette[]> =>
	quick.run('nearest', { palettes, text }, asking);

/** How many prints and pictures come before a named one, itself included; 0 when it is being made, null where there is none. */
export const placeOf = (name: string): number | null => slow.before(name);
