import { z } from 'zod';
import { ordinal } from '$lib/core/ordinals';
import { middleMixture } from '$lib/core/mix/halving';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { colourSourceSchema } from '$lib/model/colour-text';
import { decidedColours } from '../../../decision';
import { byEye } from '../../by-eye';
import { drawnColours } from '../../drawn-colours';
import { matchShape } from '../../match-state';

const schema = z.strictObject({
	name: z.literal('middle-of-two'),
	...matchShape,
	parents: z.tuple([colourSourceSchema, colourSourceSchema])
});
export type MiddleOfTwo = z.infer<typeof schema>;

interface MadeMiddle {
	readonly parents: readonly [Patch, Patch];
	readonly middle: Patch;
}

const third = ({ x, y, width, height }: Box, index: number): Box => ({
	x: x + (index * width) / 3,
	y,
	width: width / 3,
	height
});
const three = ({ parents: [one, other] }: MadeMiddle, box: Box, middle: string) =>
	[one.hex, middle, other.hex].map((fill, i) => bar(third(box, i), fill));

/** The colour that stands as far from the one as from the other. */
export const middleOfTwo = byEye<MiddleOfTwo, MadeMiddle>({
	name: 'middle-of-two',
	schema,
	words: {
		name: 'The middle of two',
		says: 'The colour between two that seems as far from the one as from the other.',
		source: 'Josef Albers, Interaction of Color, 1963'
	},
	heading: 'the middle of two',
	decides: { parents: decidedColours('subject', (i) => `the ${ordinal(i)} parent`) },
	begin: () => ({ name: 'middle-of-two', parents: [{ text: '#303030' }, { text: '#e8e8e8' }] }),
	make: ({ parents: [one, other] }, linked) => {
		const parents = [patchBy(one, linked), patchBy(other, linked)] as const;
		return { parents, middle: patchOf(middleMixture(parents[0].linear, parents[1].linear).linear) };
	},
	regions: ({ made }) => [{ name: 'The middle', target: made.middle, lit: null }],
	colours: ([0, 1] as const).map((index) => ({
		key: String(index),
		name: index === 0 ? 'First' : 'Second',
		note: 'parent',
		of: ({ parents }: MiddleOfTwo) => parents[index],
		put: (settings: MiddleOfTwo, source) => ({
			...settings,
			parents: index === 0 ? [source, settings.parents[1]] : [settings.parents[0], source]
		})
	})),
	count: 1,
	layout: 'one',
	subject: ({ made }, box) => three(made, box, made.middle.hex),
	drawn: ({ made }, box, [fill]) => three(made, box, fill!),
	open: (_, box) => third(box, 1),
	another: (settings, seed) => {
		const next = drawnColours(seed);
		return { ...settings, seed, parents: [next(), next()] };
	},
	asks: () => 'Set the field between, as far from the one as from the other.'
});
