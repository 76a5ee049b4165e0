import { linearToHex } from '$lib/core/colour/bytes';
import { colourOfValue } from '$lib/core/colour/hold-luminance';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { seeded } from '$lib/core/seeded';
import { type TakenColour } from '$lib/model/colour-text';

/** A colour of its own by its light. */
export const ownColour = ([r, g, b]: ReadonlyTriple): TakenColour => ({ text: linearToHex(r, g, b) });

/** Colours drawn one after the other, each of middling value and of any hue and strength: the same from the same seed. */
export function drawnColours(seed: number): () => TakenColour {
	const next = seeded(seed * 257 + 5);
	return () => ownColour(colourOfValue(26 + 58 * next(), 0.015 + 0.15 * next() ** 1.5, 360 * next()).linear);
}
