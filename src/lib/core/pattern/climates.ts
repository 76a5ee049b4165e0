import { fittedOklab } from '../colour/shown';
import { fromPolar, linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';

/** Climates that any set of colours can be brought into: small means, each of one dimension. */
export const CLIMATES = ['light', 'dark', 'quiet', 'warm', 'cool'] as const;
export type ClimateKind = (typeof CLIMATES)[number];

/** OKLab lightness of a high key, all of it over L* 65, and of a low one, all of it under L* 40. */
const HIGH = [0.74, 0.96] as const;
const LOW = [0.14, 0.46] as const;
const QUIET = 0.25;
/** The warm and the cool pole as OKLCH hues, and how near to them everything is brought. */
const WARM_POLE = 55;
const COOL_POLE = 235;
const REACH = 40;

const into =
	(colours: readonly Triple[], [low, high]: readonly [number, number]) =>
	(lightness: number): number => {
		const all = colours.map(([l]) => l);
		const [least, most] = [Math.min(...all), Math.max(...all)];
		return most - least < 1e-6 ? (low + high) / 2 : low + ((lightness - least) / (most - least)) * (high - low);
	};

/** A hue brought within reach of a pole, on its own side of it, those that lie farther off farther out. */
function towards(hue: number, pole: number): number {
	const off = ((hue - pole + 540) % 360) - 180;
	return pole + (off / 180) * REACH;
}

/**
 * Colours (linear sRGB) in another climate: brought to a high or a low key, made quiet, or turned towards the warm or the cool pole; what
 * is not of that dimension stays, as far as the screen shows it.
 */
export function inClimate(kind: ClimateKind, colours: readonly ReadonlyTriple[]): Triple[] {
	const polar = colours.map((colour) => linearToOklch(colour));
	const key = kind === 'light' ? into(polar, HIGH) : kind === 'dark' ? into(polar, LOW) : (value: number) => value;
	return polar.map(([lightness, chroma, hue]) => {
		const pole = kind === 'warm' ? WARM_POLE : kind === 'cool' ? COOL_POLE : null;
		const turned = pole === null ? hue : towards(hue, pole);
		const strength = kind === 'quiet' ? chroma * QUIET : chroma;
		return fittedOklab(...fromPolar([key(lightness), strength, turned])).linear;
	});
}
