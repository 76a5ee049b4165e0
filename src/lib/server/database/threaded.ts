import { Worker } from 'node:worker_threads';
import { type Database, type Queries, type Row } from './database';
import { DatabaseFailure, ENDED } from './failures';
import { type Answer, type Complaint, type Opening, type Question } from './messages';

const errorOf = ({ name, message, code }: Complaint): Error =>
	name === 'NewerDatabase' ? new Error(message) : new DatabaseFailure(message, code);

type Unnumbered<Q> = Q extends { readonly number: number } ? Omit<Q, 'number'> : never;

interface Waiting {
	readonly take: (rows: Row[]) => void;
	readonly fail: (error: Error) => void;
}

/** Seconds without any sign of life after which the database is given up. No statement of ours takes a tenth of it. */
export const PATIENCE = 20;

/** Questions to the database's thread and their answers. */
class Line {
	private readonly waiting = new Map<number, Waiting>();
	private last = 0;
	private broken: Error | null = null;

	constructor(private readonly worker: Worker) {
		worker.on('message', (answer: Answer) => this.take(answer));
		worker.on('error', (error) => this.break(new DatabaseFailure(error.message, ENDED)));
		worker.on('exit', () => this.break(new DatabaseFailure('The database has ended.', ENDED)));
	}

	/** Asks; `number` names the question, and the transaction that it begins. */
	ask(question: Unnumbered<Question>): { number: number; answer: Promise<Row[]> } {
		const number = ++this.last;
		const answer = new Promise<Row[]>((take, fail) => {
			if (this.broken) return fail(this.broken);
			this.waiting.set(number, { take, fail });
			this.worker.postMessage({ ...question, number } as Question);
		});
		return { number, answer };
	}

	private take(answer: Answer): void {
		const waiting = this.waiting.get(answer.number);
		this.waiting.delete(answer.number);
		if ('rows' in answer) waiting?.take(answer.rows);
		else waiting?.fail(errorOf(answer.complaint));
	}

	private break(error: Error): void {
		this.broken ??= error;
		for (const { fail } of this.waiting.values()) fail(this.broken);
		this.waiting.clear();
	}
}

/** Waits until the thread says that its database is open. */
function opening(worker: Worker): Promise<void> {
	return new Promise((open, fail) => {
		worker.once('message', (first: Opening) => (first.opened ? open() : fail(errorOf(first.complaint))));
		worker.once('error', fail);
		worker.once('exit', () => fail(new DatabaseFailure('The database ended while it was being opened.', null)));
	});
}

/**
 * Calls once the database has shown no sign of life for so many seconds. Counted in turns of this thread's own clock, so that a
 * machine that slept, or a thread that was busy itself, blames nobody.
 */
function watch(line: Line, patience: number, onsilent: () => void): () => void {
	let silent = 0;
	let asked = false;
	const timer = setInterval(() => {
		if (asked && ++silent === patience) onsilent();
		if (asked) return;
		asked = true;
		line.ask({ ask: 'ping' }).answer.then(
			() => {
				asked = false;
				silent = 0;
			},
			// A database that ended says so to whoever asks next; here it only stays silent.
			() => undefined
		);
	}, 1000);
	timer.unref();
	return () => clearInterval(timer);
}

export interface ThreadOptions {
	/** The built thread: database-thread.js. */
	readonly file: string;
	readonly folder: string;
	/** Seconds. */
	readonly patience?: number;
	/** Called once when the database no longer answers: nothing more can be read or written. */
	readonly onsilent: () => void;
}

/**
 * The embedded database in a thread of its own, as a database like any other.
 * @throws DatabaseFailure where it cannot be opened.
 */
export async function openThreaded({ file, folder, patience = PATIENCE, onsilent }: ThreadOptions): Promise<Database> {
	const worker = new Worker(file, { workerData: { folder } });
	await opening(worker);
	const line = new Line(worker);
	const unwatch = watch(line, patience, onsilent);
	const queriesOf = (transaction: number | null): Queries => ({
		query: (sql, parameters = []) => line.ask({ ask: 'query', transaction, sql, parameters }).answer
	});
	return {
		...queriesOf(null),
		transaction: async (work) => {
			const { number: transaction, answer } = line.ask({ ask: 'begin' });
			await answer;
			try {
				const result = await work(queriesOf(transaction));
				await line.ask({ ask: 'commit', transaction }).answer;
				return result;
			} catch (error) {
				await line.ask({ ask: 'rollback', transaction }).answer.catch(() => undefined);
				throw error;
			}
		},
		close: async () => {
			unwatch();
			await line.ask({ ask: 'close' }).answer;
			await worker.terminate();
		}
	};
}
