import { SCHEME_WORDS } from '$lib/core/scheme/scheme-words';
import { colourWords } from '$lib/core/colour/hue-words';
import { type LinkedColour } from '$lib/model/linked';
import { type SchemePlate } from './schema';
import { schemeOf } from './scheme-of';

/** The scheme by its name, and each of its members in words. */
export function describeScheme(plate: SchemePlate, linked: readonly LinkedColour[]): string {
	const members = schemeOf(plate, linked).members.map(
		({ linear }, i) => `${i === 0 ? 'lead colour' : `member ${i + 1}`}, ${colourWords(linear)}`
	);
	return `${SCHEME_WORDS[plate.scheme].name} of ${members.length} colours: ${members.join('; ')}.`;
}
