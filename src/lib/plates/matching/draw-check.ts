import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { wrapped } from '$lib/drawing/head';
import { INK, SOFT, words } from '$lib/drawing/words';
import { type AtWork, type Settings } from '../exercise';
import { type MatchingCommon } from './common';
import { type Match } from './exercise';
import { type JudgedRegion } from './judged';
import { lineBox, lineTop, LINE_HEIGHT, LINE_X, SMALL, SMALL_PAIR, WORDS_X, WORST } from './layout';
import { UNSET, type Attempt, type MatchState } from './match-state';

type At<S extends MatchState & Settings, M> = AtWork<MatchingCommon, S, M>;

/** True at the left and yours at the right, touching. */
function chips({ x, y, width, height }: Box, { region, yours }: JudgedRegion): Shape[] {
	const half = width / 2;
	return [
		bar({ x, y, width: half, height }, region.target.hex),
		bar({ x: x + half, y, width: half, height }, yours.hex)
	];
}

const isRight = (said: string): boolean => said.includes('right') || said.includes('as it should be');
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** The letters that have room beside the chips. */
const LETTERS = 34;

function allWrapped(line: string): string[] {
	if (line.length <= LETTERS) return [line];
	const at = line.lastIndexOf(' ', LETTERS);
	return at <= 0 ? wrapped(line, LETTERS) : [line.slice(0, at), ...allWrapped(line.slice(at + 1))];
}

/** The region that is farthest off: both colours large, its errors, and what to look for. */
function drawWorst(worst: JudgedRegion, alone: boolean): Shape[] {
	const { region, score, look } = worst;
	const off = `ΔE00 ${score.difference.toFixed(1)}`;
	const lines = allWrapped(look);
	return [
		...chips(WORST, worst),
		words(WORST.x, WORST.y + WORST.height + 14, 'true'),
		words(WORST.x + WORST.width / 2, WORST.y + WORST.height + 14, 'yours'),
		words(WORDS_X, WORST.y + 10, alone ? off : `farthest off, ${off}`),
		words(WORDS_X, WORST.y + 34, region.name, { face: 'serif', size: 21, fill: INK }),
		...score.said.map((said, i) =>
			words(WORDS_X, WORST.y + 58 + i * 19, capital(said), { size: 13, strong: !isRight(said), fill: INK })
		),
		...lines.map((line, i) => words(WORDS_X, WORST.y + 128 + i * 19, line, { face: 'serif', size: 14.5, fill: INK }))
	];
}

const rule = (y: number): Shape => ({ kind: 'rule', x1: LINE_X.name, y1: y, x2: LINE_X.end, y2: y, stroke: SOFT });

function drawLine(each: JudgedRegion, line: number): Shape[] {
	const { region, score } = each;
	const [top, middle] = [lineTop(line), lineTop(line) + LINE_HEIGHT / 2 + 5];
	return [
		rule(top),
		words(LINE_X.name, middle, region.name, { face: 'serif', size: 15, fill: INK }),
		...chips(lineBox(line), each),
		...score.said.map((said, i) =>
			words(LINE_X.words + [0, 112, 242][i]!, middle, said, { strong: !isRight(said), fill: INK })
		),
		words(LINE_X.end, middle, score.difference.toFixed(1), { anchor: 'end', strong: true, fill: INK })
	];
}

/** What came of an attempt: subject and attempt small, true and yours as chips that touch, the farthest off first. */
export function drawChecked<S extends MatchState & Settings, M>(
	match: Match<S, M>,
	at: At<S, M>,
	attempt: Attempt,
	all: readonly JudgedRegion[]
): Shape[] {
	const regions = match.regions(at);
	const fills = regions.map((_, i) => all.find(({ index }) => index === i)?.yours.hex ?? UNSET);
	const [worst, ...others] = all;
	const small = smallBoxes(match.layout, regions.length);
	const pictures = [
		...match.subject(at, small.subject),
		words(small.subject.x, small.subject.y + small.subject.height + 14, 'subject'),
		...match.drawn(at, small.drawn, fills),
		words(small.drawn.x, small.drawn.y + small.drawn.height + 14, 'yours')
	];
	const left = regions.length - all.length;
	const grey = left > 0 ? `${left} left grey, not counted` : '';
	if (!worst) return [...pictures, words(WORST.x, WORST.y + 20, 'Nothing was set: all is grey.', { fill: INK })];
	return [
		...pictures,
		...drawWorst(worst, regions.length === 1),
		...(others.length > 0 ? [words(LINE_X.end, lineTop(0) - 6, 'ΔE00', { anchor: 'end' })] : []),
		...others.flatMap((each, line) => drawLine(each, line)),
		...(others.length > 0 ? [rule(lineTop(others.length))] : []),
		...(grey ? [words(LINE_X.end, lineTop(others.length) + 18, grey, { anchor: 'end' })] : [])
	];
}

/** Where subject and attempt stand, small. */
export function smallBoxes(layout: 'pair' | 'one', regions: number): { readonly subject: Box; readonly drawn: Box } {
	if (layout === 'one') return { subject: { ...SMALL, height: 84 }, drawn: { ...SMALL, y: SMALL.y + 116, height: 84 } };
	if (regions === 1) return { subject: SMALL, drawn: { ...SMALL, y: SMALL.y + SMALL.height + 32 } };
	const [width, height] = [SMALL_PAIR, 1.1 * SMALL_PAIR];
	return {
		subject: { ...SMALL, width, height },
		drawn: { ...SMALL, x: SMALL.x + width + 8, width, height }
	};
}
