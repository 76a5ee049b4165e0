import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { decideOn } from '../../../bench/decide';
import { groundExercises } from '../../../exercises';
import { type GroundsPlate } from '../../../schema';
import { nextSeries } from '../../../series';
import { judging } from '../judging';

/** Says which of the pair is lighter; the next pair follows. */
export function judgePair(workbench: Workbench, plate: GroundsPlate, side: 0 | 1): void {
	const { answers } = groundExercises.settingsOf(judging, plate);
	decideOn(judging, workbench, plate, 'Judge a pair', { answers: [...answers, side] });
}

/** Looks at an answered pair again, or goes on with those that are to be judged. */
export const reviewPair = (workbench: Workbench, plate: GroundsPlate, review: number | undefined): void =>
	decideOn(judging, workbench, plate, 'Look at a pair again', { review }, 'review');

/** Another series of pairs, from the first. */
export function beginAgain(workbench: Workbench, plate: GroundsPlate): void {
	const { series } = groundExercises.settingsOf(judging, plate);
	const begun = { series: nextSeries(series), answers: [], review: undefined };
	decideOn(judging, workbench, plate, 'Begin a new series', begun);
}
