import { z } from 'zod';
import { practiceResult, practiceSubject, SERIES, type PracticeResult } from '$lib/core/matching/practice';
import { scoreMatch } from '$lib/core/matching/score';
import { nextLevel, type Trial } from '$lib/core/matching/staircase';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { colourTextSchema } from '$lib/model/colour-text';
import { idSchema } from '$lib/model/ids';
import { MOST_SEED, STAGES, UNSET } from '../../match-state';

/** So many of the last trials decide where a series goes on. */
export const MOST_BEFORE = 60;

export const practiceSchema = z.strictObject({
	name: z.literal('practice'),
	stage: z.enum(STAGES),
	seed: z.int().min(0).max(MOST_SEED),
	/** Trials of earlier series, as far as they decide how hard this one is. */
	before: z.array(z.strictObject({ level: z.number().min(0.1).max(100), held: z.boolean() })).max(MOST_BEFORE),
	/** What was set for each subject so far, and for the one at hand; null while it is grey. */
	texts: z.array(colourTextSchema).max(SERIES),
	text: colourTextSchema.nullable(),
	/** The series that it was kept as, and when. */
	kept: z.strictObject({ id: idSchema, made: z.iso.datetime({ offset: true }) }).nullable()
});
export type Practice = z.infer<typeof practiceSchema>;

/** One subject of the series with what was set for it. */
export interface Practised {
	readonly target: Patch;
	readonly ground: Patch | null;
	readonly yours: Patch;
	/** ΔE00 under which it holds. */
	readonly limit: number;
	readonly result: PracticeResult;
	readonly words: string;
}

export interface MadePractice {
	readonly done: readonly Practised[];
	/** The subject at hand; null when all are done. */
	readonly now: {
		readonly target: Patch;
		readonly ground: Patch | null;
		readonly yours: Patch;
		readonly limit: number;
	} | null;
}

export function practised({ seed, before, texts, text }: Practice): MadePractice {
	const trials: Trial[] = [...before];
	const subjectAt = (round: number) => {
		const { colour, ground } = practiceSubject(seed, round);
		return { target: patchOf(colour), ground: ground && patchOf(ground) };
	};
	const done = texts.map((set, round): Practised => {
		const limit = nextLevel(trials);
		const { target, ground } = subjectAt(round);
		const yours = patchBy({ text: set }, []);
		const result = practiceResult(yours.linear, target.linear, limit);
		trials.push({ level: limit, held: result.difference < limit });
		return { target, ground, yours, limit, result, words: scoreMatch(yours.linear, target.linear).words };
	});
	if (texts.length === SERIES) return { done, now: null };
	const now = { ...subjectAt(texts.length), yours: patchBy({ text: text ?? UNSET }, []), limit: nextLevel(trials) };
	return { done, now };
}

/** The trials of a series, for the next one to go on from. */
export const trialsOf = ({ done }: MadePractice): Trial[] =>
	done.map(({ limit, result }) => ({ level: limit, held: result.difference < limit }));
