import { colourOfValue } from '../colour/hold-luminance';
import { clipped } from '../colour/gamut';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { valueToLuminance } from '../colour/lab';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { seeded } from '../seeded';
import { regionColours, type Lighting } from './lit-colours';
import { LIT_REGIONS, type LitForm } from './lit-shares';

/** How hard a lit form is: the smallest ΔE00 between two of its regions lies from `least` to `most`. */
export const LIT_DEGREES = [
	{ least: 9, most: 20 },
	{ least: 7, most: 9 },
	{ least: 5, most: 7 },
	{ least: 3, most: 5 }
] as const;
export type LitDegree = 0 | 1 | 2 | 3;

/** The smallest ΔE00 between two of these colours. */
export function smallestDifference(colours: readonly ReadonlyTriple[]): number {
	let smallest = Infinity;
	colours.forEach((one, i) => {
		for (let j = i + 1; j < colours.length; j++) smallest = Math.min(smallest, differenceOfLinear(one, colours[j]!));
	});
	return smallest;
}

/** What decides lights and colours of a lit form, each number from 0 to 1. */
interface Drawn {
	readonly value: number;
	readonly hue: number;
	readonly chroma: number;
	readonly warm: number;
	readonly tint: number;
	readonly sky: number;
	readonly skyHue: number;
	readonly wall: number;
	readonly wallHue: number;
	readonly gloss: number;
}
const KEYS = ['value', 'hue', 'chroma', 'warm', 'tint', 'sky', 'skyHue', 'wall', 'wallHue', 'gloss'] as const;

const colour = (value: number, chroma: number, hue: number): Triple =>
	clipped(colourOfValue(value, chroma, hue).linear);

/** A light of this hue whose luminance is y. */
function lightOf(y: number, chroma: number, hue: number): Triple {
	const [r, g, b] = colour(80, chroma, hue);
	const by = y / valueToLuminance(80);
	return [r * by, g * by, b * by];
}

/** Lamp and sky are two hues: the one warm, the other cool, or the other way round. */
function lightingOf(drawn: Drawn): Lighting {
	const lampHue = (drawn.warm < 0.7 ? 40 : 215) + 50 * drawn.tint;
	return {
		object: colour(30 + 50 * drawn.value, 0.04 + 0.14 * drawn.chroma, 360 * drawn.hue),
		key: lightOf(0.95, 0.02 + 0.08 * drawn.tint, lampHue),
		ambient: lightOf(0.015 + 0.3 * drawn.sky ** 2, 0.04 + 0.1 * drawn.tint, lampHue + 130 + 100 * drawn.skyHue),
		background: colour(18 + 72 * drawn.wall, 0.02 + 0.12 * drawn.tint, 360 * drawn.wallHue),
		gloss: 0.15 + 1.05 * drawn.gloss
	};
}

/** The colours as they will be shown and stored: by their codes, so that what is promised holds of them. */
const regionsOf = (lighting: Lighting, form: LitForm): Triple[] => {
	const colours = regionColours(lighting, form);
	return LIT_REGIONS.map((region) => colours[region]);
};

/** Lights that are drawn at first, steps by which the best of them are turned, and how often that is begun anew. */
const [TRIES, STEPS, ROUNDS] = [60, 300, 16];
/** How far a number is turned at most. */
const TURN = 0.25;
const IN_CIRCLES: readonly string[] = ['hue', 'wallHue', 'skyHue'];

/** How far outside its range a difference lies; 0 inside, with a little room at both ends. */
function off(difference: number, degree: LitDegree): number {
	const { least, most } = LIT_DEGREES[degree];
	const room = (most - least) * 0.04;
	return Math.max(0, least + room - difference, difference - most + room);
}

const kept = (key: string, value: number): number =>
	IN_CIRCLES.includes(key) ? ((value % 1) + 1) % 1 : Math.max(0, Math.min(1, value));

/**
 * A lit form of a degree of difficulty, from a seed: lights and colours are drawn, and turned little by little until the two regions that
 * are most alike differ by as much as the degree asks.
 * @param seed any whole number; the same one gives the same form
 */
export function drawnLighting(form: LitForm, degree: LitDegree, seed: number): Lighting {
	const next = seeded(seed * 613 + degree * 9973 + 11);
	const missBy = (drawn: Drawn): number => off(smallestDifference(regionsOf(lightingOf(drawn), form)), degree);
	const any = (): Drawn => Object.fromEntries(KEYS.map((key) => [key, next()])) as unknown as Drawn;
	const turned = (drawn: Drawn): Drawn => {
		const key = KEYS[Math.floor(next() * KEYS.length)]!;
		return { ...drawn, [key]: kept(key, drawn[key] + TURN * (2 * next() - 1)) };
	};
	let best = any();
	let miss = missBy(best);
	for (let round = 0; round < ROUNDS && miss > 0; round++) {
		let own = any();
		let ownMiss = missBy(own);
		for (let i = 0; i < TRIES + STEPS && ownMiss > 0; i++) {
			const other = i < TRIES ? any() : turned(own);
			const by = missBy(other);
			if (by <= ownMiss) [own, ownMiss] = [other, by];
		}
		if (ownMiss < miss) [best, miss] = [own, ownMiss];
	}
	return lightingOf(best);
}
