import { wrap, type Remote } from 'comlink';
import { Problem } from '$lib/core/problem';
import { type ReadOfWall, type SheetWanted, type WallWork } from '$lib/workers/wall';

/** A hand-in that was read, with what the wall sorts it by. */
export type Hung = Extract<ReadOfWall, { handIn: unknown }>;

const read = (answer: ReadOfWall): Hung => {
	if ('handIn' in answer) return answer;
	if (answer.expected === '') throw new Error(answer.message);
	throw new Problem('file', answer.message, answer.expected);
};

/** The wall of one brief, whose hand-ins are read, kept and painted in a thread of its own. */
export class Wall {
	private readonly worker = new Worker(new URL('../workers/wall.ts', import.meta.url), { type: 'module' });
	private readonly work: Remote<WallWork> = wrap<WallWork>(this.worker);
	/** Where the thread itself breaks, what was asked of it would never be answered. */
	private readonly broken = new Promise<never>((_, fail) =>
		this.worker.addEventListener('error', () => fail(new Error('The wall cannot be read now. Load the page again.')))
	);

	constructor() {
		// Whoever asks is told; nobody may have asked yet.
		this.broken.catch(() => undefined);
	}

	private answer<T>(asked: Promise<T>): Promise<T> {
		return Promise.race([asked, this.broken]);
	}

	/** Reads the file of a hand-in; it is kept, or let go of, by its id. @throws Problem, Error in words */
	async readFile(text: string): Promise<Hung> {
		return read(await this.answer<ReadOfWall>(this.work.readFile(text)));
	}

	/** Reads a hand-in that is kept here. @throws Problem, Error in words */
	async load(id: string): Promise<Hung> {
		return read(await this.answer<ReadOfWall>(this.work.load(id)));
	}

	/** Says whether it is new here. @throws Error in words */
	keep(id: string): Promise<boolean> {
		return this.answer(this.work.keep(id));
	}

	drop(id: string): Promise<void> {
		return this.answer(this.work.drop(id));
	}

	/** A sheet as it is seen; null where there is no such plate. */
	paint(wanted: SheetWanted): Promise<ImageBitmap | null> {
		return this.answer(this.work.paint(wanted));
	}

	close(): void {
		this.worker.terminate();
	}
}
