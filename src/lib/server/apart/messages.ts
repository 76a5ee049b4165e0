import { type ProblemAnswer } from '$lib/study/requests';

/** What was made, or why it was not, as plain data. */
export type Made<T> = { readonly made: T } | { readonly refused: ProblemAnswer };

/** What is said to a process that works apart: a piece of work, or that a text it asked for is in its folder now, or is not to be had. */
export type ToProcess =
	{ readonly work: string; readonly content: unknown; readonly folder: string } | { readonly given: boolean };

/** What it says: which text it needs next, by its number, or how the work ended; `failed` is a stack for the log. */
export type FromProcess = { readonly needs: number } | Made<unknown> | { readonly failed: string };
