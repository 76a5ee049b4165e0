import { type LinkedColour } from '$lib/model/linked';
import { nameOf } from '$lib/model/surroundings';
import { groundExercises } from './exercises';
import { placesOn } from './places';
import { type GroundsPlate } from './schema';

/** "One as two on madder and woad"; only the exercise, where it has not both of the plate's grounds. */
export function titleOfGrounds(plate: GroundsPlate, linked: readonly LinkedColour[]): string {
	const { name } = groundExercises.of(plate).words;
	const both = placesOn(plate).filter(({ what }) => what === 'ground').length === 2;
	const [one, other] = plate.grounds.map((source) => nameOf(source, { linked }));
	return both ? `${name} on ${one} and ${other}` : name;
}
