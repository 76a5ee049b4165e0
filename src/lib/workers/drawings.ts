import { expose } from 'comlink';
import { Problem } from '$lib/core/problem';
import { type Drawing } from '$lib/drawing/drawing';
import { takenAway } from '$lib/drawing/taken-away';
import { readDrawing, type ReadDrawing } from '$lib/svg-in/read-drawing';

export type DrawingAnswer = { readonly drawing: ReadDrawing } | { readonly message: string; readonly expected: string };

/** What takes its time with drawings, apart from the page, which goes on answering. */
export class DrawingWork {
	/** Reads an SVG file as regions; what is wrong with it is an answer, too. */
	read(file: string, onshape: (done: number, of: number) => void): DrawingAnswer {
		let told = 0;
		try {
			const drawing = readDrawing(file, (done, of) => {
				if (performance.now() - told < 150) return;
				told = performance.now();
				onshape(done, of);
			});
			return { drawing };
		} catch (error) {
			if (error instanceof Problem) return { message: error.message, expected: error.expected };
			return { message: 'The drawing could not be read.', expected: 'a simpler drawing' };
		}
	}

	/** A drawing as files have it, its cells joined. */
	takenAway(drawing: Drawing): Drawing {
		return takenAway(drawing);
	}
}

expose(new DrawingWork());
