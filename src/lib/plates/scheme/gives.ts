import { type Gives } from '../kind';
import { memberPlace, type SchemePlace } from './places';
import { type SchemePlate } from './schema';
import { schemeOf } from './scheme-of';

const nameOf = (index: number): string => (index === 0 ? 'lead colour' : `member ${index + 1}`);

/** The number of a member, from 0, by its name in what is stored. */
const indexOf = (place: string): number => (/^member \d{1,2}$/.test(place) ? Number(place.slice(7)) : -1);

/** The members of the scheme; a member is its part in the scheme, so its number says which it is. */
export const schemeGives: Gives<SchemePlate, SchemePlace> = {
	rows: (plate, linked) => [
		{
			name: 'Members',
			colours: schemeOf(plate, linked).members.map(({ hex }, i) => ({ place: `member ${i}`, name: nameOf(i), hex }))
		}
	],
	at: (plate, place, linked) => {
		const index = indexOf(place);
		const member = schemeOf(plate, linked).members[index];
		return member ? { place, name: nameOf(index), hex: member.hex } : null;
	},
	held: ({ others }, place) => {
		const index = indexOf(place);
		return index >= 0 && index <= others.length ? memberPlace(index) : null;
	}
};
