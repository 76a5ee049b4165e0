import { z } from 'zod';
import { linearToHex } from '$lib/core/colour/bytes';
import { JUDGED_DIFFERENCES, JUDGED_ROUNDS, judgedPair } from '$lib/core/matching/judging';
import { holds, look } from '$lib/core/remark';
import { decided, LOOKED_AT, WORK } from '../../../decision';
import { type GroundExercise } from '../../exercise';
import { MOST_SERIES } from '../../series';
import { drawJudging, type DrawnSeries } from './draw-judging';

const schema = z.strictObject({
	name: z.literal('judging'),
	/** Which series of pairs. */
	series: z.int().min(0).max(MOST_SERIES),
	/** Each answer so far, the first (0) or the second (1). */
	answers: z.array(z.union([z.literal(0), z.literal(1)])).max(JUDGED_ROUNDS),
	/** Which answered pair is looked at again, from 0; none while pairs are judged. */
	review: z
		.int()
		.min(0)
		.max(JUDGED_ROUNDS - 1)
		.optional()
});
export type Judging = z.infer<typeof schema>;

function make({ series, answers, review }: Judging): DrawnSeries {
	const right = answers.map((answer, round) => judgedPair(series, round).lighter === answer);
	const shown = review !== undefined && review < answers.length;
	return {
		pair: answers.length < JUDGED_ROUNDS ? judgedPair(series, answers.length) : null,
		right,
		review: shown ? { pair: judgedPair(series, review), round: review, right: right[review]! } : null
	};
}

/** Value judged by eye: which of two is lighter, in pairs that grow harder. */
export const judging: GroundExercise<Judging, DrawnSeries> = {
	name: 'judging',
	schema,
	words: {
		name: 'Which is lighter?',
		says: 'Value judged by eye across unlike hues: twelve pairs, each harder than the one before.'
	},
	heading: 'which is lighter?',
	decides: {
		series: decided('series', 'the series of pairs'),
		answers: WORK,
		review: LOOKED_AT
	},
	fields: [],
	begin: () => ({ name: 'judging', series: 0, answers: [] }),
	make: (_, settings) => make(settings),
	draw: ({ made }) => drawJudging(made),
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
