import { type ReadonlyTriple, type Triple } from '../colour/vector';

/** A lit body: its own colour, the two lights and what stands behind it, all linear sRGB; lights may be over 1. */
export interface Lighting {
	readonly object: ReadonlyTriple;
	readonly keyLight: ReadonlyTriple;
	readonly ambient: ReadonlyTriple;
	readonly background: ReadonlyTriple;
	/** How much of the key light a glossy spot throws back, 0 (dull) to 1. */
	readonly gloss: number;
}

/** The regions that a draughtsman tells apart on a lit form, in linear sRGB, clipped to what a screen can show. */
export interface LitRegions {
	readonly light: Triple;
	readonly halfTone: Triple;
	readonly shadow: Triple;
	readonly reflectedLight: Triple;
	readonly highlight: Triple;
	readonly background: Triple;
}

/** Cosine of the light's angle to the surface: full, and at 60°. */
const [FULL, HALF] = [1, 0.5];
/** How much of what the background throws back reaches the shadow's edge. */
const BOUNCE = 0.35;

/**
 * The regions of a lit form by Lambert's cosine law with a specular lobe, in linear light. A highlight is white only if
 * the light is, and a background is neutral only if it is so itself.
 */
export function litRegions({ object, keyLight, ambient, background, gloss }: Lighting): LitRegions {
	const region = (cosine: number, glint = 0, bounce = 0): Triple => {
		const channel = (i: 0 | 1 | 2): number => {
			const thrownBack = background[i] * (keyLight[i] + ambient[i]);
			return object[i] * (keyLight[i] * cosine + ambient[i] + bounce * thrownBack) + keyLight[i] * glint;
		};
		return [channel(0), channel(1), channel(2)].map((x) => Math.min(1, Math.max(0, x))) as Triple;
	};
	const behind = background.map((x, i) => Math.min(1, x * (keyLight[i]! * HALF + ambient[i]!))) as Triple;
	return {
		light: region(FULL),
		halfTone: region(HALF),
		shadow: region(0),
		reflectedLight: region(0, 0, BOUNCE),
		highlight: region(FULL, gloss),
		background: behind
	};
}
