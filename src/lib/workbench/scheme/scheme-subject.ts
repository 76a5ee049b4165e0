import { numberToHex } from '$lib/core/colour/code-number';
import { colourWords } from '$lib/core/colour/hue-words';
import { fit } from '$lib/core/colour/shown';
import { colourOf } from '$lib/drawing/resolve';
import { relativesOfScheme, schemeOf } from '$lib/drawing/scheme/scheme-of';
import { type SchemePlate } from '$lib/model/scheme-plate';
import { type LinkedColour } from '$lib/model/study';
import { decideScheme, fixMember, placeMember, textOfLinear } from '../study/scheme-edits';
import { type SettableSource, type Subject } from '../study/subject';
import { type Held, type Workbench } from '../study/workbench.svelte';

type Relative = Extract<Held, { kind: 'relative' }>;

/** "lead colour of the scheme", "member 3 of 5, 120° from the lead" */
function noteOf({ others }: SchemePlate, index: number, angle: number, fixed: boolean): string {
	if (index === 0) return 'lead colour of the scheme';
	const place = `member ${index + 1} of ${others.length + 1}`;
	return fixed ? `${place}, fixed` : `${place}, ${Math.round(((angle % 360) + 360) % 360)}° from the lead`;
}

/** The member that is held, with how it is set: by its own colour, which turns the scheme, or by a link, which fixes it. */
export function memberHeld({ schemePlate: plate, document }: Workbench, index: number): SettableSource | null {
	const member = plate && schemeOf(plate, document.linked).members[index];
	if (!plate || !member) return null;
	const note = noteOf(plate, index, member.angle, member.fixed);
	const name = index === 0 ? 'Lead colour' : `Member ${index + 1}`;
	if (index === 0) return { source: plate.lead, name, note, put: (lead) => decideScheme(plate.id, { lead }) };
	const source = plate.others[index - 1]!.fixed ?? { text: textOfLinear(member.linear) };
	return {
		source,
		name,
		note,
		put: (put) => {
			if ('linked' in put || member.fixed) return fixMember(plate.id, index, put);
			return placeMember(plate.id, index, fit(colourOf(put.text)).linear);
		}
	};
}

/** A relative, which follows from its member. */
export function aboutRelative({ schemePlate: plate, document }: Workbench, held: Relative): Subject | null {
	const codes = plate && relativesOfScheme(plate, document.linked)[held.member]?.[held.direction];
	const code = codes?.[held.step - 1];
	if (!plate || code === undefined) return null;
	const name = `${held.direction[0]!.toUpperCase()}${held.direction.slice(1)} ${held.step}`;
	return {
		name,
		note: `relative of member ${held.member + 1}`,
		text: numberToHex(code),
		linked: null,
		follows: 'It follows from its member. Set that one, or go on from this colour:',
		parents: [{ name: `member ${held.member + 1}`, held: heldMember(held.member) }]
	};
}

export const heldMember = (index: number): Held => (index === 0 ? { kind: 'lead' } : { kind: 'member', index });

/** The member that the mixer holds, by its index; null while it holds something else. */
export function indexHeld({ held }: Workbench): number | null {
	if (held?.kind === 'lead') return 0;
	if (held?.kind === 'member') return held.index;
	return held?.kind === 'relative' ? held.member : null;
}

/** The members' names as files and palettes give them: "Lead, red", "2, blue-green". */
export function coloursOfScheme(plate: SchemePlate, linked: readonly LinkedColour[]): { name: string; hex: string }[] {
	const { used, usedHexes } = schemeOf(plate, linked);
	return used.map((linear, i) => ({
		name: `${i === 0 ? 'Lead' : i + 1}, ${colourWords(linear)}`,
		hex: usedHexes[i]!
	}));
}
