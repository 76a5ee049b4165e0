import { linearToHex } from '$lib/core/colour/bytes';
import { type Triple } from '$lib/core/colour/vector';

/** A colour as it is shown. */
export interface Patch {
	readonly linear: Triple;
	readonly hex: string;
}

export const patchOf = (linear: Triple): Patch => ({ linear, hex: linearToHex(...linear) });
