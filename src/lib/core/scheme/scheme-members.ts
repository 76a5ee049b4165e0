import { valueOf } from '../colour/value-of';
import { valueToLuminance } from '../colour/lab';
import { type Fitted } from '../colour/shown';
import { type ReadonlyTriple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { hueTurn } from '../scale/route';
import { membersOf, type Member, type SchemeSpec } from './schemes';
import { angleOn } from './turn-hue';
import { colourAt, colourAtLuminance, placeOf } from './wheel-place';

/** How a member departs from what the scheme alone would make of it. */
export interface Departure {
	/** Its distance from the middle as times the scheme's; 1 as the scheme has it. */
	readonly strength: number;
	/** L* added, −100 to 100; 0 as the scheme has it. */
	readonly value: number;
}

/** A member apart from the lead: as it departs from the scheme, or a colour (linear sRGB) that stays as it is. */
export type MemberRule = Departure | FixedMember;

/** A colour (linear sRGB) that stays as it is; whether it had to be brought into the gamut. */
export interface FixedMember {
	readonly fixed: ReadonlyTriple;
	readonly mapped?: boolean;
}

/** A member just as the scheme has it. */
export const NO_DEPARTURE: Departure = { strength: 1, value: 0 };

const isFixed = (rule: MemberRule): rule is FixedMember => 'fixed' in rule;
const within = (value: number): number => Math.min(100, Math.max(0, value));

/** The member with its distance changed; where value is held the luminance stays too. */
function strengthened({ linear, mapped }: Fitted, { wheel, holdValue }: SchemeSpec, strength: number): Fitted {
	if (strength === 1) return { linear, mapped };
	const place = placeOf(wheel, linear);
	const further = { ...place, distance: place.distance * strength };
	const made = holdValue ? colourAtLuminance(wheel, further, luminance(...linear)) : colourAt(wheel, further);
	return { linear: made.linear, mapped: mapped || made.mapped };
}

function departed(member: Member, spec: SchemeSpec, { strength, value }: Departure): Member {
	if (strength === 1 && value === 0) return member;
	const strong = strengthened(member, spec, strength);
	if (value === 0) return { ...strong, angle: member.angle };
	const y = valueToLuminance(within(valueOf(strong.linear) + value));
	const made = colourAtLuminance(spec.wheel, placeOf(spec.wheel, strong.linear), y);
	return { linear: made.linear, mapped: strong.mapped || made.mapped, angle: member.angle };
}

/**
 * The members of a scheme, the lead colour first, each as it departs from the scheme; fixed ones as they are, with the
 * angle at which they happen to stand.
 * @param rules one for each member apart from the lead: their number decides how many members there are (2 to 10).
 * @throws Problem `scheme` as `membersOf` does.
 */
export function makeScheme(spec: SchemeSpec, rules: readonly MemberRule[]): Member[] {
	const members = membersOf({ ...spec, members: rules.length + 1 });
	return members.map((member, i): Member => {
		const rule = i === 0 ? NO_DEPARTURE : rules[i - 1]!;
		if (!isFixed(rule)) return departed(member, spec, rule);
		const angle = hueTurn(angleOn(spec.wheel, spec.lead), angleOn(spec.wheel, rule.fixed), 'shorter');
		return { linear: [rule.fixed[0], rule.fixed[1], rule.fixed[2]], mapped: rule.mapped ?? false, angle };
	});
}

/** Under these a departure is only rounding. */
const [NO_STRENGTH, NO_VALUE, NO_DISTANCE] = [1e-4, 2e-3, 1e-4];

/** How a member must depart from the scheme to become a colour (linear sRGB), as far as strength and value can. */
export function departureFor(spec: SchemeSpec, members: number, index: number, target: ReadonlyTriple): Departure {
	const base = membersOf({ ...spec, members })[index]!;
	const [from, to] = [placeOf(spec.wheel, base.linear).distance, placeOf(spec.wheel, target).distance];
	const ratio = from > NO_DISTANCE ? to / from : 1;
	const strength = Math.abs(ratio - 1) < NO_STRENGTH ? 1 : ratio;
	const value = valueOf(target) - valueOf(strengthened(base, spec, strength).linear);
	return { strength, value: Math.abs(value) < NO_VALUE ? 0 : value };
}

/**
 * The scheme reckoned from another of its members. Gives which member, by its old index, stands where in the new order: the new
 * lead first, the others each where the new scheme has a colour most like it.
 */
export function orderFrom(spec: SchemeSpec, members: readonly Member[], index: number): number[] {
	const lead = members[index]!;
	const left = members.map((_, i) => i).filter((i) => i !== index);
	if (spec.scheme === 'free') return [index, ...left];
	const slots = membersOf({ ...spec, lead: lead.linear, members: members.length }).slice(1);
	const chosen = slots.map((slot) => {
		const distances = left.map((i) => differenceOfLinear(slot.linear, members[i]!.linear));
		return left.splice(distances.indexOf(Math.min(...distances)), 1)[0]!;
	});
	return [index, ...chosen];
}

/** Degrees from a new lead to each of some members, as a free scheme keeps them. */
export const anglesFrom = (spec: SchemeSpec, lead: ReadonlyTriple, members: readonly Member[]): number[] =>
	members.map(({ linear }) => hueTurn(angleOn(spec.wheel, lead), angleOn(spec.wheel, linear), 'shorter'));
