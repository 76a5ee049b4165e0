import { z } from 'zod';
import { CONTRADICTS, CONTRAST_ROUNDS, type OwnContrast } from '$lib/core/matching/own-contrast';
import { holds, look, type Remark } from '$lib/core/remark';
import { besideLimit } from '$lib/core/say-number';
import { contrastSeriesSchema } from '$lib/model/own-contrast';
import { decided, free, WORK } from '../../../decision';
import { type GroundExercise } from '../../exercise';
import { BOARD_FILL } from '../../ground-shapes';
import { figureIn, GROUND_BOXES } from '../../grounds-layout';
import { sayStrength } from '../../say-strengths';
import { MOST_SERIES } from '../../series';
import { contrastOf, type MadeContrast } from './contrast-of';
import { drawOwnContrast } from './draw-own-contrast';

const schema = contrastSeriesSchema.extend({ name: z.literal('own-contrast') });
export type OwnContrastSettings = z.infer<typeof schema>;

/** The number of the first series of a plate, each plate's its own. */
const firstSeries = (id: string): number =>
	[...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % MOST_SERIES, 7);

/** Between these a strength is hardly one. */
const HARDLY = 0.02;

const worksBy = (strength: number): string =>
	strength < -HARDLY ? 'contrast' : strength > HARDLY ? 'assimilation' : 'hardly anything';

/** What both strengths say: which way grounds work on value and on colour for this person. */
function onStrengths({ strengths: { value, colour } }: OwnContrast): Remark {
	const words = `For you grounds work on value by ${worksBy(value)} (${sayStrength(value)}), on colour by ${worksBy(colour)} (${sayStrength(colour)}).`;
	return holds('contrast.strengths', words);
}

/** Whether the series tells anything. */
function onVerdict({ verdict, spread }: OwnContrast): Remark {
	const far = `± ${besideLimit(spread.value, CONTRADICTS.value, 2)} on value, ± ${besideLimit(spread.colour, CONTRADICTS.colour, 2)} on colour`;
	switch (verdict) {
		case 'agrees':
			return holds('contrast.agree', `The matches agree: ${far}.`);
		case 'contradicts':
			return look(
				'contrast.agree',
				`The matches contradict each other, ${far}: this series tells nothing. Make another.`
			);
		case 'untouched':
			return look(
				'contrast.agree',
				'Half of the twins or more were left where they started: this series tells nothing.'
			);
	}
}

function remarksOn(result: MadeContrast['result']): Remark[] {
	if (!result)
		return [
			look(
				'ask',
				'Set the twin in the mixer until both look alike, then say so. Sit as you always sit; look from one to the other.'
			)
		];
	return [onStrengths(result), onVerdict(result)];
}

/** How strongly a ground works on a figure for one person, by a dozen matches. */
export const ownContrast: GroundExercise<OwnContrastSettings, MadeContrast> = {
	name: 'own-contrast',
	schema,
	words: {
		name: 'My own contrast',
		says: 'Twelve matches by your own eye say how strongly a ground works on a figure for you, on this screen.',
		source: 'Gustav Theodor Fechner, 1860, for the way of measuring'
	},
	heading: 'my own contrast',
	decides: {
		series: decided('series', 'the series of matches'),
		twins: WORK,
		twin: WORK,
		kept: free('whether the series is kept changes none of it')
	},
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
