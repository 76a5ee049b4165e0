import { z } from 'zod';
import { bar } from '$lib/drawing/bars';
import { patchBy, type Patch } from '$lib/drawing/patch';
import { colourSourceSchema } from '$lib/model/colour-text';
import { decidedColour } from '../../../decision';
import { byEye } from '../../by-eye';
import { drawnColours } from '../../drawn-colours';
import { matchShape } from '../../match-state';

const schema = z.strictObject({ name: z.literal('flat-colour'), ...matchShape, colour: colourSourceSchema });
type FlatColour = z.infer<typeof schema>;

/** One colour, set again beside itself. */
export const flatColour = byEye<FlatColour, Patch>({
	name: 'flat-colour',
	schema,
	words: {
		name: 'A flat colour',
		says: 'One colour without its numbers, to be set again by eye.'
	},
	heading: 'the colour, and yours',
	decides: { colour: decidedColour('subject.colour', 'the colour of the subject') },
	begin: () => ({ name: 'flat-colour', colour: { text: '#8a8a8a' } }),
	make: ({ colour }, linked) => patchBy(colour, linked),
	regions: ({ made }) => [{ name: 'The colour', target: made, lit: null }],
	colours: [
		{
			key: 'colour',
			name: 'The colour',
			note: 'hidden once you begin',
			of: ({ colour }) => colour,
			put: (settings, colour) => ({ ...settings, colour })
		}
	],
	count: 1,
	layout: 'pair',
	subject: ({ made }, box) => [bar(box, made.hex)],
	drawn: (_, box, [fill]) => [bar(box, fill!)],
	another: (settings, seed) => ({ ...settings, seed, colour: drawnColours(seed)() }),
	asks: () => 'Set the right field until it is the left one.'
});
