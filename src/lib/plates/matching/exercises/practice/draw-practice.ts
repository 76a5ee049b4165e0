import { SERIES } from '$lib/core/matching/practice';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { INK, words } from '$lib/drawing/words';
import { ASK, BOARD, DRAWN_BOX, figureIn, SUBJECT_BOX } from '../../layout';
import { type Stage } from '../../match-state';
import { type MadePractice, type Practised } from './practised';

type Shown = Pick<Practised, 'target' | 'ground' | 'yours'>;

/** Subject and what is set: both flat, or a figure on its ground beside its twin on the board. */
function sides({ target, ground, yours }: Shown): Shape[] {
	if (!ground) return [bar(SUBJECT_BOX, target.hex), bar(DRAWN_BOX, yours.hex)];
	return [
		bar(SUBJECT_BOX, ground.hex),
		bar(figureIn(SUBJECT_BOX), target.hex),
		bar(DRAWN_BOX, BOARD),
		bar(figureIn(DRAWN_BOX), yours.hex)
	];
}

const TOUCHING: Box = { x: 28, y: 84, width: 420, height: 300 };

/** True at the left and yours at the right, touching. */
function touching({ x, y, width, height }: Box, { target, yours }: Shown): Shape[] {
	return [
		bar({ x, y, width: width / 2, height }, target.hex),
		bar({ x: x + width / 2, y, width: width / 2, height }, yours.hex)
	];
}

function drawOne(last: Practised, count: number): Shape[] {
	const { result, limit } = last;
	const x = TOUCHING.x + TOUCHING.width + 24;
	const held = result.difference < limit;
	return [
		...touching(TOUCHING, last),
		words(TOUCHING.x, TOUCHING.y + TOUCHING.height + 16, 'true'),
		words(TOUCHING.x + TOUCHING.width / 2, TOUCHING.y + TOUCHING.height + 16, 'yours'),
		words(x, TOUCHING.y + 12, `subject ${count} of ${SERIES}`),
		words(x, TOUCHING.y + 44, `${result.difference.toFixed(1)} ΔE00 off`, { face: 'serif', size: 24, fill: INK }),
		words(
			x,
			TOUCHING.y + 68,
			held ? `It holds: the limit was ${limit.toFixed(1)}.` : `Over the limit of ${limit.toFixed(1)}.`,
			{
				fill: INK,
				strong: true
			}
		),
		...last.words.split(', ').map((said, i) => words(x, TOUCHING.y + 100 + 19 * i, said, { size: 13, fill: INK }))
	];
}

/** Where each of the ten lies in the summary: two columns of five. */
const cellOf = (index: number): Box => ({
	x: 28 + Math.floor(index / 5) * 378,
	y: 78 + (index % 5) * 92,
	width: 150,
	height: 76
});

function drawAll(done: readonly Practised[]): Shape[] {
	return done.flatMap((each, i): Shape[] => {
		const box = cellOf(i);
		const { difference, limit } = each.result;
		const x = box.x + box.width + 12;
		return [
			...touching(box, each),
			words(x, box.y + 14, `${i + 1}`, { face: 'serif', size: 15, fill: INK }),
			words(
				x + 22,
				box.y + 14,
				`${difference.toFixed(1)} ΔE00, ${difference < limit ? 'held under' : 'over'} ${limit.toFixed(1)}`,
				{
					strong: true,
					fill: INK
				}
			),
			...each.words.split(', ').map((said, line) => words(x, box.y + 34 + 16 * line, said))
		];
	});
}

/** The subject at hand, what came of the last one, or all ten when they are done. */
export function drawPractice(stage: Stage, { done, now }: MadePractice): Shape[] {
	const last = done.at(-1);
	if (!now) return drawAll(done);
	if (stage === 'checked' && last) return drawOne(last, done.length);
	return [
		...sides(now),
		words(ASK.x, ASK.y, `Subject ${done.length + 1} of ${SERIES}: set the right one until it is the left one.`, {
			face: 'serif',
			size: 15,
			fill: INK
		}),
		words(ASK.x, ASK.y + 20, `It holds under ${now.limit.toFixed(1)} ΔE00.`)
	];
}
