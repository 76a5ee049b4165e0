import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type Settings } from '../../exercise';
import { type MatchingExercise } from '../exercise';
import { matchingExercises } from '../exercises';
import { withMatching } from '../matching-edits';
import { type MatchingPlate } from '../schema';

/** Changes the settings of an exercise. */
export const decide = <S extends Settings, M>(
	workbench: Workbench,
	plate: MatchingPlate,
	exercise: MatchingExercise<S, M>,
	label: string,
	change: (settings: S) => S,
	what: string | null = null
): void =>
	workbench.edit(
		label,
		withMatching(plate.id, (latest) => matchingExercises.set(exercise, latest, change)),
		what
	);
