import { clipped } from '../colour/gamut';
import { greatestChroma } from '../colour/greatest-chroma';
import { holdLuminance } from '../colour/hold-luminance';
import { fromPolar, linearToOklch, oklabToLinear } from '../colour/oklab';
import { turn, type ReadonlyTriple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { fittedOklab, type Fitted } from '../colour/shown';

/** The ways in which a relative can depart from a colour. */
export const DIRECTIONS = ['lighter', 'darker', 'warmer', 'cooler', 'stronger', 'quieter'] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** Poles of warm and cool, in OKLCH degrees, and how far a relative turns towards one at the most (our choice). */
const POLES = { warmer: 55, cooler: 235 } as const;
const FARTHEST = 40;

/** A colour as relatives are reckoned from it: its OKLCH, and its luminance. */
interface Origin {
	readonly lightness: number;
	readonly chroma: number;
	readonly hue: number;
	readonly y: number;
}

/** The relative at any share 0–1 of the whole way in one direction. What is the same for every share is reckoned once. */
function towards({ lightness, chroma, hue, y }: Origin, direction: Direction): (share: number) => Fitted {
	const [, a, b] = fromPolar([0, chroma, hue]);
	switch (direction) {
		case 'lighter':
			return (share) => fittedOklab(lightness + (1 - lightness) * share, a * (1 - share), b * (1 - share));
		case 'darker':
			return (share) => fittedOklab(lightness * (1 - share), a * (1 - share), b * (1 - share));
		case 'warmer':
		case 'cooler': {
			const way = turn(POLES[direction] - hue + 180) - 180;
			return (share) => {
				const angle = Math.sign(way) * Math.min(Math.abs(way), FARTHEST * share);
				const [, turnedA, turnedB] = fromPolar([0, chroma, hue + angle]);
				return holdLuminance(y, turnedA, turnedB, lightness);
			};
		}
		case 'stronger': {
			const reach = Math.max(chroma, greatestChroma(lightness, hue));
			return (share) => {
				const whole = oklabToLinear(...fromPolar([lightness, chroma + (reach - chroma) * share, hue]));
				return { linear: clipped(whole), mapped: false };
			};
		}
		case 'quieter':
			return (share) => holdLuminance(y, a * (1 - share), b * (1 - share), lightness);
	}
}

/**
 * The relatives of a colour (linear sRGB 0–1) in one direction, nearest first.
 * @param steps how many, 1 to 20
 * @param amount how far the last one goes, 0 to 100 % of the way: to white or black, 40° towards the warm or cool pole
 * but never past it, to the edge of the gamut, or to the own grey.
 * @throws Problem `relatives` outside these ranges.
 */
export function relativesOf(linear: ReadonlyTriple, direction: Direction, steps: number, amount: number): Fitted[] {
	if (!Number.isInteger(steps) || steps < 1 || steps > 20)
		throw new Problem('relatives', `${steps} relatives cannot be made.`, '1 to 20 a side');
	if (!(amount >= 0 && amount <= 100))
		throw new Problem('relatives', `An amount of ${amount} % cannot be used.`, '0 to 100 %');
	const [lightness, chroma, hue] = linearToOklch(linear);
	const at = towards({ lightness, chroma, hue, y: luminance(linear[0], linear[1], linear[2]) }, direction);
	// A plain loop: a thousand relatives are made in a frame, and a list made by a callback takes twice as long.
	const made: Fitted[] = [];
	for (let step = 1; step <= steps; step++)
		made.push(amount === 0 ? { linear: [...linear], mapped: false } : at((step / steps) * (amount / 100)));
	return made;
}
