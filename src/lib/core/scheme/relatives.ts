import { clipped } from '../colour/gamut';
import { greatestChroma } from '../colour/greatest-chroma';
import { holdLuminance } from '../colour/hold-luminance';
import { fromPolar, linearToOklch, oklabToLinear } from '../colour/oklab';
import { turn, type ReadonlyTriple, type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { ciede2000 } from '../difference/ciede2000';
import { linearToLab } from '../difference/lab-of-linear';
import { falsePosition } from '../false-position';
import { Problem } from '../problem';
import { isGrey } from '../colour/hueless';
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

const originOf = (linear: ReadonlyTriple): Origin => {
	const [lightness, chroma, hue] = linearToOklch(linear);
	return { lightness, chroma, hue, y: luminance(linear[0], linear[1], linear[2]) };
};

/**
 * The colour so far on the way in one direction (linear sRGB 0–1).
 * @param share 0–1 of the way: to white or black, 40° towards the warm or cool pole but never past it, to the edge of the gamut, or to
 * the own grey
 * @throws Problem `relatives` outside this range.
 */
export function departed(linear: ReadonlyTriple, direction: Direction, share: number): Fitted {
	if (!(share >= 0 && share <= 1))
		throw new Problem('relatives', `${100 * share} % of the way cannot be gone.`, '0 to 100 %');
	return share === 0 ? { linear: [...linear], mapped: false } : towards(originOf(linear), direction)(share);
}

export const MOST_RELATIVES = 12;
/** How far one relative is from the one before, in ΔE00. */
export const RELATIVE_SIZES = { least: 1, most: 12, usual: 4 } as const;

/** A relative is as far from the one before as asked, within this many ΔE00. */
const MET = 0.01;
const MOST_ROUNDS = 24;

/** A place on the way, with its colour. */
interface Found {
	readonly share: number;
	readonly fitted: Fitted;
	readonly lab: Triple;
}

/** The place beyond one on a way that differs from it by a size in ΔE00. */
function beyond(place: (share: number) => Found, from: Found, end: Found, size: number, guess: number): Found {
	let best = end;
	const miss = (found: Found): number => ciede2000(...from.lab, ...found.lab) - size;
	const missAt = (share: number): number => miss((best = place(share)));
	const middle = (from.share + end.share) / 2 + (end.share - from.share) / 2.001;
	const search = { close: MET, mostRounds: MOST_ROUNDS, first: Math.min(guess, middle) };
	falsePosition(missAt, [from.share, -size], [end.share, miss(end)], search);
	return best;
}

/**
 * The relatives of a colour (linear sRGB 0–1) in one direction, nearest first, each the same difference from the one before. Fewer than
 * asked where no further one fits: up to white or black, 40° towards the warm or cool pole but never past it, to the edge of the gamut,
 * or to the own grey. A grey has none but lighter and darker ones.
 * @param steps how many at the most, 1 to 12
 * @param size ΔE00 from one to the next, 1 to 12
 * @throws Problem `relatives` outside these ranges.
 */
export function relativesOf(linear: ReadonlyTriple, direction: Direction, steps: number, size: number): Fitted[] {
	if (!Number.isInteger(steps) || steps < 1 || steps > MOST_RELATIVES)
		throw new Problem('relatives', `${steps} relatives cannot be made.`, `1 to ${MOST_RELATIVES} each way`);
	if (!(size >= RELATIVE_SIZES.least && size <= RELATIVE_SIZES.most))
		throw new Problem('relatives', `Relatives ${size} ΔE00 apart cannot be made.`, '1 to 12 ΔE00');
	if (direction !== 'lighter' && direction !== 'darker' && isGrey(linear)) return [];
	const at = towards(originOf(linear), direction);
	const place = (share: number): Found => {
		const fitted = at(share);
		return { share, fitted, lab: linearToLab(fitted.linear) };
	};
	const end = place(1);
	const made: Fitted[] = [];
	let from: Found = { share: 0, fitted: { linear: [...linear], mapped: false }, lab: linearToLab(linear) };
	let went = size / Math.max(size, ciede2000(...from.lab, ...end.lab));
	while (made.length < steps) {
		const left = ciede2000(...from.lab, ...end.lab) - size;
		if (left < -MET) break;
		const next: Found = left < MET ? end : beyond(place, from, end, size, from.share + went);
		made.push(next.fitted);
		went = next.share - from.share;
		from = next;
	}
	return made;
}
