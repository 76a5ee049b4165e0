import { parentPort, workerData } from 'node:worker_threads';
import { type Queries } from './database';
import { openEmbedded } from './embedded';
import { failureOf } from './failures';
import { type Answer, type Complaint, type Opening, type Question } from './messages';

/**
 * The thread in which the embedded database runs: a long statement stops nobody else, and one that never ends can be noticed
 * from outside. Answers the questions of threaded.ts.
 */
const port = parentPort!;
const { folder } = workerData as { folder: string };

const complaintOf = (error: unknown): Complaint => {
	const { message, code } = failureOf(error);
	return { name: error instanceof Error ? error.name : 'DatabaseFailure', message, code };
};

/** A transaction under way: its statements, and how it is brought to its end. */
interface Running {
	readonly queries: Queries;
	readonly end: (keep: boolean) => Promise<void>;
}

const running = new Map<number, Running>();

/** Thrown inside a transaction to take it back. */
class TakenBack extends Error {}

async function serve(): Promise<void> {
	const database = await openEmbedded(folder);

	/** Begins a transaction, named by the question's number, that stays open until it is kept or taken back. */
	const begin = (number: number): Promise<void> =>
		new Promise((begun, failed) => {
			let decide: (keep: boolean) => void = () => undefined;
			const decided = new Promise<boolean>((done) => (decide = done));
			const whole = database.transaction(async (queries) => {
				const end = async (keep: boolean): Promise<void> => {
					running.delete(number);
					decide(keep);
					await whole.catch((error: unknown) => {
						if (!(error instanceof TakenBack)) throw error;
					});
				};
				running.set(number, { queries, end });
				begun();
				if (!(await decided)) throw new TakenBack();
			});
			whole.catch(failed);
		});

	async function answer(question: Question): Promise<Answer> {
		const { number } = question;
		if (question.ask === 'query') {
			const { transaction, sql, parameters } = question;
			const queries = transaction === null ? database : running.get(transaction)!.queries;
			return { number, rows: await queries.query(sql, parameters) };
		}
		if (question.ask === 'begin') await begin(number);
		if (question.ask === 'close') await database.close();
		if (question.ask === 'commit' || question.ask === 'rollback')
			await running.get(question.transaction)?.end(question.ask === 'commit');
		return { number, rows: [] };
	}

	port.on('message', (question: Question) => {
		void answer(question)
			.catch((error: unknown): Answer => ({ number: question.number, complaint: complaintOf(error) }))
			.then((reply) => port.postMessage(reply));
	});
	port.postMessage({ opened: true } satisfies Opening);
}

serve().catch((error: unknown) => port.postMessage({ opened: false, complaint: complaintOf(error) } satisfies Opening));
