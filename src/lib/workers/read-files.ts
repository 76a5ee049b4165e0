import '../model/without-eval';
import { readColours } from '../core/format/any-file';
import { type FoundColours } from '../core/format/any-text';
import { Problem } from '../core/problem';
import { readAnyOurs, type Ours } from '$lib/study/read-ours';

/** What is asked: the colours of a text, or what a file of ours holds. */
export interface ReadQuestion {
	readonly number: number;
	readonly what: 'colours' | 'ours';
	readonly text: string;
}

export type ReadAnswer =
	| { readonly number: number; readonly found: FoundColours }
	| { readonly number: number; readonly ours: Ours }
	/** Refused, with what was expected; or it failed in a way that nobody foresaw. */
	| { readonly number: number; readonly message: string; readonly expected: string };

function answerTo({ number, what, text }: ReadQuestion): ReadAnswer {
	try {
		return what === 'colours' ? { number, found: readColours(text) } : { number, ours: readAnyOurs(text) };
	} catch (error) {
		if (error instanceof Problem) return { number, message: error.message, expected: error.expected };
		return { number, message: 'It could not be read.', expected: 'a text with colours in it' };
	}
}

addEventListener('message', ({ data }: MessageEvent<ReadQuestion>) => postMessage(answerTo(data)));
