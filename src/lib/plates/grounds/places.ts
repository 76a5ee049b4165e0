import { ordinal } from '$lib/core/ordinals';
import { type LinkedColour } from '$lib/model/linked';
import { capital } from '$lib/model/surroundings';
import { type Places, type Settable } from '../kind';
import { type GroundPlace } from './exercise';
import { groundExercises } from './exercises';
import { setExercise, setGroundColour } from './grounds-edits';
import { type GroundsPlate } from './schema';

/** What can be held of a plate of grounds: a ground, a figure or a twin, the first or the second. */
export type GroundsPlace = Pick<GroundPlace, 'what' | 'index'>;

/** All that can be held on a plate, each with its box. */
export const placesOn = (plate: GroundsPlate): readonly GroundPlace[] =>
	groundExercises.of(plate).places(plate, plate.exercise);

/** The ground, figure or twin with how it is set. One colour on two grounds is set in one place. */
function settable(
	plate: GroundsPlate,
	{ what, index }: GroundsPlace,
	linked: readonly LinkedColour[]
): Settable | null {
	const exercise = groundExercises.of(plate);
	if (what === 'twin')
		return (
			exercise.twin?.(groundExercises.atWork(plate, linked), (change) => setExercise(plate.id, exercise, change)) ??
			null
		);
	const alone = what === 'figure' && !exercise.twoFigures;
	const at = alone ? 0 : index;
	return {
		source: plate[what === 'ground' ? 'grounds' : 'figures'][at],
		name: alone ? 'Figure' : capital(`${ordinal(at)} ${what}`),
		note:
			what === 'ground'
				? `${ordinal(at)} ground`
				: alone
					? 'figure on every ground'
					: `figure on the ${ordinal(at)} ground`,
		put: (source) => setGroundColour(plate.id, what, at, source)
	};
}

export const groundsPlaces: Places<GroundsPlate, GroundsPlace> = {
	first: (plate) => {
		const places = placesOn(plate);
		const first = places.find(({ what }) => what === 'figure') ?? places[0];
		return first ? { what: first.what, index: first.index } : null;
	},
	has: (plate, { what, index }) => placesOn(plate).some((place) => place.what === what && place.index === index),
	settable,
	following: () => null
};
