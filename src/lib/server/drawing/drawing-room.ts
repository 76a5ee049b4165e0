import { Piscina } from 'piscina';
import { type Palette } from '$lib/model/palette';
import { type Envelope } from '$lib/study/handed/requests';
import { Refusal } from '../answer';
import { clearFolder, sendMade, workFolder } from '../apart/made-file';
import { type Made } from '../apart/messages';
import { ProcessLine, TAKEN_BACK, TOO_LONG, TOO_MUCH, type Give } from '../apart/process-line';
import { takeMade } from '../apart/refusing';
import { type HandedToPrint, type WorkName } from '../apart/work';
import { threadFile } from '../built';
import { Lane, type Job } from './lane';

/** Megabytes that the thread may take for what it draws; it is ended where that is not enough. */
const MEMORY = 128;
/** Seconds that one piece of its work may take. */
const TIME = 30;

/** Who asks, under which name the work can be asked after, and what takes it back. */
export interface Asking {
	readonly client: string;
	readonly name?: string;
	readonly signal?: AbortSignal;
}

const CROWDED = new Refusal(
	503,
	'too-much-waits',
	'Too much waits to be done.',
	'Wait until some of it is done, then ask again.'
);

const codeOf = (error: unknown): unknown => (error instanceof Error && 'code' in error ? error.code : null);

/** Work in which everybody has a turn, and that can be asked after by its name. */
class Turns {
	private readonly lane: Lane;
	/** What waits or is being done, by the name under which it is asked after. */
	private readonly named = new Map<string, Job>();

	/** @param abreast so many are done at once */
	constructor(abreast: number) {
		this.lane = new Lane({ abreast, ofClient: 40, ofAll: 400 });
	}

	/** Does a piece of work when it is its turn. @throws Refusal */
	async inTurn<T>({ client, name, signal }: Asking, work: () => Promise<T>): Promise<T> {
		if (signal?.aborted) throw TAKEN_BACK;
		return new Promise<T>((done, fail) => {
			const job: Job = { client, run: () => work().then(done, fail) };
			if (this.lane.add(job) !== null) return fail(CROWDED);
			if (name) this.named.set(name, job);
			signal?.addEventListener('abort', () => {
				this.lane.remove(job);
				fail(TAKEN_BACK);
			});
		}).finally(() => name && this.named.delete(name));
	}

	/** How many come before a named piece of work, 0 when it is being done; null where there is none of this name. */
	before(name: string): number | null {
		const job = this.named.get(name);
		if (!job) return null;
		const before = this.lane.before(job);
		return before === null ? 0 : before + 1;
	}
}

/** Handed to the thread so many at once: what is short should not wait for this thread between one and the next. */
const ABREAST = 8;
const quick = new Turns(ABREAST);
let pool: Piscina | null = null;

async function inThread<T>(work: string, content: unknown, signal?: AbortSignal): Promise<T> {
	const limit = AbortSignal.timeout(1000 * TIME);
	try {
		// The thread is made when it is first needed, and ends when it has had nothing to do for a minute.
		pool ??= new Piscina({
			filename: threadFile('draw-thread'),
			minThreads: 0,
			maxThreads: 1,
			concurrentTasksPerWorker: ABREAST,
			idleTimeout: 60_000,
			resourceLimits: { maxOldGenerationSizeMb: MEMORY, maxYoungGenerationSizeMb: 16 }
		});
		const signals = signal ? AbortSignal.any([signal, limit]) : limit;
		return takeMade((await pool.run(content, { name: work, signal: signals })) as Made<T>);
	} catch (error) {
		if (limit.aborted) throw TOO_LONG;
		if (signal?.aborted) throw TAKEN_BACK;
		if (codeOf(error) === 'ERR_WORKER_OUT_OF_MEMORY') throw TOO_MUCH;
		throw error;
	}
}

/** What may take long, in two processes: what is printed, and what is handed in, which waits for no print. */
const printing = { turns: new Turns(1), line: new ProcessLine(true) };
const reading = { turns: new Turns(1), line: new ProcessLine(false) };

interface Long {
	readonly work: WorkName;
	readonly content: unknown;
	readonly give?: Give;
}

/** A file that takes its time to be made, as the answer with it. @throws Refusal */
async function makeFile(work: Long, type: string, asking: Asking): Promise<Response> {
	const folder = await workFolder();
	try {
		takeMade(await printing.turns.inTurn(asking, () => printing.line.run<null>({ ...work, folder }, asking.signal)));
		return await sendMade(folder, type);
	} catch (error) {
		await clearFolder(folder);
		throw error;
	}
}

/** Plates as a PDF, out of the text of a print request. @throws Refusal */
export const print = (text: string, asking: Asking): Promise<Response> =>
	makeFile({ work: 'print', content: text }, 'application/pdf', asking);

/** Hand-ins as a PDF; each is given as the text of its file when it is its turn. @throws Refusal */
export const printHanded = (handed: HandedToPrint, give: Give, asking: Asking): Promise<Response> =>
	makeFile({ work: 'printHanded', content: handed, give }, 'application/pdf', asking);

/** A plate as PNG, out of the text of a picture request. @throws Refusal */
export const picture = (text: string, asking: Asking): Promise<Response> =>
	makeFile({ work: 'picture', content: text }, 'image/png', asking);

/** What the file of a hand-in says of itself. @throws Refusal for what is not one */
export async function readHanded(file: string, asking: Asking): Promise<Envelope> {
	const work = { work: 'readHanded', content: file, folder: '' };
	return takeMade(await reading.turns.inTurn(asking, () => reading.line.run<Envelope>(work, asking.signal)));
}

/** The first plate of a stored study as SVG, in colours only; null where it has none. @throws Refusal */
export const thumbnail = (text: string, asking: Asking): Promise<string | null> =>
	quick.inTurn(asking, () => inThread('thumbnail', text, asking.signal));

/** Palettes by how near one of their colours is to a colour. @throws Refusal */
export const nearest = (palettes: readonly Palette[], text: string, asking: Asking): Promise<Palette[]> =>
	quick.inTurn(asking, () => inThread('nearest', { palettes, text }, asking.signal));

/** How many prints and pictures come before a named one, itself included; 0 when it is being made, null where there is none. */
export const placeOf = (name: string): number | null => printing.turns.before(name);
