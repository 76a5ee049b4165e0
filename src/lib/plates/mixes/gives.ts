import { type LinkedColour } from '$lib/model/linked';
import { type Given, type Gives } from '../kind';
import { mixExercises } from './exercises';
import { placesOn, seenAt, type MixesPlace } from './places';
import { type MixesPlate } from './schema';

type Linked = readonly LinkedColour[];

const placeOf = ({ exercise }: MixesPlate, { what, key }: MixesPlace): string => `${exercise.name} ${what} ${key}`;

/** The plate in the exercise that a place names, and the place on it; null for none. A mix is followed even while another exercise is shown. */
function placeIn(plate: MixesPlate, place: string): { plate: MixesPlate; place: MixesPlace } | null {
	const [name] = place.split(' ');
	if (!mixExercises.names.some((each) => each === name)) return null;
	const shown = mixExercises.change(plate, name!);
	const found = placesOn(shown).find((each) => each.what !== 'parent' && placeOf(shown, each) === place);
	return found ? { plate: shown, place: found } : null;
}

function given(plate: MixesPlate, place: MixesPlace, linked: Linked): Given | null {
	const seen = seenAt(plate, place, linked);
	return seen && { place: placeOf(plate, place), name: seen.name.toLowerCase(), hex: seen.hex };
}

/** What the exercise comes to: its mixes and crossings. Its parents have a source of their own to be followed by. */
export const mixesGive: Gives<MixesPlate, MixesPlace> = {
	rows: (plate, linked) => {
		const colours = placesOn(plate)
			.filter(({ what }) => what !== 'parent')
			.map((place) => given(plate, place, linked))
			.filter((each) => each !== null);
		return colours.length > 0 ? [{ name: mixExercises.of(plate).words.name, colours }] : [];
	},
	at: (plate, place, linked) => {
		const found = placeIn(plate, place);
		return found && given(found.plate, found.place, linked);
	},
	held: (plate, place) => {
		const found = placeIn(plate, place);
		return found?.plate === plate ? { what: found.place.what, key: found.place.key } : null;
	}
};
