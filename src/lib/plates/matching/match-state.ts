import { z } from 'zod';
import { mixPaint } from '$lib/core/mix/paint';
import { colourTextSchema } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { CHECKS_APART, decided, WORK, type DecisionFields } from '../decision';
import { MOST_PAINTS, type MatchingCommon } from './common';

/** The subject is being put together; it is being matched, and all that tells is put away; or an attempt is looked at. */
export const STAGES = ['arrange', 'eye', 'checked'] as const;
export type Stage = (typeof STAGES)[number];
/** Colours are set by eye in the mixer, or mixed of a few paints. */
export const WAYS = ['eye', 'paint'] as const;
export type Way = (typeof WAYS)[number];

export const MOST_REGIONS = 6;
export const MOST_ATTEMPTS = 40;
export const MOST_PARTS = 16;
export const MOST_SEED = 999_999;
/** A limit that can be asked for, ΔE00. */
export const LIMITS = { least: 0.5, most: 30, usual: 3 } as const;
/** Until it is set, a region is this grey. */
export const UNSET = '#8a8a8a';

/** What was set for each region; null where it was left grey. */
const textsSchema = z.array(colourTextSchema.nullable()).max(MOST_REGIONS);
const partsSchema = z.array(z.array(z.number().min(0).max(MOST_PARTS)).max(MOST_PAINTS)).max(MOST_REGIONS);

/** One go at a subject. */
const attemptSchema = z.strictObject({
	texts: textsSchema,
	way: z.enum(WAYS),
	/** What was true of each region then: a linked colour of the subject may be turned afterwards. */
	truths: z.array(colourTextSchema).max(MOST_REGIONS).optional()
});
export type Attempt = z.infer<typeof attemptSchema>;

/** What every subject that is matched has in its settings. */
export const matchShape = {
	stage: z.enum(STAGES),
	way: z.enum(WAYS),
	/** What it was drawn by, where it was. */
	seed: z.int().min(0).max(MOST_SEED),
	texts: textsSchema,
	/** Of each region, the parts of each paint. */
	parts: partsSchema,
	/** Every region of an attempt shall be under so many ΔE00, where that is asked. */
	limit: z.number().min(LIMITS.least).max(LIMITS.most).nullable(),
	attempts: z.array(attemptSchema).max(MOST_ATTEMPTS),
	/** Which attempt is looked at, from 0. */
	shown: z
		.int()
		.min(0)
		.max(MOST_ATTEMPTS - 1)
};
export type MatchState = z.infer<z.ZodObject<typeof matchShape>>;

/** What of it is decided for whoever matches the subject. */
export const MATCH_DECISIONS: DecisionFields<MatchState> = {
	stage: WORK,
	way: decided('way', 'whether it is set by eye or mixed of paints'),
	seed: decided('subject', 'the subject that was drawn'),
	texts: WORK,
	parts: WORK,
	limit: CHECKS_APART,
	attempts: WORK,
	shown: WORK
};

/** Nothing is set yet. */
export const unmatched = (seed: number): Omit<MatchState, 'limit'> => ({
	stage: 'eye',
	way: 'eye',
	seed,
	texts: [],
	parts: [],
	attempts: [],
	shown: 0
});

/** The same subject, or another one, with the work on it begun anew; how it is matched stays. */
export const fromGrey = <S extends MatchState>(state: S, seed = state.seed): S => ({
	...state,
	...unmatched(seed),
	way: state.way
});

/** The same, where only what is asked has changed: a subject that is being put together goes on being so. */
export const renewed = <S extends MatchState>(state: S, seed = state.seed): S => ({
	...fromGrey(state, seed),
	stage: state.stage === 'arrange' ? 'arrange' : 'eye'
});

export const nextSeed = (seed: number): number => (seed + 1) % (MOST_SEED + 1);

/** What parts of the paints come to; null where none are taken. */
export function mixedOf(
	parts: readonly number[],
	{ paints }: MatchingCommon,
	linked: readonly LinkedColour[]
): Patch | null {
	const taken = paints.flatMap((paint, i) => {
		const weight = parts[i] ?? 0;
		return weight > 0 ? [{ linear: patchBy(paint, linked).linear, weight }] : [];
	});
	return taken.length > 0 ? patchOf(mixPaint(taken)) : null;
}

/** What is set for a region now; null while it is grey. */
export function setNow(
	common: MatchingCommon,
	{ way, texts, parts }: MatchState,
	index: number,
	linked: readonly LinkedColour[]
): Patch | null {
	if (way === 'paint') return mixedOf(parts[index] ?? [], common, linked);
	const text = texts[index] ?? null;
	return text === null ? null : patchBy({ text }, []);
}

/** The attempt that is looked at; null where none was made. */
export const shownAttempt = ({ attempts, shown }: MatchState): Attempt | null =>
	attempts[shown] ?? attempts.at(-1) ?? null;

/** So many places of a list, the rest empty. */
export const filled = <T>(list: readonly T[], length: number, empty: T): T[] =>
	Array.from({ length }, (_, i) => list[i] ?? empty);

/** The same state with one region set; null makes it grey again. */
export const withText = <S extends MatchState>(state: S, index: number, text: string | null): S => ({
	...state,
	texts: filled(state.texts, Math.max(state.texts.length, index + 1), null).map((old, i) => (i === index ? text : old))
});

/** The same state with other parts for one region. */
export const withParts = <S extends MatchState>(state: S, index: number, parts: number[]): S => ({
	...state,
	parts: filled(state.parts, Math.max(state.parts.length, index + 1), []).map((old, i) => (i === index ? parts : old))
});

/** Keeps what is set as an attempt, and looks at it. The oldest goes where there are too many. */
export function checked<S extends MatchState>(state: S, texts: (string | null)[], truths: string[]): S {
	const attempts = [...state.attempts, { texts, way: state.way, truths }].slice(-MOST_ATTEMPTS);
	return { ...state, stage: 'checked', attempts, shown: attempts.length - 1 };
}

/** Goes on with what is set, or from grey; attempts are kept. */
export const again = <S extends MatchState>(state: S, from: 'here' | 'grey'): S =>
	from === 'here' ? { ...state, stage: 'eye' } : { ...state, stage: 'eye', texts: [], parts: [] };
