import { numberToHex } from '$lib/core/colour/code-number';
import { fit } from '$lib/core/colour/shown';
import { type LinkedColour } from '$lib/model/linked';
import { colourOf } from '$lib/model/resolve';
import { capital } from '$lib/model/surroundings';
import { type Following, type Places, type Settable } from '../kind';
import { type RelativeCell, type SchemePlate } from './schema';
import { decideScheme, fixMember, placeMember, textOfLinear } from './scheme-edits';
import { relativesOfScheme, schemeOf } from './scheme-of';

type Relative = { readonly kind: 'relative' } & RelativeCell;

/** What can be held of a scheme: the lead, another member by its number from 1, and one of a member's relatives. */
export type SchemePlace = { readonly kind: 'lead' } | { readonly kind: 'member'; readonly index: number } | Relative;

export const memberPlace = (index: number): SchemePlace => (index === 0 ? { kind: 'lead' } : { kind: 'member', index });

/** The member that a place is, or is a relative of, by its index. */
export function memberOf(place: SchemePlace): number {
	if (place.kind === 'lead') return 0;
	return place.kind === 'member' ? place.index : place.member;
}

/** "lead colour of the scheme", "member 3 of 5, 120° from the lead" */
function noteOf({ others }: SchemePlate, index: number, angle: number, fixed: boolean): string {
	if (index === 0) return 'lead colour of the scheme';
	const place = `member ${index + 1} of ${others.length + 1}`;
	return fixed ? `${place}, fixed` : `${place}, ${Math.round(((angle % 360) + 360) % 360)}° from the lead`;
}

/** A member, with how it is set: by its own colour, which turns the scheme, or by a link, which fixes it. */
function memberAt(plate: SchemePlate, index: number, linked: readonly LinkedColour[]): Settable | null {
	const member = schemeOf(plate, linked).members[index];
	if (!member) return null;
	const note = noteOf(plate, index, member.angle, member.fixed);
	const name = index === 0 ? 'Lead colour' : `Member ${index + 1}`;
	if (index === 0) return { source: plate.lead, name, note, put: (lead) => decideScheme(plate.id, { lead }) };
	const source = plate.others[index - 1]!.fixed ?? { text: textOfLinear(member.linear) };
	return {
		source,
		name,
		note,
		put: (put) => {
			// What is linked or follows cannot be turned with the scheme: it stays where it is put.
			if ('linked' in put || put.follows || member.fixed) return fixMember(plate.id, index, put);
			return placeMember(plate.id, index, fit(colourOf(put.text)).linear);
		}
	};
}

/** A relative, which follows from its member. */
function relativeAt(
	plate: SchemePlate,
	{ member, direction, step }: Relative,
	linked: readonly LinkedColour[]
): Following<SchemePlace> | null {
	const code = relativesOfScheme(plate, linked)[member]?.[direction][step - 1];
	if (code === undefined) return null;
	return {
		name: `${capital(direction)} ${step}`,
		note: `relative of member ${member + 1}`,
		text: numberToHex(code),
		follows: 'It follows from its member. Set that one, or go on from this colour:',
		parents: [{ name: `member ${member + 1}`, place: memberPlace(member) }]
	};
}

export const schemePlaces: Places<SchemePlate, SchemePlace> = {
	first: () => ({ kind: 'lead' }),
	has: ({ others, relatives }, place) =>
		memberOf(place) <= others.length &&
		(place.kind !== 'relative' || (relatives.shown && place.step <= relatives.steps)),
	settable: (plate, place, linked) => (place.kind === 'relative' ? null : memberAt(plate, memberOf(place), linked)),
	following: (plate, place, linked) => (place.kind === 'relative' ? relativeAt(plate, place, linked) : null)
};
