import { list } from '$lib/core/scale/remarks';
import { type LinkedColour } from '$lib/model/linked';
import { capital, nameOf } from '$lib/model/surroundings';
import { mixExercises } from './exercises';
import { type MixesPlate } from './schema';

/** More colours than this are counted in a title, not named. */
const MOST_NAMED = 3;

/** "Madder and weld: ways to mix" */
export function titleOfMixes(plate: MixesPlate, linked: readonly LinkedColour[]): string {
	const names = plate.parents.map(({ colour }) => nameOf(colour, { linked }));
	const mixed = names.length > MOST_NAMED ? `${names.length} colours` : list(names);
	return `${capital(mixed)}: ${mixExercises.of(plate).words.name.toLowerCase()}`;
}
