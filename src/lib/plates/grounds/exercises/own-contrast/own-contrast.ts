import { z } from 'zod';
import { CONTRAST_ROUNDS } from '$lib/core/matching/own-contrast';
import { holds, look, type Remark } from '$lib/core/remark';
import { contrastSeriesSchema } from '$lib/model/own-contrast';
import { type GroundExercise } from '../../exercise';
import { BOARD_FILL } from '../../ground-shapes';
import { figureIn, GROUND_BOXES } from '../../grounds-layout';
import { sayP } from '../../say-p';
import { MOST_SERIES } from '../../series';
import { contrastOf, type MadeContrast } from './contrast-of';
import { drawOwnContrast } from './draw-own-contrast';

const schema = contrastSeriesSchema.extend({ name: z.literal('own-contrast') });
export type OwnContrastSettings = z.infer<typeof schema>;

/** The number of the first series of a plate, each plate's its own. */
const firstSeries = (id: string): number =>
	[...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % MOST_SERIES, 7);

function remarksOn(result: MadeContrast['result']): Remark[] {
	if (!result)
		return [
			look(
				'Set the twin in the mixer until both look alike, then say so. Sit as you always sit; look from one to the other.'
			)
		];
	const { p, spread } = result;
	return [
		p < -0.02
			? holds(`Grounds push figures away from themselves: your p is ${sayP(p)}.`)
			: look(`Your p is ${sayP(p)}: hardly any contrast. Were the codes read, or the twin left where it started?`),
		spread < 0.25
			? holds(`The matches agree: ± ${spread.toFixed(2)}.`)
			: look(`The matches differ much, ± ${spread.toFixed(2)}: another series would tell more.`)
	];
}

/** How strongly a ground works on a figure for one person, by a dozen matches. */
export const ownContrast: GroundExercise<OwnContrastSettings, MadeContrast> = {
	name: 'own-contrast',
	schema,
	words: {
		name: 'My own contrast',
		says: 'Twelve matches by your own eye say how strongly a ground works on a figure for you, on this screen.'
	},
	heading: 'my own contrast',
	fields: ['figures'],
	begin: ({ id }) => ({ name: 'own-contrast', series: firstSeries(id), twins: [], twin: null, kept: null }),
	mapSources: (settings, change) => ({ ...settings, twin: settings.twin && change(settings.twin) }),
	make: (_, settings, linked) => contrastOf(settings, linked),
	draw: ({ common, settings, made }) => drawOwnContrast(common, settings, made),
	places: ({ form, size }, { twins }) =>
		twins.length === CONTRAST_ROUNDS
			? []
			: [{ what: 'twin', index: 0, said: 'Twin', box: figureIn(GROUND_BOXES[1], form, size) }],
	twin: ({ settings, made: { now } }, set) =>
		now && {
			source: settings.twin ?? { text: now.twin.hex },
			name: 'Twin',
			note: 'set it until both look alike',
			put: (twin) => set((latest) => ({ ...latest, twin }))
		},
	// What is matched is not to be read.
	colours: () => [],
	preview: ({ made: { now } }) => (now ? [now.ground.hex, now.figure.hex, now.twin.hex, BOARD_FILL] : []),
	remarks: ({ made }) => remarksOn(made.result)
};
