import { type Dulling } from '../scale/spec';
import { RECIPE_WORDS } from '../scale/words';
import { type Making, type Rings } from './hue-chart';

/** What people read for each making of rings; `says` is the one sentence of theory beside it. */
export const MAKING_WORDS: Readonly<Record<Making, { name: string; says: string }>> = {
	mixed: { name: 'true mixes', says: 'Each ring is a step of its own, mixed between the hue and what it goes to.' },
	over: {
		name: 'discs laid over',
		says: 'Thin discs of white, black, grey or a neutral cover the wheel, one more for each ring.'
	},
	multiplied: {
		name: 'discs multiplied',
		says: 'Discs of white, black, grey or the opposite hue as film: they only take light away, so white ones change nothing.'
	}
};

/** One ring, several, and the name of one that has a number. */
const RING_NAMES: Readonly<Record<Rings['recipe'], readonly [one: string, more: string, name: string]>> = {
	tints: ['tint', 'tints', 'Tint'],
	shades: ['shade', 'shades', 'Shade'],
	'tones-rising': ['rising tone', 'rising tones', 'Rising tone'],
	'tones-level': ['level tone', 'level tones', 'Level tone'],
	'tones-falling': ['falling tone', 'falling tones', 'Falling tone'],
	dulling: ['step of dulling', 'steps of dulling', 'Dulling']
};

/** "3 tints", "1 step of dulling" */
export function ringWords({ recipe, count }: Rings): string {
	const [one, more] = RING_NAMES[recipe];
	return `${count} ${count === 1 ? one : more}`;
}

/** One ring by its number from the hue on: "Tint 2", "Dulling 1". */
export const ringName = (recipe: Rings['recipe'], number: number): string => `${RING_NAMES[recipe][2]} ${number}`;

/** What rings are dulled with. */
export const RING_DULLING_WORDS: Readonly<Record<Dulling, string>> = {
	neutral: 'dulled to the neutral',
	mixed: 'dulled by the opposite hue'
};

/** What a recipe of rings teaches, in one sentence. */
export const ringTeaches = (recipe: Rings['recipe']): string =>
	recipe === 'dulling'
		? 'A hue on its way to the neutral that lies half way to the opposite hue.'
		: RECIPE_WORDS[recipe].teaches;
