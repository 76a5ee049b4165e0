import { type ProblemAnswer } from '$lib/study/requests';

/** What a thread made, or why it did not, as plain data. */
export type Made<T> = { readonly made: T } | { readonly refused: ProblemAnswer };
