import { type ReadonlyTriple } from '../colour/vector';
import { departed } from './relatives';
import { type Fitted } from '../colour/shown';
import { turnHue } from './turn-hue';
import { type Wheel } from './wheel';
import { Problem } from '../problem';

/** The schemes, in the order in which they are offered. */
export const SCHEMES = [
	'complementary',
	'near-complementary',
	'split-complementary',
	'analogous',
	'triad',
	'square',
	'rectangle',
	'analogous-complement',
	'monochromatic',
	'dark-family',
	'free'
] as const;
export type Scheme = (typeof SCHEMES)[number];

/** Degrees that can be set, where a scheme has them. */
export interface Spread {
	readonly least: number;
	readonly most: number;
	readonly usual: number;
}

interface Rule {
	readonly spread: Spread | null;
	/** Degrees from the lead colour, the lead (0) first. */
	readonly angles: (spread: number) => readonly number[];
}

const rule = (angles: Rule['angles'], spread: Spread | null = null): Rule => ({ angles, spread });
const from = (least: number, most: number, usual: number): Spread => ({ least, most, usual });

/** By their angles on the wheel in use: common teaching (Itten 1961 and most handbooks after it). */
export const SCHEME_RULES: Readonly<Record<Scheme, Rule>> = {
	complementary: rule(() => [0, 180]),
	'near-complementary': rule((side) => [0, side], from(150, 210, 150)),
	'split-complementary': rule((s) => [0, 180 - s, 180 + s], from(5, 60, 30)),
	analogous: rule((a) => [0, a, -a, 2 * a, -2 * a], from(10, 45, 30)),
	triad: rule(() => [0, 120, 240]),
	square: rule(() => [0, 90, 180, 270]),
	rectangle: rule((a) => [0, a, 180, 180 + a], from(20, 90, 60)),
	'analogous-complement': rule((a) => [0, a, -a, 180], from(10, 45, 30)),
	monochromatic: rule(() => [0]),
	'dark-family': rule(() => [0]),
	free: rule(() => [0])
};

/** What decides a scheme. */
export interface SchemeSpec {
	readonly lead: ReadonlyTriple;
	/** Whether the lead colour itself had to be brought into the gamut. */
	readonly leadMapped?: boolean;
	readonly scheme: Scheme;
	readonly wheel: Wheel;
	/** Within the scheme's range; its usual one where not given. */
	readonly spread?: number;
	/** 2 to 10; as many as the scheme has angles, at least 3 for those of one hue, where not given. */
	readonly members?: number;
	readonly holdValue?: boolean;
	/** The angles of a free scheme, in degrees from the lead. */
	readonly free?: readonly number[];
}

/** A member of a scheme, within the screen gamut. */
export interface Member extends Fitted {
	/** Degrees from the lead colour on the wheel in use. */
	readonly angle: number;
}

/** What is done to further members at the same angles, turn by turn. */
const VARIATIONS = [
	['lighter', 45],
	['darker', 40],
	['quieter', 55],
	['lighter', 75],
	['darker', 65]
] as const;

/**
 * The members of a scheme, the lead colour first. More members than angles are lighter, darker and quieter ones at the
 * same angles; fewer are the first ones.
 * @throws Problem `scheme` for a spread or a number of members outside its range.
 */
export function membersOf(spec: SchemeSpec): Member[] {
	const { scheme, wheel, lead, leadMapped = false, holdValue = false, free = [] } = spec;
	const { angles, spread } = SCHEME_RULES[scheme];
	const width = spec.spread ?? spread?.usual ?? 0;
	if (spread && !(width >= spread.least && width <= spread.most))
		throw new Problem('scheme', `A spread of ${width}° cannot be used here.`, `${spread.least}° to ${spread.most}°`);
	const places = scheme === 'free' ? [0, ...free] : angles(width);
	const count = spec.members ?? Math.max(places.length, places.length === 1 ? 3 : 2);
	if (!Number.isInteger(count) || count < 2 || count > 10)
		throw new Problem('scheme', `A scheme cannot have ${count} members.`, '2 to 10 members');
	return Array.from({ length: count }, (_, i): Member => {
		const angle = places[i % places.length]!;
		const whole: Fitted =
			angle === 0 ? { linear: [...lead], mapped: leadMapped } : turnHue(lead, wheel, angle, holdValue);
		const round = Math.floor(i / places.length);
		return { ...(round === 0 ? whole : varied(whole, scheme, round, count)), angle };
	});
}

function varied(member: Fitted, scheme: Scheme, round: number, count: number): Fitted {
	if (scheme === 'dark-family') return departed(member.linear, 'darker', round / count);
	const [direction, amount] = VARIATIONS[(round - 1) % VARIATIONS.length]!;
	// Past the list of variations each goes a little less far, so that no two are the same.
	const less = amount * 0.8 ** Math.floor((round - 1) / VARIATIONS.length);
	return departed(member.linear, direction, less / 100);
}
