import { formatOklch } from '$lib/core/colour/codes';
import { linearToOklch } from '$lib/core/colour/oklab';
import { type ReadonlyTriple, type Triple } from '$lib/core/colour/vector';
import { hueTurn } from '$lib/core/scale/route';
import { turnMember } from '$lib/core/scheme/constraint';
import { anglesFrom, departureFor, NO_DEPARTURE, orderFrom } from '$lib/core/scheme/scheme-members';
import { SCHEME_RULES, type Scheme } from '$lib/core/scheme/schemes';
import { turnHue } from '$lib/core/scheme/turn-hue';
import { placeOf } from '$lib/core/scheme/wheel-place';
import { schemeOf, schemeSpecOf } from './scheme-of';
import { type ColourSource } from '$lib/model/colour-text';
import { type Role, ROLES, type SchemeMember, type SchemePlate } from './schema';
import { type LinkedColour } from '$lib/model/linked';
import { plateOf, withPlateOf, type Edit, type StudyParts } from '$lib/model/edit';
import { changeLinked } from '$lib/model/edit-linked';

const withScheme = (plateId: string, change: (plate: SchemePlate) => SchemePlate): Edit =>
	withPlateOf<SchemePlate>('scheme', plateId, change);

/** Decides something about a scheme plate. */
export const decideScheme = (plateId: string, decisions: Partial<Omit<SchemePlate, 'id' | 'kind'>>): Edit =>
	withScheme(plateId, (plate) => ({ ...plate, ...decisions }));

/** A colour (linear sRGB) as it is stored: fine enough that a drag never steps. */
export const textOfLinear = (linear: ReadonlyTriple): string => formatOklch(linearToOklch(linear), 3);

const AS_RULED: SchemeMember = { angle: 0, ...NO_DEPARTURE, fixed: null };
/** Members of a scheme of one hue, where nobody has said how many. */
const OF_ONE_HUE = 5;
/** Degrees between members that are added to a free scheme. */
const APART = 30;

/** How many members a scheme has by itself; null for a free one. */
function usualCount(scheme: Scheme): number | null {
	if (scheme === 'free') return null;
	const angles = SCHEME_RULES[scheme].angles(0).length;
	return angles > 1 ? angles : OF_ONE_HUE;
}

function withCount(others: readonly SchemeMember[], count: number): SchemeMember[] {
	const added = (i: number): SchemeMember => ({ ...AS_RULED, angle: (i + 1) * APART });
	return Array.from({ length: count - 1 }, (_, i) => others[i] ?? added(i));
}

export const setMemberCount = (plateId: string, count: number): Edit =>
	withScheme(plateId, (plate) => ({ ...plate, others: withCount(plate.others, count) }));

/** The members other than the lead, each departing so that it becomes the colour it should be; fixed ones stay as they are. */
function fitted(
	plate: SchemePlate,
	linked: readonly LinkedColour[],
	targets: readonly (ReadonlyTriple | null)[]
): SchemeMember[] {
	const spec = schemeSpecOf(plate, linked);
	return plate.others.map((other, i) => {
		const target = targets[i];
		if (other.fixed || !target) return other;
		return { ...other, ...departureFor(spec, plate.others.length + 1, i + 1, target) };
	});
}

/**
 * A plate with another scheme from the same lead colour: with as many members as that scheme has, where nobody asked for
 * another number. A free scheme begins with the colours that are there.
 */
export function withOtherScheme(plate: SchemePlate, scheme: Scheme, linked: readonly LinkedColour[]): SchemePlate {
	const now = plate.others.length + 1;
	// In a free scheme nobody asked for a number against a rule, so the rule's own number counts.
	const asked = plate.scheme !== 'free' && usualCount(plate.scheme) !== now;
	const count = asked ? now : (usualCount(scheme) ?? now);
	const plain = withCount(plate.others, count).map((other) =>
		other.fixed ? other : { ...AS_RULED, angle: other.angle }
	);
	if (scheme !== 'free') return { ...plate, scheme, spread: undefined, others: plain };
	const { spec, members } = schemeOf(plate, linked);
	const angles = anglesFrom(spec, spec.lead, members.slice(1));
	const free = { ...plate, scheme, others: plate.others.map((other, i) => ({ ...other, angle: angles[i]! })) };
	return {
		...free,
		others: fitted(
			free,
			linked,
			members.slice(1).map(({ linear }) => linear)
		)
	};
}

export const setScheme =
	(plateId: string, scheme: Scheme): Edit =>
	(document) =>
		withScheme(plateId, (plate) => withOtherScheme(plate, scheme, document.linked))(document);

/** Puts another colour where the lead is; a linked lead changes wherever it is used. */
function withLeadColour(plateId: string, { lead }: SchemePlate, linear: ReadonlyTriple): Edit {
	const text = textOfLinear(linear);
	return 'linked' in lead ? changeLinked(lead.linked, { text }) : decideScheme(plateId, { lead: { text } });
}

const schemePlateOf = ({ plates }: StudyParts, id: string): SchemePlate | null =>
	plateOf<SchemePlate>('scheme', plates, id);

/** The plate after one of its members was given another colour: turned as the scheme allows, then as strong and light as asked. */
function withMemberAt(plate: SchemePlate, linked: readonly LinkedColour[], index: number, target: Triple) {
	const { spec, members } = schemeOf(plate, linked);
	const [from, to] = [placeOf(spec.wheel, members[index]!.linear), placeOf(spec.wheel, target)];
	// A grey stands at no angle: only its strength and value are asked for.
	const degrees = to.distance < 1e-3 || from.distance < 1e-3 ? 0 : hueTurn(from.angle, to.angle, 'shorter');
	const turning = turnMember(spec, index, degrees);
	// Where the lead is fixed a member of a set angle stays at it: only its strength and value are what was asked for.
	const held = plate.leadFixed && turning.lead !== 0;
	const lead = held || turning.lead === 0 ? null : turnHue(spec.lead, spec.wheel, turning.lead, spec.holdValue).linear;
	const others = plate.others.map((other, i) =>
		turning.angle !== undefined && i === index - 1 ? { ...other, angle: turning.angle } : other
	);
	const turned: SchemePlate = { ...plate, others, ...(turning.spread === undefined ? {} : { spread: turning.spread }) };
	const turnedSpec = { ...schemeSpecOf(turned, linked), ...(lead ? { lead } : {}) };
	const departure = departureFor(turnedSpec, others.length + 1, index, target);
	return {
		lead,
		plate: { ...turned, others: others.map((other, i) => (i === index - 1 ? { ...other, ...departure } : other)) }
	};
}

/**
 * Gives a member another colour (linear sRGB): the lead simply becomes it, a fixed one too; any other turns the scheme as far as
 * the scheme allows.
 */
export const placeMember =
	(plateId: string, index: number, target: Triple): Edit =>
	(document) => {
		const plate = schemePlateOf(document, plateId);
		if (!plate) return document;
		if (index === 0) return plate.leadFixed ? document : withLeadColour(plateId, plate, target)(document);
		const { fixed } = plate.others[index - 1]!;
		if (fixed && 'linked' in fixed) return changeLinked(fixed.linked, { text: textOfLinear(target) })(document);
		if (fixed) return fixMember(plateId, index, { text: textOfLinear(target) })(document);
		const { lead, plate: placed } = withMemberAt(plate, document.linked, index, target);
		const after = withScheme(plateId, () => placed)(document);
		return lead ? withLeadColour(plateId, placed, lead)(after) : after;
	};

/** Fixes a member at a colour, or lets it follow the scheme again. */
export const fixMember = (plateId: string, index: number, fixed: ColourSource | null): Edit =>
	withScheme(plateId, (plate) => ({
		...plate,
		others: plate.others.map((other, i) => (i === index - 1 ? { ...other, fixed } : other))
	}));

/** Fixes the lead colour, so that no member that is turned turns it too, or lets it turn again. */
export const fixLead = (plateId: string, leadFixed: boolean): Edit =>
	withScheme(plateId, (plate) => ({ ...plate, leadFixed }));

/** Lets one member become the lead; the others keep their colours as far as the scheme from there allows. */
export const anotherLead =
	(plateId: string, index: number): Edit =>
	(document) => {
		const plate = schemePlateOf(document, plateId);
		if (!plate || index === 0) return document;
		const { linked } = document;
		const { spec, members } = schemeOf(plate, linked);
		const order = orderFrom(spec, members, index);
		const lead = plate.others[index - 1]!.fixed ?? { text: textOfLinear(members[index]!.linear) };
		const rest = order.slice(1);
		const angles = anglesFrom(
			spec,
			members[index]!.linear,
			rest.map((i) => members[i]!)
		);
		const others = rest.map((i, slot) => ({
			...(i === 0 ? AS_RULED : plate.others[i - 1]!),
			angle: angles[slot]!
		}));
		const roles = plate.roles.map((member) => Math.max(0, order.indexOf(member % members.length)));
		const turned = { ...plate, lead, others, roles };
		return withScheme(plateId, () => ({
			...turned,
			others: fitted(
				turned,
				linked,
				rest.map((i) => members[i]!.linear)
			)
		}))(document);
	};

/** Moves every member that is not fixed in the same way. The angles stay what the scheme makes them. */
export const moveAll =
	(plateId: string, move: (linear: Triple) => Triple): Edit =>
	(document) => {
		const plate = schemePlateOf(document, plateId);
		if (!plate) return document;
		const [lead, ...members] = schemeOf(plate, document.linked).members;
		const after = plate.leadFixed ? document : withLeadColour(plateId, plate, move(lead!.linear))(document);
		const moved = schemePlateOf(after, plateId)!;
		const targets = members.map(({ linear }) => move(linear));
		return withScheme(plateId, () => ({ ...moved, others: fitted(moved, after.linked, targets) }))(after);
	};

/** Gives a role of the designs to one of so many members and chosen relatives; whichever had the role takes the one that it had. */
export const giveRole = (plateId: string, role: Role, worker: number, count: number): Edit =>
	withScheme(plateId, (plate) => {
		const at = ROLES.indexOf(role);
		const before = plate.roles[at]! % count;
		const roles = plate.roles.map((had, i) => {
			if (i === at) return worker;
			return had % count === worker ? before : had;
		});
		return { ...plate, roles };
	});
