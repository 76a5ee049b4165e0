import { z } from 'zod';
import { likeItsGround } from '$lib/core/ground/search';
import { scoreMatch } from '$lib/core/matching/score';
import { remark } from '$lib/core/remark';
import { patchOf } from '$lib/drawing/patch';
import { once } from '$lib/model/once';
import { type GroundsCommon } from '../../common';
import { drawLooks, drawPair, type Solution } from '../../draw-pair';
import { type GroundExercise } from '../../exercise';
import { namedGrounds } from '../../grounds-colours';
import { placesOfPair } from '../../grounds-layout';
import { codesOfPair } from '../../previews';
import { remarksOnPair } from '../../remarks-on-pair';
import { pairOf, type Seen } from '../../seen';

const schema = z.strictObject({
	name: z.literal('like-ground'),
	predicted: z.boolean(),
	/** A bar of the figure's colour across both grounds. */
	strip: z.boolean(),
	/** White over the grounds. */
	cover: z.boolean(),
	/** The solution beside the attempt. */
	solved: z.boolean()
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
		const patch = patchOf(likeItsGround(one.ground.linear, other.ground.linear, common.influence).linear);
		return { ...patch, fits: true, off: scoreMatch(one.figure.linear, patch.linear).difference };
	});
	return { pair, solution };
}

/** Nearer (ΔE00) than this the attempt is as good as the solution. */
const FOUND = 4;
const BARE = { predicted: false, strip: false, cover: false, solved: false } as const;

/** One colour between two grounds that on each looks like the other ground. */
export const likeGround: GroundExercise<LikeGround, Made> = {
	name: 'like-ground',
	schema,
	words: {
		name: 'Like its ground',
		says: 'One colour between two grounds that on each looks like the other ground.'
	},
	heading: 'like its ground',
	fields: ['figures', 'grounds', 'strength'],
	begin: () => ({ name: 'like-ground', predicted: true, strip: false, cover: false, solved: false }),
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
	remarks: ({ settings, made: { pair, solution } }) => [
		...(settings.solved
			? [
					remark(
						solution().off < FOUND ? 'holds' : 'look',
						`The figure is ${solution().off.toFixed(1)} ΔE00 from the best one between these grounds.`
					)
				]
			: []),
		...remarksOnPair(pair)
	]
};
