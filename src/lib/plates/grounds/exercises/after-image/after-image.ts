import { z } from 'zod';
import { afterImage as afterImageOf } from '$lib/core/ground/after-image';
import { holds } from '$lib/core/remark';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { patchOf, type Patch } from '$lib/drawing/patch';
import { inkOn } from '$lib/drawing/inks';
import { INK, words } from '$lib/drawing/words';
import { LOOKED_AT } from '../../../decision';
import { type GroundsCommon } from '../../common';
import { type GroundExercise } from '../../exercise';
import { BOARD_FILL, BOARD_LINEAR as FIELD_LINEAR, figureOf } from '../../ground-shapes';
import { namedGrounds } from '../../grounds-colours';
import { figureIn, LEFT, WIDTH } from '../../grounds-layout';
import { codesOfPair } from '../../previews';
import { bothGrounds } from '../../seen';

const schema = z.strictObject({
	name: z.literal('after-image'),
	/** The neutral field instead of the figure. */
	covered: z.boolean(),
	/** On the neutral field, what is seen there. */
	predicted: z.boolean()
});
export type AfterImage = z.infer<typeof schema>;

interface Made extends ReturnType<typeof bothGrounds> {
	/** What is seen on a neutral field after looking long at the figure. */
	readonly afterImage: Patch;
}

const FIELD: Box = { x: LEFT, y: 66, width: WIDTH, height: 420 };
const CROSS = 7;
/** How long a colour is looked at before its after-image, in seconds (common practice, no source). */
const LOOK = 20;

/** The figure to be looked at, or the neutral field on which its after-image appears, with a cross to hold the eye. */
function draw(
	common: GroundsCommon,
	{ covered, predicted }: AfterImage,
	{ grounds, figure, afterImage }: Made
): Shape[] {
	const box = figureIn(FIELD, common.form, common.size);
	const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
	const shown = covered ? (predicted ? afterImage.hex : null) : figure.hex;
	// It stands in the middle of the figure, or of the field where there is none.
	const cross = inkOn(shown === null ? FIELD_LINEAR : covered ? afterImage.linear : figure.linear);
	return [
		bar(FIELD, covered ? BOARD_FILL : grounds[0].hex),
		...(shown ? [figureOf(common, box, shown)] : []),
		{ kind: 'rule', x1: x - CROSS, y1: y, x2: x + CROSS, y2: y, stroke: cross },
		{ kind: 'rule', x1: x, y1: y - CROSS, x2: x, y2: y + CROSS, stroke: cross },
		words(
			28,
			508,
			covered
				? 'Keep looking at the cross: the field is neutral.'
				: 'Look at the cross for twenty seconds, then uncover the neutral field.',
			{ face: 'serif', size: 15, fill: INK }
		),
		words(
			28,
			528,
			covered && predicted ? `About ${afterImage.hex}, the opposite by opponent axes: a model; eyes differ.` : ''
		)
	];
}

/** The opposite colour that appears by itself on a neutral field. */
export const afterImage: GroundExercise<AfterImage, Made> = {
	name: 'after-image',
	schema,
	words: {
		name: 'After-image',
		says: 'Look long at the cross; then, on a neutral field, the opposite colour appears by itself.',
		source: 'Goethe, 1810; Ewald Hering'
	},
	heading: 'after-image',
	decides: { covered: LOOKED_AT, predicted: LOOKED_AT },
	fields: ['figures'],
	begin: () => ({ name: 'after-image', covered: false, predicted: false }),
	make: (common, _, linked) => {
		const both = bothGrounds(common, linked);
		return { ...both, afterImage: patchOf(afterImageOf(both.figure.linear)) };
	},
	draw: ({ common, settings, made }) => draw(common, settings, made),
	places: ({ form, size }) => [
		{ what: 'ground', index: 0, said: 'Ground', box: FIELD },
		{ what: 'figure', index: 0, said: 'Figure', box: figureIn(FIELD, form, size) }
	],
	colours: ({ made: { grounds, figure } }) => [namedGrounds(grounds)[0]!, { name: 'Figure', hex: figure.hex }],
	preview: ({ common, linked }) => codesOfPair(common, linked),
	reveals: (settings) => [
		{ settings: { ...settings, covered: false, predicted: false }, says: 'look at the cross', seconds: LOOK },
		{ settings: { ...settings, covered: true, predicted: false }, says: 'the neutral field' },
		{ settings: { ...settings, covered: true, predicted: true }, says: 'the after-image, by the model' }
	],
	remarks: () => [
		holds('ask', 'Show it to a room, or press “Look”: after twenty seconds the neutral field comes by itself.')
	]
};
