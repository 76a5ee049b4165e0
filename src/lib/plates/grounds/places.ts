import { type LinkedColour } from '$lib/model/linked';
import { type Places, type Settable } from '../kind';
import { setContrast, setGroundColour } from './grounds-edits';
import { groundPlaces, type GroundPlace } from './grounds-layout';
import { groundsOf } from './grounds-of';
import { type GroundsPlate } from './schema';

/** What can be held of a plate of grounds: a ground, a figure or a twin, the first or the second. */
export type GroundsPlace = Pick<GroundPlace, 'what' | 'index'>;

const ORDINALS = ['first', 'second'] as const;

/** The ground, figure or twin with how it is set. One colour on two grounds is set in one place. */
function settable(
	plate: GroundsPlate,
	{ what, index }: GroundsPlace,
	linked: readonly LinkedColour[]
): Settable | null {
	if (what === 'twin') {
		const { now, series } = groundsOf(plate, linked).contrast ?? {};
		if (!now || !series) return null;
		return {
			source: series.twin ?? { text: now.twin.hex },
			name: 'Twin',
			note: 'set it until both look alike',
			put: (twin) => setContrast(plate.id, (latest) => ({ ...latest, twin }))
		};
	}
	const alone = what === 'figure' && plate.exercise !== 'two-as-one';
	const at = alone ? 0 : index;
	return {
		source: plate[what === 'ground' ? 'grounds' : 'figures'][at],
		name: alone ? 'Figure' : `${ORDINALS[at] === 'first' ? 'First' : 'Second'} ${what}`,
		note:
			what === 'ground'
				? `${ORDINALS[at]} ground`
				: alone
					? 'figure on every ground'
					: `figure on the ${ORDINALS[at]} ground`,
		put: (source) => setGroundColour(plate.id, what, at, source)
	};
}

export const groundsPlaces: Places<GroundsPlate, GroundsPlace> = {
	first: (plate) => {
		const places = groundPlaces(plate);
		const first = places.find(({ what }) => what === 'figure') ?? places[0];
		return first ? { what: first.what, index: first.index } : null;
	},
	has: (plate, { what, index }) => groundPlaces(plate).some((place) => place.what === what && place.index === index),
	settable,
	following: () => null
};
