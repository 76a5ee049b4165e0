import { type AtWork, type Settings } from '../exercise';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { upright, ticks, vanishes } from '$lib/drawing/lost';
import { sheetOf } from '$lib/drawing/plate-ground';
import { patchBy, type Patch } from '$lib/drawing/patch';
import { wrapped } from '$lib/drawing/head';
import { INK, words } from '$lib/drawing/words';
import { type MatchingCommon } from './common';
import { type Match, type Subject } from './exercise';
import { ASK, ASK_ONE, chipBox, colourBox, DRAWN_BOX, ONE_BOX, STRIP_LINE, SUBJECT_BOX } from './layout';
import { setNow, UNSET, type MatchState } from './match-state';

type At<S extends MatchState & Settings, M> = AtWork<MatchingCommon, S, M>;

/** Marks at the corners of a box whose colour is lost on the sheet. */
function marked<S extends MatchState & Settings, M>(
	{ common, linked }: At<S, M>,
	box: Box,
	{ linear }: Patch
): Shape[] {
	return vanishes(linear, sheetOf(common, linked).linear) ? ticks(upright(box)) : [];
}

/** What is drawn for each region now: what was set, or grey. */
export const fillsNow = <S extends MatchState & Settings, M>(match: Match<S, M>, at: At<S, M>): string[] =>
	match.regions(at).map((_, i) => setNow(at.common, at.settings, i, at.linked)?.hex ?? UNSET);

/** The letters that have room under the subject. */
const LETTERS = 54;

/** The names of regions under their chips: short where there are six. */
const shortName = (name: string): string => name.toLowerCase().replace(/ light$/, '');

function strip<S extends MatchState & Settings, M>(
	match: Match<S, M>,
	at: At<S, M>,
	fills: readonly string[]
): Shape[] {
	const regions = match.regions(at);
	if (regions.length < 2) return [];
	return regions.flatMap(({ name }, i): Shape[] => {
		const box = chipBox(i, regions.length);
		return [
			bar(box, fills[i]!),
			words(box.x + box.width / 2, STRIP_LINE, shortName(name), { anchor: 'middle', size: 11.3, fill: INK })
		];
	});
}

/** The subject and what is made of it, alone. */
export const drawSides = <S extends MatchState & Settings, M>(
	match: Match<S, M>,
	at: At<S, M>,
	fills: readonly string[]
): Shape[] =>
	match.layout === 'one'
		? [...match.drawn(at, ONE_BOX, fills)]
		: [...match.subject(at, SUBJECT_BOX), ...match.drawn(at, DRAWN_BOX, fills)];

/** The subject and what is being made of it. */
export function drawByEye<S extends MatchState & Settings, M>(match: Match<S, M>, at: At<S, M>): Shape[] {
	const fills = fillsNow(match, at);
	const ask = match.layout === 'pair' ? ASK : ASK_ONE;
	const letters = match.layout === 'pair' ? LETTERS : 2 * LETTERS;
	const asked = wrapped(match.asks(at.settings), letters).map((line, i) =>
		words(ask.x, ask.y + 19 * i, line, { face: 'serif', size: 15, fill: INK })
	);
	if (match.layout === 'one') return [...match.drawn(at, ONE_BOX, fills), ...asked];
	const lost = match.regions(at).length > 1 ? [] : marked(at, DRAWN_BOX, patchBy({ text: fills[0]! }, []));
	return [
		...match.subject(at, SUBJECT_BOX),
		...match.drawn(at, DRAWN_BOX, fills),
		...lost,
		...strip(match, at, fills),
		...asked
	];
}

/** The subject with the colours by which it is put together. */
export function drawArranged<S extends MatchState & Settings, M>(
	match: Match<S, M> & Pick<Subject<S>, 'colours'>,
	at: At<S, M>
): Shape[] {
	const { settings, linked } = at;
	const boxOf = (i: number): Box => arrangedBox(match.layout, i, match.colours.length);
	const colours = match.colours.flatMap(({ name, note, of }, i): Shape[] => {
		const box = boxOf(i);
		const patch = patchBy(of(settings), linked);
		return [
			bar(box, patch.hex),
			...marked(at, box, patch),
			words(box.x + box.width + 14, box.y + 20, name, { face: 'serif', size: 15, fill: INK }),
			words(box.x + box.width + 14, box.y + 38, note)
		];
	});
	const whole = match.layout === 'pair' ? SUBJECT_BOX : { ...ONE_BOX, height: 190 };
	return [...match.subject(at, whole), ...colours];
}

/** Where a colour of the subject stands while it is put together. */
export function arrangedBox(layout: 'pair' | 'one', index: number, count: number): Box {
	const box = colourBox(index, count);
	return layout === 'pair' ? box : { ...box, x: ONE_BOX.x + index * 300, y: ONE_BOX.y + 220, height: 70, width: 120 };
}
