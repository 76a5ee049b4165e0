import { z } from 'zod';
import { likeItsGround } from '$lib/core/ground/search';
import { scoreMatch } from '$lib/core/matching/score';
import { type Strengths } from '$lib/core/ground/on-ground';
import { look, said, type Remark } from '$lib/core/remark';
import { besideLimit } from '$lib/core/say-number';
import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
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
import { pairOf, seenOn, type Seen } from '../../seen';

const schema = z.strictObject({
	name: z.literal('like-ground'),
	predicted: z.boolean(),
	/** A bar of the figure's colour across both grounds. */
	strip: z.boolean(),
	/** White over the grounds. */
	cover: z.boolean(),
	/** The solution beside the attempt. */
	solved: z.boolean(),
	/** What was set by eye when the solution was shown for the first time; none while it was never shown. */
	attempt: colourTextSchema.optional()
});
export type LikeGround = z.infer<typeof schema>;

interface Made {
	readonly pair: readonly [Seen, Seen];
	/** The figure that comes nearest to looking on each ground like the other one. */
	readonly solution: () => Solution;
}

function make(common: GroundsCommon, linked: Parameters<typeof pairOf>[1]): Made {
	const pair = pairOf(common, linked);
	const [one, other] = pair;
	const solution = once((): Solution => {
		const patch = patchOf(likeItsGround(one.ground.linear, other.ground.linear, common.strengths).linear);
		return { ...patch, fits: true, off: scoreMatch(one.figure.linear, patch.linear).difference };
	});
	return { pair, solution };
}

/** Nearer (ΔE00) than this a figure looks like the other ground (our choice). */
const ALIKE = 4;

type Pair = Made['pair'];

/** How far (ΔE00) the figure looks from the second ground on the first, and from the first on the second. */
const misses = ([one, other]: Pair): readonly [number, number] => [
	differenceOfLinear(one.looks.linear, other.ground.linear),
	differenceOfLinear(other.looks.linear, one.ground.linear)
];

const seenOnBoth = (figure: Patch, [one, other]: Pair, { strengths }: { readonly strengths: Strengths }): Pair => [
	seenOn(figure, one.ground, strengths),
	seenOn(figure, other.ground, strengths)
];

function onMisses(what: string, [first, second]: readonly [number, number]): Remark {
	const like = Math.max(first, second) < ALIKE;
	const far = [first, second].map((miss) => besideLimit(miss, ALIKE, 1));
	return said(
		'like-ground.off',
		like,
		`By the model ${what} looks ${far[0]} ΔE00 from the second ground on the first, and ${far[1]} from the first on the second.`
	);
}
const BARE = { predicted: false, strip: false, cover: false, solved: false } as const;

/** One colour between two grounds that on each looks like the other ground. */
export const likeGround: GroundExercise<LikeGround, Made> = {
	name: 'like-ground',
	schema,
	words: {
		name: 'Like its ground',
		says: 'One colour between two grounds that on each looks like the other ground.',
		source: 'Josef Albers, Interaction of Color, 1963'
	},
	heading: 'like its ground',
	decides: {
		predicted: LOOKED_AT,
		strip: LOOKED_AT,
		cover: LOOKED_AT,
		solved: LOOKED_AT,
		attempt: KEPT_OF_WORK
	},
	fields: ['figures', 'grounds', 'strength'],
	begin: () => ({ name: 'like-ground', predicted: false, strip: false, cover: false, solved: false }),
	make: (common, _, linked) => make(common, linked),
	draw: ({ common, settings, made: { pair, solution } }) => [
		...drawPair(common, pair, settings),
		...drawLooks(common, pair, { predicted: settings.predicted, solution: settings.solved ? solution() : null })
	],
	places: (common) => placesOfPair(common),
	colours: ({ made: { pair } }) => [
		...namedGrounds([pair[0].ground, pair[1].ground]),
		{ name: 'Figure', hex: pair[0].figure.hex }
	],
	preview: ({ common, linked }) => codesOfPair(common, linked),
	reveals: (settings) => [
		{ settings: { ...settings, ...BARE }, says: 'figures on their grounds' },
		{ settings: { ...settings, ...BARE, strip: true }, says: 'with the proof strip' },
		{ settings: { ...settings, ...BARE, cover: true }, says: 'the grounds covered' },
		{ settings: { ...settings, ...BARE, predicted: true }, says: 'what each figure looks like, by the model' },
		{ settings: { ...settings, ...BARE, predicted: true, solved: true }, says: 'with the solution' }
	],
	attempt: ({ settings: { attempt }, made: { solution }, linked }) => ({
		attempt: attempt === undefined ? undefined : patchBy({ text: attempt }, linked).linear,
		solution: solution().linear
	}),
	remarks: ({ common, settings: { solved, predicted }, made: { pair, solution } }) => {
		if (!solved && !predicted)
			return [
				look('ask', 'Set the figure until on each ground it looks like the other ground, then show what the model has.')
			];
		const best = solved ? misses(seenOnBoth(solution(), pair, common)) : null;
		return [
			onMisses('it', misses(pair)),
			...(best ? [onMisses('the best one between these grounds', best)] : []),
			...remarksOnPair(pair, predicted)
		];
	}
};
