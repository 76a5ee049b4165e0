import { pathBetween, pointOn } from '$lib/core/scale/path';
import { bar, rowIn } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { patchOf } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { type MixesCommon } from '../../common';
import { LEFT, under } from '../../mix-shapes';
import { parentName } from '../../parents';
import { MIDDLE } from './middle-layout';
import { type MadeMiddle } from './middle-of';
import { type Middle } from './schema';

const WAY_PARTS = 120;

/** The mixture between its parents, the way between them with its place on it, and how far it is from both. */
function drawMixture(lean: string, { parents, share, hex, toFirst, toSecond }: MadeMiddle): Shape[] {
	const path = pathBetween(parents[0].linear, parents[1].linear, 'oklab', false);
	const fills = Array.from({ length: WAY_PARTS }, (_, i) => patchOf(pointOn(path, (i + 0.5) / WAY_PARTS).linear).hex);
	const at = MIDDLE.row.x + MIDDLE.row.width * share;
	return [
		bar(MIDDLE.middle, hex),
		rowIn(MIDDLE.row, fills),
		{ kind: 'rule', x1: at, y1: MIDDLE.row.y - 12, x2: at, y2: MIDDLE.row.y - 2, stroke: INK },
		under(MIDDLE.middle, `${lean}, ${hex}`),
		under(MIDDLE.middle, `ΔE00 ${toFirst.toFixed(1)} to the first, ${toSecond.toFixed(1)} to the second`, 31)
	];
}

/** What was found by eye; once the middle is shown, beside it and with how far it is off. */
function drawGuess({ off, toFirst, toSecond, hex }: NonNullable<MadeMiddle['guess']>, truth: string | null): Shape[] {
	const y = MIDDLE.guess.y;
	const told = truth
		? [
				words(LEFT, y + 40, `${off.toFixed(1)} ΔE00 from the middle`),
				words(LEFT, y + 56, `${toFirst.toFixed(1)} to the first, ${toSecond.toFixed(1)} to the second`),
				under(MIDDLE.truth, 'the middle'),
				under(MIDDLE.guess, 'by eye')
			]
		: [words(LEFT, y + 40, 'Show the middle to see how far off it is.')];
	return [
		bar(MIDDLE.guess, hex),
		...(truth ? [bar(MIDDLE.truth, truth)] : []),
		words(LEFT, y + 20, 'Found by eye', { face: 'serif', size: 15, fill: INK }),
		...told
	];
}

export function drawMiddle(
	common: MixesCommon,
	{ lean, revealed }: Middle,
	made: MadeMiddle,
	linked: readonly LinkedColour[]
): Shape[] {
	const [one, other] = made.parents;
	const name = (index: number): string => parentName(common, index, linked);
	const leaning = lean === 0 ? 'the middle mixture' : `leaning to ${name(lean < 0 ? 0 : 1)}`;
	return [
		bar(MIDDLE.first, one.hex),
		bar(MIDDLE.second, other.hex),
		under(MIDDLE.first, name(0)),
		under(MIDDLE.second, name(1)),
		...(revealed ? drawMixture(leaning, made) : []),
		...(made.guess ? drawGuess(made.guess, revealed ? made.middle.hex : null) : [])
	];
}
