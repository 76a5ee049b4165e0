import { type ColourSource } from './colour-text';
import { type LinkedColour } from './linked';
import { type PlaceInPicture } from './picture';
import { type PlateBase } from './plate-base';
import { givenName, textOf } from './resolve';
import { sameSource } from './sources';

/** What a plate finds in its study when it is made. */
export interface Surroundings {
	readonly linked: readonly LinkedColour[];
	readonly plates: readonly PlateBase[];
	/** The colours to choose from, one at least: the linked ones, or what the plates use, or ours. */
	readonly colours: readonly [ColourSource, ...ColourSource[]];
	/** Places in pictures whose colours were measured. */
	readonly places: () => readonly PlaceInPicture[];
}

export const sourceFor = (colour: LinkedColour): ColourSource => ({ linked: colour.id });

/** A colour of the study other than this one, where there is one: the next in its order. */
export function partnerOf(source: ColourSource, { colours }: Surroundings): ColourSource {
	const at = colours.findIndex((candidate) => sameSource(candidate, source));
	return colours[(at + 1) % colours.length]!;
}

/** A colour of the study that is not among these, or the first where all are. */
export const nextColour = ({ colours }: Surroundings, used: readonly ColourSource[]): ColourSource =>
	colours.find((colour) => !used.some((other) => sameSource(other, colour))) ?? colours[0];

/** What a colour is called in the title of something that begins from it: "madder", or its code. */
export const nameOf = (source: ColourSource, { linked }: Pick<Surroundings, 'linked'>): string =>
	givenName(source, linked)?.toLowerCase() ?? textOf(source, linked);

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
