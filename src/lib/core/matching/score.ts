import { HUELESS } from '../colour/hueless';
import { hueTowards, nearestHue } from '../colour/hue-direction';
import { linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';
import { differenceOfLinear, linearToLab } from '../difference/lab-of-linear';
import { hueTurn } from '../scale/route';

/** How near an attempt came to the colour that was to be matched. Signs are of the attempt: + is lighter, stronger. */
export interface MatchScore {
	/** ΔE00 between the two. */
	readonly difference: number;
	/** L* too light (+) or too dark (−). */
	readonly value: number;
	/** OKLCH chroma too strong (+) or too quiet (−). */
	readonly chroma: number;
	/** Degrees of OKLCH hue off; null where one of the two is a grey. */
	readonly hue: number | null;
	/** All of it as a teacher would say it: "2 lighter, a little too strong, hue right". */
	readonly words: string;
	/** The same in three: of value, of strength, of hue. */
	readonly said: readonly [value: string, strength: string, hue: string];
}

/** Under these nobody sees the error; under the second ones it is "a little" (our choice). */
const RIGHT = { value: 1, chroma: 0.012, hue: 4 } as const;
const LITTLE = { chroma: 0.04, hue: 15 } as const;

/** Two colours as they are compared: what the one has more or less than the other. */
interface Compared {
	readonly value: number;
	readonly chroma: number;
	/** Degrees from the other's hue to this one's; null where one of the two is a grey. */
	readonly hue: number | null;
	/** OKLCH of both. */
	readonly own: ReadonlyTriple;
	readonly other: ReadonlyTriple;
}

function compared(one: ReadonlyTriple, other: ReadonlyTriple): Compared {
	const [own, base] = [linearToOklch(one), linearToOklch(other)];
	const grey = own[1] < HUELESS || base[1] < HUELESS;
	return {
		value: linearToLab(one)[0] - linearToLab(other)[0],
		chroma: own[1] - base[1],
		hue: grey ? null : hueTurn(base[2], own[2], 'shorter'),
		own,
		other: base
	};
}

function valueWords(value: number): string {
	if (Math.abs(value) < RIGHT.value) return 'value right';
	return `${Math.abs(value).toFixed(0)} ${value > 0 ? 'lighter' : 'darker'}`;
}

function chromaWords(chroma: number): string {
	if (Math.abs(chroma) < RIGHT.chroma) return 'strength right';
	return `${Math.abs(chroma) < LITTLE.chroma ? 'a little ' : ''}too ${chroma > 0 ? 'strong' : 'quiet'}`;
}

/** "a little towards orange", "towards blue-green" */
const towards = (from: number, turned: number): string =>
	`${Math.abs(turned) < LITTLE.hue ? 'a little ' : ''}towards ${hueTowards(from, turned)}`;

/** What a match has of the hue; a grey that is matched by a colour, and a colour by a grey, are said to be so. */
function hueWords({ hue, own, other }: Compared): string {
	if (hue !== null) return Math.abs(hue) < RIGHT.hue ? 'hue right' : `hue ${towards(other[2], hue)}`;
	if (own[1] >= HUELESS) return `it looks ${nearestHue(own[2])} where there is a grey`;
	return other[1] >= HUELESS ? `it is a grey where there is ${nearestHue(other[2])}` : 'a grey as it should be';
}

/** Scores an attempt against its target; both in linear sRGB. */
export function scoreMatch(attempt: ReadonlyTriple, target: ReadonlyTriple): MatchScore {
	const found = compared(attempt, target);
	const { value, chroma, hue } = found;
	const said = [valueWords(value), chromaWords(chroma), hueWords(found)] as const;
	return { difference: differenceOfLinear(attempt, target), value, chroma, hue, said, words: said.join(', ') };
}

/** What a shift does to the hue: it turns towards one, a grey takes one, a colour loses its own, or nothing that is seen. */
function turnWords({ hue, own, other }: Compared): string[] {
	if (hue !== null) return Math.abs(hue) < RIGHT.hue ? [] : [towards(other[2], hue)];
	if (own[1] >= HUELESS) return [`looking ${nearestHue(own[2])}`];
	return other[1] >= HUELESS ? ['looking grey'] : [];
}

/**
 * How a colour on a ground differs from itself on the neutral board, as a teacher would say it: "3 lighter and a little quieter than on
 * a neutral board, towards orange". A grey that takes colour is said to look that colour, not to be stronger.
 * @param looks what it looks like on its ground, and `figure` what it is, in linear sRGB
 */
export function shiftWords(looks: ReadonlyTriple, figure: ReadonlyTriple): string {
	const found = compared(looks, figure);
	const { value, chroma, hue } = found;
	const little = Math.abs(chroma) < LITTLE.chroma ? 'a little ' : '';
	const light = Math.abs(value) < RIGHT.value ? [] : [valueWords(value)];
	const strength =
		hue === null || Math.abs(chroma) < RIGHT.chroma ? [] : [`${little}${chroma > 0 ? 'stronger' : 'quieter'}`];
	const parts = [...light, ...strength];
	const turns = turnWords(found);
	if (parts.length + turns.length === 0) return 'as on a neutral board';
	const than = parts.length > 0 ? `${parts.join(' and ')} than on a neutral board` : 'as light as on a neutral board';
	return [than, ...turns].join(', ');
}
