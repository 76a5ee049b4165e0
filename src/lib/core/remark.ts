/** What a reading comes to, in words: it holds, or it wants a look; with the action that would mend it, if one would. */
export interface Remark {
	readonly verdict: 'holds' | 'look';
	readonly words: string;
	readonly mend: 'even-out' | null;
}

/** A remark that nothing mends at once. */
export const remark = (verdict: Remark['verdict'], words: string): Remark => ({ verdict, words, mend: null });

export const holds = (words: string): Remark => remark('holds', words);
export const look = (words: string, mend: Remark['mend'] = null): Remark => ({ ...remark('look', words), mend });
