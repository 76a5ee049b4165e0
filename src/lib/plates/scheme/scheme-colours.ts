import { colourWords } from '$lib/core/colour/hue-words';
import { type LinkedColour } from '$lib/model/linked';
import { type NamedCode } from '../kind';
import { type SchemePlate } from './schema';
import { schemeOf } from './scheme-of';

/** The members' names as files and palettes give them: "Lead, red", "2, blue-green". */
export function coloursOfScheme(plate: SchemePlate, linked: readonly LinkedColour[]): NamedCode[] {
	const { used, usedHexes } = schemeOf(plate, linked);
	return used.map((linear, i) => ({
		name: `${i === 0 ? 'Lead' : i + 1}, ${colourWords(linear)}`,
		hex: usedHexes[i]!
	}));
}
