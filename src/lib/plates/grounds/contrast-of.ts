import { fit } from '$lib/core/colour/shown';
import {
	CONTRAST_ROUNDS,
	contrastTrial,
	matchesOf,
	readContrast,
	type OwnContrast
} from '$lib/core/matching/own-contrast';
import { type GroundsPlate } from './schema';
import { type ContrastSeries, type KeptMatch } from '$lib/model/own-contrast';
import { type LinkedColour } from '$lib/model/linked';
import { patchOf, type Patch } from '$lib/drawing/patch';
import { colourOf, textOf } from '$lib/model/resolve';

/** The match at hand: a figure on its ground, and the twin that is being set beside it. */
export interface Matching {
	readonly figure: Patch;
	readonly ground: Patch;
	readonly twin: Patch;
}

/** A series of matches worked out. */
export interface MadeContrast {
	readonly series: ContrastSeries;
	/** Null when all matches are made. */
	readonly now: Matching | null;
	/** What has been matched so far, as codes. */
	readonly matches: readonly KeptMatch[];
	/** What it comes to, when all matches are made. */
	readonly result: OwnContrast | null;
}

const MOST_SERIES = 1_000_000;

/** A series that was never begun, each plate's its own. */
const unbegun = (id: string): ContrastSeries => ({
	series: [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % MOST_SERIES, 7),
	twins: [],
	twin: null,
	kept: null
});

/** The series of a plate. */
export const seriesOf = ({ id, contrast }: Pick<GroundsPlate, 'id' | 'contrast'>): ContrastSeries =>
	contrast ?? unbegun(id);

const fitted = new WeakMap<readonly string[], OwnContrast>();

/** What matches come to. Fitted once for a series: no other colour of the study changes it, and a dial must not wait for it. */
function resultOf(twins: readonly string[], matches: readonly KeptMatch[]): OwnContrast {
	const known = fitted.get(twins);
	if (known) return known;
	const made = readContrast(matchesOf(matches));
	fitted.set(twins, made);
	return made;
}

/** The series of matches of a plate, and what it comes to. */
export function contrastOf(
	plate: Pick<GroundsPlate, 'id' | 'contrast'>,
	linked: readonly LinkedColour[]
): MadeContrast {
	const series = seriesOf(plate);
	const round = series.twins.length;
	const matches = series.twins.map((twin, i): KeptMatch => {
		const { figure, ground } = contrastTrial(series.series, i);
		return { figure: patchOf(figure).hex, ground: patchOf(ground).hex, twin };
	});
	if (round === CONTRAST_ROUNDS) return { series, now: null, matches, result: resultOf(series.twins, matches) };
	const { figure, ground, start } = contrastTrial(series.series, round);
	const twin = series.twin ? patchOf(fit(colourOf(textOf(series.twin, linked))).linear) : patchOf(start);
	return { series, now: { figure: patchOf(figure), ground: patchOf(ground), twin }, matches, result: null };
}
