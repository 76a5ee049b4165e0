import { type Plate } from '$lib/model/plate';
import { type LinkedColour } from '$lib/model/study';
import { coloursOfGrounds } from './grounds/grounds-colours';
import { groundsOf } from './grounds/grounds-of';
import { coloursOfMixes } from './mixes/mixes-colours';

/** The colours of an exercise with their names and codes, as files, palettes and title blocks have them; none of a plate that is no exercise. */
export function coloursOfExercise(
	plate: Plate,
	linked: readonly LinkedColour[]
): readonly { readonly name: string; readonly hex: string }[] {
	if (plate.kind === 'mixes') return coloursOfMixes(plate, linked);
	return plate.kind === 'grounds' ? coloursOfGrounds(plate, groundsOf(plate, linked)) : [];
}
