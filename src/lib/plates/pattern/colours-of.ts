import { type LinkedColour } from '$lib/model/linked';
import { type NamedCode } from '../kind';
import { patchesOf } from './design';
import { type PatternPlate } from './schema';
import { nameOfColour } from './words';

/** The colours of a design with their names, in their order. */
export const coloursOfPattern = (plate: PatternPlate, linked: readonly LinkedColour[]): readonly NamedCode[] =>
	patchesOf(plate, linked).map(({ hex }, i) => ({ name: `${i + 1}, ${nameOfColour(plate, i, linked)}`, hex }));
