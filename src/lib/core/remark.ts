import { type SentenceKey } from './sentence-keys';

/** What would mend what a remark finds fault with; each is a button where the remark stands. */
export const MENDS = ['even-out', 'use-purest', 'as-interval', 'as-tones', 'through-neutral'] as const;
export type Mend = (typeof MENDS)[number];

/** A sentence about colours, with the key under which tests know by what to judge it. */
export interface Sentence {
	readonly key: SentenceKey;
	readonly words: string;
}

/** What a reading comes to, in words: it holds, or it wants a look; with the action that would mend it, if one would. */
export interface Remark extends Sentence {
	readonly verdict: 'holds' | 'look';
	readonly mend: Mend | null;
}

/** A remark that holds, or else wants a look. */
export const said = (key: SentenceKey, good: boolean, words: string): Remark =>
	good ? holds(key, words) : look(key, words);

export const holds = (key: SentenceKey, words: string): Remark => ({ key, verdict: 'holds', words, mend: null });
export const look = (key: SentenceKey, words: string, mend: Mend | null = null): Remark => ({
	key,
	verdict: 'look',
	words,
	mend
});
