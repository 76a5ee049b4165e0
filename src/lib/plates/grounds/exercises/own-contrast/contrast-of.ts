import {
	CONTRAST_ROUNDS,
	contrastTrial,
	matchesOf,
	readContrast,
	type OwnContrast
} from '$lib/core/matching/own-contrast';
import { type ContrastSeries } from '$lib/model/own-contrast';
import { type LinkedColour } from '$lib/model/linked';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';

/** The match at hand: a figure on its ground, and the twin that is being set beside it. */
export interface Matching {
	readonly figure: Patch;
	readonly ground: Patch;
	readonly twin: Patch;
}

/** A series of matches worked out. */
export interface MadeContrast {
	/** Null when all matches are made. */
	readonly now: Matching | null;
	/** What it comes to, when all matches are made. */
	readonly result: OwnContrast | null;
}

const fitted = new WeakMap<readonly string[], OwnContrast>();

/** What matches come to. Fitted once for a series: no other colour of the study changes it, and a dial must not wait for it. */
function resultOf(series: number, twins: readonly string[]): OwnContrast {
	const known = fitted.get(twins);
	if (known) return known;
	const trials = twins.map((_, round) => contrastTrial(series, round));
	const coded = twins.map((twin, i) => ({
		figure: patchOf(trials[i]!.figure).hex,
		ground: patchOf(trials[i]!.ground).hex,
		twin
	}));
	const made = readContrast(
		matchesOf(coded),
		trials.map(({ start }) => start)
	);
	fitted.set(twins, made);
	return made;
}

/** A series of matches, and what it comes to. */
export function contrastOf(
	{ series, twins, twin }: Pick<ContrastSeries, 'series' | 'twins' | 'twin'>,
	linked: readonly LinkedColour[]
): MadeContrast {
	if (twins.length === CONTRAST_ROUNDS) return { now: null, result: resultOf(series, twins) };
	const { figure, ground, start } = contrastTrial(series, twins.length);
	const set = twin ? patchBy(twin, linked) : patchOf(start);
	return { now: { figure: patchOf(figure), ground: patchOf(ground), twin: set }, result: null };
}
