import { mixRules, type MadeMix, type MixRule } from '$lib/core/brief/mix-rules';
import { checksOfColoursAnd } from '../checks-by';
import { mixExercises } from './exercises';
import { parentsOf } from './parents';
import { type MixesPlate } from './schema';

/** What mixes are asked to meet. */
export const mixChecks = checksOfColoursAnd<MixesPlate, MixRule, MadeMix>(
	mixRules,
	(plate, linked) => {
		const exercise = mixExercises.of(plate);
		const at = mixExercises.atWork(plate, linked);
		return {
			figures: parentsOf(plate, linked).map(({ linear }) => linear),
			crossings: exercise.crossings?.(at) ?? [],
			attempt: exercise.attempt?.(at) ?? null
		};
	},
	mixExercises.colours
);
