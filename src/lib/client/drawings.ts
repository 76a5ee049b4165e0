import { proxy, wrap, type Remote } from 'comlink';
import { type Drawing } from '$lib/drawing/drawing';
import { type ReadDrawing } from '$lib/svg-in/read-drawing';
import { type DrawingWork } from '$lib/workers/drawings';

interface Apart {
	readonly worker: Worker;
	readonly work: Remote<DrawingWork>;
}

function begun(): Apart {
	const worker = new Worker(new URL('../workers/drawings.ts', import.meta.url), { type: 'module' });
	return { worker, work: wrap<DrawingWork>(worker) };
}

/** Whoever waits longer than this would rather have a simpler drawing. */
const LONGEST = 30_000;

/** What tells how far a drawing is read, and takes it back. */
export interface Reading {
	readonly signal: AbortSignal;
	readonly onshape: (done: number, of: number) => void;
}

/**
 * Reads an SVG file as a drawing to be filled, in a thread of its own that ends with it.
 * @throws Error whose message says to people what was wrong and what would be right; DOMException where it was taken back.
 */
export async function readDrawingApart(file: string, { signal, onshape }: Reading): Promise<ReadDrawing> {
	const { worker, work } = begun();
	const ended = new Promise<never>((_, fail) => {
		const end = () => fail(new DOMException('Taken back.', 'AbortError'));
		signal.addEventListener('abort', end, { once: true });
		setTimeout(() => fail(new Error('The drawing takes too long to read. Expected: a simpler drawing.')), LONGEST);
		worker.addEventListener('error', () => fail(new Error('The drawing could not be read.')), { once: true });
	});
	try {
		const answer = await Promise.race([work.read(file, proxy(onshape)), ended]);
		if ('message' in answer) throw new Error(`${answer.message} Expected: ${answer.expected}.`);
		return answer.drawing;
	} finally {
		worker.terminate();
	}
}

/**
 * A drawing as files have it: the cells of designs joined into few outlines, which takes its time where there are thousands.
 * @throws Error whose message says to people that it could not be done.
 */
export async function takenAwayApart(drawing: Drawing): Promise<Drawing> {
	if (!drawing.shapes.some((shape) => shape.kind === 'mosaic' && shape.taken)) return drawing;
	const { worker, work } = begun();
	const failed = new Promise<never>((_, fail) => {
		const end = () => fail(new Error('The outlines could not be joined. Try again, or take it away as cells.'));
		worker.addEventListener('error', end, { once: true });
	});
	try {
		return await Promise.race([work.takenAway(drawing), failed]);
	} finally {
		worker.terminate();
	}
}
