import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../schema';

/** The interface of each exercise that has one of its own stands in its folder. */
const BENCHES = import.meta.glob<ExerciseBench<MatchingPlate>>('../exercises/*/bench/bench.ts', {
	eager: true,
	import: 'bench'
});

export const benchOfExercise = ({ exercise }: MatchingPlate): ExerciseBench<MatchingPlate> =>
	BENCHES[`../exercises/${exercise.name}/bench/bench.ts`] ?? {};
