import { calledBy } from '$lib/model/resolve';
import { type Places } from '../kind';
import { type Cell } from './cell';
import { cellName } from './cell-names';
import { chartOf, hueRing } from './chart-of';
import { type WheelPlate } from './schema';
import { setLead } from './wheel-edits';

/** What can be held of a wheel: its lead colour, or a cell. */
export type WheelPlace = { readonly kind: 'lead' } | ({ readonly kind: 'cell' } & Cell);

/** How many rings a wheel has, the hues among them. */
export const ringsOf = ({ inside, outside }: WheelPlate): number => inside.count + 1 + outside.count;

/** The lead colour where the hues come from one; otherwise the first hue. */
export const wheelPlaces: Places<WheelPlate, WheelPlace> = {
	first: (plate) => (plate.from === 'given' ? { kind: 'cell', spoke: 0, ring: hueRing(plate) } : { kind: 'lead' }),
	has: (plate, place) =>
		place.kind === 'lead' ? plate.from !== 'given' : place.spoke < plate.hues && place.ring < ringsOf(plate),
	settable: ({ id, lead }, { kind }) =>
		kind === 'lead' ? { source: lead, note: 'lead colour of the wheel', put: (source) => setLead(id, source) } : null,
	following: (plate, place, linked) => {
		const step = place.kind === 'cell' && chartOf(plate, linked)[place.spoke]?.steps[place.ring];
		if (place.kind !== 'cell' || !step) return null;
		const given = plate.from === 'given';
		const name = calledBy(plate.lead, linked);
		return {
			name: cellName(plate, place),
			note: given ? 'follows from the value and chroma given' : 'follows from the lead colour',
			text: step.hex,
			follows: given
				? 'It follows from the value and chroma above. Set those, or begin the wheel from this colour:'
				: 'It follows from the lead colour and the wheel. Turn the lead colour, or begin the wheel from this one:',
			parents: given ? [] : [{ name, place: { kind: 'lead' } }]
		};
	}
};
