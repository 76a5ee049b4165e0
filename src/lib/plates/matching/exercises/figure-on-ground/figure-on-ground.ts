import { z } from 'zod';
import { clipped } from '$lib/core/colour/gamut';
import { seenColour } from '$lib/core/ground/on-ground';
import { bar } from '$lib/drawing/bars';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { colourSourceSchema } from '$lib/model/colour-text';
import { decided, decidedColour } from '../../../decision';
import { byEye } from '../../by-eye';
import { drawnColours } from '../../drawn-colours';
import { BOARD, figureIn } from '../../layout';
import { matchShape } from '../../match-state';

/** To be matched as what it is, or as what it looks like on its ground. */
export const ASKED = ['is', 'looks'] as const;

const schema = z.strictObject({
	name: z.literal('figure-on-ground'),
	...matchShape,
	figure: colourSourceSchema,
	ground: colourSourceSchema,
	asked: z.enum(ASKED)
});
export type FigureOnGround = z.infer<typeof schema>;

/** Figure and ground, and what the figure looks like there by the model. */
interface MadeFigure {
	readonly figure: Patch;
	readonly ground: Patch;
	readonly looks: Patch;
}

/** A figure on a ground, matched on the neutral board. */
export const figureOnGround = byEye<FigureOnGround, MadeFigure>({
	name: 'figure-on-ground',
	schema,
	words: {
		name: 'A figure on a ground',
		says: 'Matched on a neutral board: as what it is, or as what it looks like on its ground.',
		source: 'Josef Albers, Interaction of Color, 1963'
	},
	heading: 'on its ground, and on the neutral board',
	decides: {
		figure: decidedColour('subject.figure', 'the figure'),
		ground: decidedColour('subject.ground', 'the ground'),
		asked: decided('asked', 'which of the two is asked')
	},
	begin: () => ({ name: 'figure-on-ground', figure: { text: BOARD }, ground: { text: BOARD }, asked: 'is' }),
	make: ({ figure, ground }, linked) => {
		const [one, under] = [patchBy(figure, linked), patchBy(ground, linked)];
		return { figure: one, ground: under, looks: patchOf(clipped(seenColour(one.linear, under.linear))) };
	},
	regions: ({ settings, made }) => [
		{
			name: settings.asked === 'is' ? 'What it is' : 'What it looks like',
			target: settings.asked === 'is' ? made.figure : made.looks,
			lit: null
		}
	],
	colours: [
		{
			key: 'figure',
			name: 'Figure',
			note: 'hidden once you begin',
			of: ({ figure }) => figure,
			put: (settings, figure) => ({ ...settings, figure })
		},
		{
			key: 'ground',
			name: 'Ground',
			note: 'what changes how it looks',
			of: ({ ground }) => ground,
			put: (settings, ground) => ({ ...settings, ground })
		}
	],
	count: 1,
	layout: 'pair',
	subject: ({ made }, box) => [bar(box, made.ground.hex), bar(figureIn(box), made.figure.hex)],
	drawn: (_, box, [fill]) => [bar(box, BOARD), bar(figureIn(box), fill!)],
	open: (_, box) => figureIn(box),
	another: (settings, seed) => {
		const next = drawnColours(seed);
		return { ...settings, seed, figure: next(), ground: next() };
	},
	asks: ({ asked }) =>
		asked === 'is'
			? 'Set what the figure is, whatever its ground makes of it.'
			: 'Set what the figure looks like where it stands.'
});
