import { z } from 'zod';
import { drivenApart } from '$lib/core/ground/propose';
import { holds, look } from '$lib/core/remark';
import { type GroundsCommon } from '../../common';
import { drawLooks, drawPair } from '../../draw-pair';
import { type GroundExercise } from '../../exercise';
import { namedGrounds } from '../../grounds-colours';
import { placesOfPair } from '../../grounds-layout';
import { codesOfPair } from '../../previews';
import { remarksOnPair } from '../../remarks-on-pair';
import { pairOf, type Seen } from '../../seen';

const schema = z.strictObject({
	name: z.literal('one-as-two'),
	predicted: z.boolean(),
	/** A bar of the figure's colour across both grounds. */
	strip: z.boolean(),
	/** White over the grounds. */
	cover: z.boolean()
});
export type OneAsTwo = z.infer<typeof schema>;

interface Made {
	readonly pair: readonly [Seen, Seen];
	/** How far apart (ΔEOK) the two appearances are. */
	readonly apart: number;
}

const CLEARLY_APART = 0.03;
const BARE = { predicted: false, strip: false, cover: false } as const;

/** One colour on two grounds, which looks like two. */
export const oneAsTwo: GroundExercise<OneAsTwo, Made> = {
	name: 'one-as-two',
	schema,
	words: {
		name: 'One as two',
		says: 'One colour on two grounds looks like two: each ground pushes it away from itself.'
	},
	heading: 'one colour as two',
	fields: ['figures', 'grounds', 'strength'],
	searches: true,
	begin: () => ({ name: 'one-as-two', predicted: true, strip: false, cover: false }),
	make: (common: GroundsCommon, _, linked) => {
		const pair = pairOf(common, linked);
		const grounds = [pair[0].ground.linear, pair[1].ground.linear] as const;
		return { pair, apart: drivenApart(pair[0].figure.linear, grounds, common.influence) };
	},
	draw: ({ common, settings, made: { pair } }) => [
		...drawPair(common, pair, settings),
		...drawLooks(common, pair, { predicted: settings.predicted, solution: null })
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
		{ settings: { ...settings, ...BARE, predicted: true }, says: 'what each figure looks like, by the model' }
	],
	remarks: ({ made: { pair, apart } }) => [
		apart > CLEARLY_APART
			? holds('The two grounds drive it clearly apart.')
			: look('The two grounds hardly drive it apart: take grounds that differ more.'),
		...remarksOnPair(pair)
	]
};
