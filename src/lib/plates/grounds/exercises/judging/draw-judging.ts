import { ownGrey } from '$lib/core/colour/grey';
import { JUDGED_DIFFERENCES, JUDGED_ROUNDS, surelyJudged, type JudgedPair } from '$lib/core/matching/judging';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { patchOf } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { BOARD_FILL, markBox, marksOf } from '../../ground-shapes';
import { figureIn, GROUND_BOXES, LEFT, WIDTH } from '../../grounds-layout';

/** An answered pair that is looked at again. */
export interface Reviewed {
	readonly pair: JudgedPair;
	/** From 0. */
	readonly round: number;
	readonly right: boolean;
}

/** What is drawn of a series. */
export interface DrawnSeries {
	/** The pair to be judged; null when all are. */
	readonly pair: JudgedPair | null;
	/** How the answers so far were. */
	readonly right: readonly boolean[];
	readonly review: Reviewed | null;
}

export const MARKS_Y = 432;

const SIDES = ['left', 'right'] as const;
/** Both colours over their own greys: they touch, so that the edge between the greys tells which is lighter. */
const REVIEW = { y: 66, colour: 200, grey: 120 } as const;

/** The two colours of a pair that is judged. */
export const JUDGED_BOXES = GROUND_BOXES.map((box) => figureIn(box, 'squares', 0.62));

const title = (text: string): Shape => words(LEFT, 492, text, { face: 'serif', size: 15, fill: INK });

const drawPair = (pair: JudgedPair, round: number): Shape[] => [
	...GROUND_BOXES.map((box) => bar(box, BOARD_FILL)),
	...JUDGED_BOXES.map((box, i) => bar(box, patchOf(pair.colours[i]!).hex)),
	title(`Pair ${round} of ${JUDGED_ROUNDS}: which of the two is lighter?`)
];

function drawResult(right: readonly boolean[]): Shape[] {
	const sure = surelyJudged(right);
	const done =
		sure === null
			? 'The first pair was taken for the other way round.'
			: `Right without a slip down to ${sure} L* apart.`;
	const count = `${right.filter(Boolean).length} of ${JUDGED_ROUNDS} right`;
	return [words(LEFT, 200, count, { face: 'serif', size: 30, fill: INK }), words(LEFT, 230, done)];
}

const greysOf = ({ colours }: JudgedPair): readonly [string, string] => [ownGrey(colours[0]), ownGrey(colours[1])];

function drawReview({ pair, round, right }: Reviewed): Shape[] {
	const half = (i: number, y: number, height: number): Box => ({
		x: LEFT + (i * WIDTH) / 2,
		y,
		width: WIDTH / 2,
		height
	});
	const greyY = REVIEW.y + REVIEW.colour;
	const said = right ? 'you saw it' : 'you took the other for it';
	return [
		...pair.colours.map((colour, i) => bar(half(i, REVIEW.y, REVIEW.colour), patchOf(colour).hex)),
		...greysOf(pair).map((grey, i) => bar(half(i, greyY, REVIEW.grey), grey)),
		words(LEFT, greyY + REVIEW.grey + 18, 'Above as they are, below by their value only.'),
		title(`Pair ${round + 1}: the ${SIDES[pair.lighter]} one is lighter, by ${pair.difference} L*; ${said}.`)
	];
}

/** The pair to be judged on the neutral board, or one looked at again, and a mark for each answer: full where it was right, open where not. */
export function drawJudging({ pair, right, review }: DrawnSeries): Shape[] {
	const labels = right.map((_, i) => {
		const { x, width, height } = markBox(i, MARKS_Y);
		return words(x + width / 2, MARKS_Y + height + 14, String(JUDGED_DIFFERENCES[i]), { anchor: 'middle' });
	});
	if (review) return [...drawReview(review), ...marksOf(right, MARKS_Y), ...labels];
	return [...(pair ? drawPair(pair, right.length + 1) : drawResult(right)), ...marksOf(right, MARKS_Y), ...labels];
}
