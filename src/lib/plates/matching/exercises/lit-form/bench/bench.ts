import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../../../schema';
import LitFields from './LitFields.svelte';
import WhereLightComesFrom from './WhereLightComesFrom.svelte';

export const bench: ExerciseBench<MatchingPlate> = { fields: LitFields, readings: WhereLightComesFrom };
