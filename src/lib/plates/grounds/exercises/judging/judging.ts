import { z } from 'zod';
import { linearToHex } from '$lib/core/colour/bytes';
import {
	JUDGED_DIFFERENCES,
	JUDGED_ROUNDS,
	judgedPair,
	surelyJudged,
	type JudgedPair
} from '$lib/core/matching/judging';
import { holds, look } from '$lib/core/remark';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { patchOf } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { type GroundExercise } from '../../exercise';
import { BOARD_FILL, markBox, marksOf } from '../../ground-shapes';
import { figureIn, GROUND_BOXES } from '../../grounds-layout';
import { MOST_SERIES } from '../../series';

const schema = z.strictObject({
	name: z.literal('judging'),
	/** Which series of pairs. */
	series: z.int().min(0).max(MOST_SERIES),
	/** Each answer so far, the first (0) or the second (1). */
	answers: z.array(z.union([z.literal(0), z.literal(1)])).max(JUDGED_ROUNDS)
});
export type Judging = z.infer<typeof schema>;

interface Made {
	/** The pair to be judged; null when all are. */
	readonly pair: JudgedPair | null;
	/** How the answers so far were. */
	readonly right: readonly boolean[];
}

const MARKS_Y = 432;

const drawPair = (pair: JudgedPair, round: number): Shape[] => [
	...GROUND_BOXES.map((box) => bar(box, BOARD_FILL)),
	...GROUND_BOXES.map((box, i) => bar(figureIn(box, 'squares', 0.62), patchOf(pair.colours[i]!).hex)),
	words(28, 492, `Pair ${round} of ${JUDGED_ROUNDS}: which of the two is lighter?`, {
		face: 'serif',
		size: 15,
		fill: INK
	})
];

function drawResult(right: readonly boolean[]): Shape[] {
	const sure = surelyJudged(right);
	const done =
		sure === null
			? 'The first pair was taken for the other way round.'
			: `Right without a slip down to ${sure} L* apart.`;
	const count = `${right.filter(Boolean).length} of ${JUDGED_ROUNDS} right`;
	return [words(28, 200, count, { face: 'serif', size: 30, fill: INK }), words(28, 230, done)];
}

/** The pair to be judged on the neutral board, and a mark for each answer so far: full where it was right, open where not. */
function draw({ pair, right }: Made): Shape[] {
	const labels = right.map((_, i) => {
		const { x, width, height } = markBox(i, MARKS_Y);
		return words(x + width / 2, MARKS_Y + height + 14, String(JUDGED_DIFFERENCES[i]), { anchor: 'middle', size: 10.5 });
	});
	return [...(pair ? drawPair(pair, right.length + 1) : drawResult(right)), ...marksOf(right, MARKS_Y), ...labels];
}

/** Value judged by eye: which of two is lighter, in pairs that grow harder. */
export const judging: GroundExercise<Judging, Made> = {
	name: 'judging',
	schema,
	words: {
		name: 'Which is lighter?',
		says: 'Value judged by eye across unlike hues: twelve pairs, each harder than the one before.'
	},
	heading: 'which is lighter?',
	fields: [],
	begin: () => ({ name: 'judging', series: 0, answers: [] }),
	make: (_, { series, answers }) => ({
		pair: answers.length < JUDGED_ROUNDS ? judgedPair(series, answers.length) : null,
		right: answers.map((answer, round) => judgedPair(series, round).lighter === answer)
	}),
	draw: ({ made }) => draw(made),
	// What is to be judged is answered, not set, and not to be read.
	places: () => [],
	colours: () => [],
	preview: ({ made }) => made.pair?.colours.flatMap((colour) => Array<string>(2).fill(linearToHex(...colour))) ?? [],
	remarks: ({ made }) =>
		made.right.map((right, i) =>
			right
				? holds('judging.answer', `${JUDGED_DIFFERENCES[i]} L* apart: right.`)
				: look('judging.answer', `${JUDGED_DIFFERENCES[i]} L* apart: taken the other way round.`)
		)
};
