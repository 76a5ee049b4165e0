import { clipped } from '../colour/gamut';
import { greatestChroma } from '../colour/greatest-chroma';
import { holdLuminance } from '../colour/hold-luminance';
import { fromPolar, linearToOklch, oklabToLinear } from '../colour/oklab';
import { turn, type ReadonlyTriple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { fittedOklab, type Fitted } from '../colour/shown';

export const DIRECTIONS = ['lighter', 'darker', 'warmer', 'cooler', 'stronger', 'quieter'] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** Poles of warm and cool, in OKLCH degrees, and how far a relative turns towards one at the most (our choice). */
const POLES = { warmer: 55, cooler: 235 } as const;
const FARTHEST = 40;

/** The one relative at this share 0–1 of the whole way in its direction. */
function relative(linear: ReadonlyTriple, direction: Direction, share: number): Fitted {
	const [r, g, b] = linear;
	const [lightness, chroma, hue] = linearToOklch([r, g, b]);
	if (share === 0) return { linear: [r, g, b], mapped: false };
	const y = luminance(r, g, b);
	switch (direction) {
		case 'lighter':
		case 'darker': {
			const [, a, bb] = fromPolar([0, chroma * (1 - share), hue]);
			const l = direction === 'lighter' ? lightness + (1 - lightness) * share : lightness * (1 - share);
			return fittedOklab(l, a, bb);
		}
		case 'warmer':
		case 'cooler': {
			const way = turn(POLES[direction] - hue + 180) - 180;
			const angle = Math.sign(way) * Math.min(Math.abs(way), FARTHEST * share);
			const [, a, bb] = fromPolar([0, chroma, hue + angle]);
			return holdLuminance(y, a, bb);
		}
		case 'stronger': {
			const reach = Math.max(chroma, greatestChroma(lightness, hue));
			const whole = oklabToLinear(...fromPolar([lightness, chroma + (reach - chroma) * share, hue]));
			return { linear: clipped(whole), mapped: false };
		}
		case 'quieter': {
			const [, a, bb] = fromPolar([0, chroma * (1 - share), hue]);
			return holdLuminance(y, a, bb);
		}
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
	return Array.from({ length: steps }, (_, i) => relative(linear, direction, ((i + 1) / steps) * (amount / 100)));
}
