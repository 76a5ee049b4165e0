import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { outlineOf } from '$lib/drawing/figure';
import { type Patch } from '$lib/drawing/patch';
import { wrapped } from '$lib/drawing/head';
import { PAPER, words } from '$lib/drawing/words';
import { type GroundsCommon } from './common';
import { BOARD_FILL, figureOf } from './ground-shapes';
import { BOARD, figureIn, groundBoxes, LOOKS, SOLUTION, stripBetween } from './grounds-layout';
import { sayStrengths } from './say-strengths';
import { type Seen } from './seen';

/** Light words on the board, which is a middle grey. */
const ON_BOARD = '#ffffff';

/** A shift in words takes two lines at the most. */
const SHIFT_LETTERS = 62;

const groundOf = ({ groundForm }: GroundsCommon, box: Box, fill: string): Shape =>
	groundForm === 'circles' ? { kind: 'area', path: outlineOf('circles', box), fill } : bar(box, fill);

/** Over discs the strip is a figure too: figures lie over bars. */
const stripOf = ({ groundForm }: GroundsCommon, { x, y, width, height }: Box, fill: string): Shape =>
	groundForm === 'circles'
		? { kind: 'area', path: `M${x} ${y}L${x + width} ${y}L${x + width} ${y + height}L${x} ${y + height}z`, fill }
		: bar({ x, y, width, height }, fill);

type Pair = readonly [Seen, Seen];

/** Two grounds with their figures; under a cover only the figures are left, on the plate's white. */
export function drawPair(
	common: GroundsCommon,
	pair: Pair,
	{ cover, strip = false }: { readonly cover: boolean; readonly strip?: boolean }
): Shape[] {
	const grounds = groundBoxes(common);
	const boxes = grounds.map((box) => figureIn(box, common.form, common.size));
	return [
		...grounds.map((box, i) => groundOf(common, box, cover ? PAPER : pair[i]!.ground.hex)),
		...(strip ? [stripOf(common, stripBetween(boxes[0]!, boxes[1]!), pair[0].figure.hex)] : []),
		...boxes.map((box, i) => figureOf(common, box, pair[i]!.figure.hex))
	];
}

/** A colour that answers an exercise, and how far (ΔE00) the one that was set is from it. */
export interface Solution extends Patch {
	/** Whether a screen can show the whole of it. */
	readonly fits: boolean;
	readonly off: number;
}

/** The neutral board under the pair: what each figure looks like, if that is shown, and the solution, if there is one to be shown. */
export function drawLooks(
	{ strengths }: GroundsCommon,
	pair: Pair,
	{ predicted, solution }: { readonly predicted: boolean; readonly solution: Solution | null }
): Shape[] {
	if (!predicted && !solution) return [];
	const looks = ({ looks: { hex }, shift }: Seen, i: 0 | 1): Shape[] => [
		bar(LOOKS[i], hex),
		words(LOOKS[i].x - 84, LOOKS[i].y + 18, 'looks', { fill: ON_BOARD, face: 'serif', size: 14 }),
		words(LOOKS[i].x - 84, LOOKS[i].y + 36, hex, { fill: ON_BOARD }),
		...wrapped(shift.words, SHIFT_LETTERS).map((line, at) =>
			words(LOOKS[i].x - 84, BOARD.y + BOARD.height + 14 + at * 12, line)
		)
	];
	const onBoard = { anchor: 'middle', fill: ON_BOARD } as const;
	const middle = SOLUTION.x + SOLUTION.width / 2;
	return [
		bar(BOARD, BOARD_FILL),
		...(predicted ? [...looks(pair[0], 0), ...looks(pair[1], 1)] : []),
		...(solution
			? [
					bar(SOLUTION, solution.hex),
					words(middle, SOLUTION.y - 6, `solution ${solution.hex}`, onBoard),
					words(
						middle,
						SOLUTION.y + SOLUTION.height + 14,
						`${solution.off.toFixed(1)} ΔE00 off${solution.fits ? '' : ', nearest'}`,
						onBoard
					)
				]
			: []),
		words(
			BOARD.x,
			BOARD.y + BOARD.height + 41,
			`About as on a neutral board, by CIECAM16 with the ground as its surround, ${sayStrengths(strengths)}: a model, not a measurement.`
		)
	];
}
