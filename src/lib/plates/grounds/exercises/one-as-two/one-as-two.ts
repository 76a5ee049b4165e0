import { z } from 'zod';
import { look, said } from '$lib/core/remark';
import { besideLimit } from '$lib/core/say-number';
import { KEPT_OF_WORK, LOOKED_AT } from '../../../decision';
import { drawLooks, drawPair } from '../../draw-pair';
import { colourTextSchema } from '$lib/model/colour-text';
import { type GroundExercise } from '../../exercise';
import { namedGrounds } from '../../grounds-colours';
import { placesOfPair } from '../../grounds-layout';
import { codesOfPair } from '../../previews';
import { lookApart, remarksOnPair } from '../../remarks-on-pair';
import { pairOf, type Seen } from '../../seen';

const schema = z.strictObject({
	name: z.literal('one-as-two'),
	predicted: z.boolean(),
	/** A bar of the figure's colour across both grounds. */
	strip: z.boolean(),
	/** White over the grounds. */
	cover: z.boolean(),
	/** The grounds that somebody had found before they took proposed ones. */
	attempt: z.tuple([colourTextSchema, colourTextSchema]).optional()
});
export type OneAsTwo = z.infer<typeof schema>;

interface Made {
	readonly pair: readonly [Seen, Seen];
}

/** From this ΔE00 on one colour plainly looks like two (our choice). */
const CLEARLY_APART = 4;
const BARE = { predicted: false, strip: false, cover: false } as const;

/** One colour on two grounds, which looks like two. */
export const oneAsTwo: GroundExercise<OneAsTwo, Made> = {
	name: 'one-as-two',
	schema,
	words: {
		name: 'One as two',
		says: 'One colour on two grounds looks like two: each ground pushes it away from itself.',
		source: 'Chevreul, 1839; Josef Albers, Interaction of Color, 1963'
	},
	heading: 'one colour as two',
	decides: {
		predicted: LOOKED_AT,
		strip: LOOKED_AT,
		cover: LOOKED_AT,
		attempt: KEPT_OF_WORK
	},
	fields: ['figures', 'grounds', 'strength'],
	searches: true,
	begin: () => ({ name: 'one-as-two', predicted: false, strip: false, cover: false }),
	make: (common, _, linked) => ({ pair: pairOf(common, linked) }),
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
	remarks: ({ settings: { predicted }, made: { pair } }) => {
		if (!predicted) return [look('ask', 'Look at the two figures first: do they look like one colour or like two?')];
		const apart = lookApart(pair);
		const more = apart > CLEARLY_APART ? '.' : ': take grounds that differ more.';
		return [
			said(
				'grounds.driven-apart',
				apart > CLEARLY_APART,
				`By the model the two look ${besideLimit(apart, CLEARLY_APART, 1)} ΔE00 apart${more}`
			),
			...remarksOnPair(pair, predicted)
		];
	}
};
