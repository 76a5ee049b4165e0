import { SCHEME_RULES, type SchemeSpec } from './schemes';

/** What turning one member asks of the scheme: the lead turns, or its spread changes, or only the one member's angle. */
export interface Turning {
	/** Degrees by which the lead colour turns, and all with it. */
	readonly lead: number;
	readonly spread?: number;
	/** The new angle from the lead of a member of a free scheme. */
	readonly angle?: number;
}

const clamp = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/**
 * Turns one member of a scheme by some degrees so that the scheme still is what it was: where the member's angle depends on the
 * spread, the spread changes (within its range) and the lead stays; where its angle is set, the whole scheme turns.
 */
export function turnMember(spec: SchemeSpec, index: number, degrees: number): Turning {
	const { scheme, free = [] } = spec;
	const { angles, spread } = SCHEME_RULES[scheme];
	if (index === 0) return { lead: degrees };
	if (scheme === 'free') return { lead: 0, angle: (free[index - 1] ?? 0) + degrees };
	const slot = index % angles(0).length;
	const share = angles(1)[slot]! - angles(0)[slot]!;
	if (!spread || share === 0) return { lead: degrees };
	return { lead: 0, spread: clamp((spec.spread ?? spread.usual) + degrees / share, spread.least, spread.most) };
}
