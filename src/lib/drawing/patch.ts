import { linearToHex } from '$lib/core/colour/bytes';
import { colourWords } from '$lib/core/colour/hue-words';
import { fit } from '$lib/core/colour/shown';
import { type Triple } from '$lib/core/colour/vector';
import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { colourOf, textOf } from '$lib/model/resolve';

/** A colour as it is shown. */
export interface Patch {
	readonly linear: Triple;
	readonly hex: string;
}

export const patchOf = (linear: Triple): Patch => ({ linear, hex: linearToHex(...linear) });

/** A colour source as a screen shows it. */
export const patchBy = (source: ColourSource, linked: readonly LinkedColour[]): Patch =>
	patchOf(fit(colourOf(textOf(source, linked))).linear);

/** A code in words: "dark quiet green". */
export const wordsOfHex = (hex: string): string => colourWords(patchBy({ text: hex }, []).linear);
