import { holds, look, said, type Remark } from '$lib/core/remark';
import { besideLimit } from '$lib/core/say-number';
import { patchBy } from '$lib/drawing/patch';
import { decided, KEPT_OF_WORK, LOOKED_AT, WORK } from '../../../decision';
import { type MixExercise, type MixPlace } from '../../exercise';
import { namedParents } from '../../parents';
import { drawMiddle } from './draw-middle';
import { MIDDLE } from './middle-layout';
import { middleOf, type MadeMiddle } from './middle-of';
import { middleSchema, type Middle } from './schema';

const EVEN = 0.1;
/** Nearer (ΔE00) than this the middle is found. */
const FOUND = 3;

function remarksOn({ revealed }: Middle, { toFirst, toSecond, guess }: MadeMiddle): Remark[] {
	if (!revealed) return [look('ask', 'The middle is hidden until you have found it by eye.')];
	return [
		Math.abs(toFirst - toSecond) < EVEN
			? holds('middle.even', `Both parents look equally far: ${toFirst.toFixed(1)} ΔE00.`)
			: look(
					'middle.leans',
					`It leans: ${toFirst.toFixed(1)} ΔE00 to the first, ${toSecond.toFixed(1)} to the second.`
				),
		...(guess
			? [
					said(
						'middle.found',
						guess.off < FOUND,
						`Found by eye: ${besideLimit(guess.off, FOUND, 1)} ΔE00 from the middle.`
					)
				]
			: [])
	];
}

/** The one mixture that seems to stand midway; found by eye first. */
export const middle: MixExercise<Middle, MadeMiddle> = {
	name: 'middle',
	schema: middleSchema,
	words: {
		name: 'The middle mixture',
		says: 'The one mixture that seems to stand midway; find it by eye first.',
		source: 'Josef Albers, Interaction of Color, 1963'
	},
	heading: 'the middle mixture',
	decides: {
		lean: decided('lean', 'where the middle leans'),
		guess: WORK,
		revealed: LOOKED_AT,
		attempt: KEPT_OF_WORK
	},
	begin: () => ({ name: 'middle', lean: 0, guess: null, revealed: false }),
	mapSources: (settings, change) => ({ ...settings, guess: settings.guess && change(settings.guess) }),
	make: middleOf,
	draw: ({ common, settings, made, linked }) => drawMiddle(common, settings, made, linked),
	places: (_, { guess, revealed }): MixPlace[] => [
		{ what: 'parent', key: '0', box: MIDDLE.first },
		...(revealed ? [{ what: 'mix', key: 'middle-leaned', box: MIDDLE.middle } as const] : []),
		{ what: 'parent', key: '1', box: MIDDLE.second },
		...(guess ? [{ what: 'guess', key: 'guess', box: MIDDLE.guess } as const] : [])
	],
	seen: ({ settings, made }, { what }) =>
		what === 'guess'
			? made.guess && { ...made.guess, name: 'Found by eye' }
			: { linear: made.linear, hex: made.hex, name: settings.lean === 0 ? 'Middle mixture' : 'Leaning mixture' },
	settable: ({ settings: { guess } }, { what }, set) =>
		what === 'guess' && guess
			? {
					source: guess,
					name: 'Found by eye',
					note: 'make it stand midway between both',
					put: (source) => set((settings) => ({ ...settings, guess: source }))
				}
			: null,
	attempt: ({
		settings: { attempt },
		made: {
			middle: { linear: solution }
		},
		linked
	}) => ({
		attempt: attempt ? patchBy({ text: attempt }, linked).linear : (attempt as null | undefined),
		solution
	}),
	colours: ({ common, made, linked }) => [...namedParents(common, linked), { name: 'Middle', hex: made.hex }],
	// It hides by itself what is to be found.
	reveals: (settings) => [
		{ settings: { ...settings, revealed: false }, says: 'both parents' },
		{ settings: { ...settings, revealed: true }, says: 'and their middle' }
	],
	remarks: ({ settings, made }) => remarksOn(settings, made)
};
