import { z } from 'zod';
import { inGamut } from '$lib/core/colour/gamut';
import { fitted } from '$lib/core/colour/shown';
import { twoAsOne as sameOnOther } from '$lib/core/ground/on-ground';
import { scoreMatch } from '$lib/core/matching/score';
import { look, said } from '$lib/core/remark';
import { besideLimit } from '$lib/core/say-number';
import { patchBy, patchOf } from '$lib/drawing/patch';
import { colourTextSchema } from '$lib/model/colour-text';
import { once } from '$lib/model/once';
import { KEPT_OF_WORK, LOOKED_AT } from '../../../decision';
import { type GroundsCommon } from '../../common';
import { drawLooks, drawPair, type Solution } from '../../draw-pair';
import { type GroundExercise } from '../../exercise';
import { namedGrounds } from '../../grounds-colours';
import { placesOfPair } from '../../grounds-layout';
import { codesOfPair } from '../../previews';
import { remarksOnPair } from '../../remarks-on-pair';
import { pairOf, type Seen } from '../../seen';

const schema = z.strictObject({
	name: z.literal('two-as-one'),
	predicted: z.boolean(),
	/** White over the grounds. */
	cover: z.boolean(),
	/** The solution beside the attempt. */
	solved: z.boolean(),
	/** What was set by eye when the solution was shown for the first time; none while it was never shown. */
	attempt: colourTextSchema.optional()
});
export type TwoAsOne = z.infer<typeof schema>;

interface Made {
	readonly pair: readonly [Seen, Seen];
	/** The second figure that looks on its ground as the first does on its own. */
	readonly solution: () => Solution;
}

function make(common: GroundsCommon, linked: Parameters<typeof pairOf>[1]): Made {
	const pair = pairOf(common, linked, true);
	const [one, other] = pair;
	const solution = once((): Solution => {
		const whole = sameOnOther(one.figure.linear, one.ground.linear, other.ground.linear, common.strengths);
		const patch = patchOf(fitted(whole).linear);
		const off = scoreMatch(other.figure.linear, patch.linear).difference;
		return { ...patch, fits: inGamut(...whole), off };
	});
	return { pair, solution };
}

/** Nearer (ΔE00) than this the attempt is as good as the solution. */
const FOUND = 2;
const BARE = { predicted: false, cover: false, solved: false } as const;

/** Two colours, each on its ground, that look the same. */
export const twoAsOne: GroundExercise<TwoAsOne, Made> = {
	name: 'two-as-one',
	schema,
	words: {
		name: 'Two as one',
		says: 'Two colours, each on its ground, that look the same. Set the second by eye, then see the solution.',
		source: 'Josef Albers, Interaction of Color, 1963'
	},
	heading: 'two colours as one',
	decides: {
		predicted: LOOKED_AT,
		cover: LOOKED_AT,
		solved: LOOKED_AT,
		attempt: KEPT_OF_WORK
	},
	fields: ['figures', 'grounds', 'strength'],
	twoFigures: true,
	begin: () => ({ name: 'two-as-one', predicted: false, cover: false, solved: false }),
	make: (common, _, linked) => make(common, linked),
	draw: ({ common, settings: { predicted, cover, solved }, made: { pair, solution } }) => [
		...drawPair(common, pair, { cover }),
		...drawLooks(common, pair, { predicted, solution: solved ? solution() : null })
	],
	places: (common) => placesOfPair(common, true),
	colours: ({ made: { pair } }) => [
		...namedGrounds([pair[0].ground, pair[1].ground]),
		{ name: 'First figure', hex: pair[0].figure.hex },
		{ name: 'Second figure', hex: pair[1].figure.hex }
	],
	preview: ({ common, linked }) => codesOfPair(common, linked, true),
	reveals: (settings) => [
		{ settings: { ...settings, ...BARE }, says: 'figures on their grounds' },
		{ settings: { ...settings, ...BARE, cover: true }, says: 'the grounds covered' },
		{ settings: { ...settings, ...BARE, predicted: true }, says: 'what each figure looks like, by the model' },
		{ settings: { ...settings, ...BARE, predicted: true, solved: true }, says: 'with the solution' }
	],
	attempt: ({ settings: { attempt }, made: { solution }, linked }) => ({
		attempt: attempt === undefined ? undefined : patchBy({ text: attempt }, linked).linear,
		solution: solution().linear
	}),
	remarks: ({ settings: { solved, predicted }, made: { pair, solution } }) => {
		if (!solved)
			return [
				look('ask', 'Set the second figure until both look the same, then show the solution.'),
				...remarksOnPair(pair, predicted)
			];
		const { off, fits } = solution();
		return [
			said(
				'two-as-one.off',
				off < FOUND,
				`The second figure is ${besideLimit(off, FOUND, 1)} ΔE00 from the model’s solution.`
			),
			...(fits ? [] : [look('two-as-one.unshowable', 'No screen shows the whole solution; the nearest is shown.')])
		];
	}
};
