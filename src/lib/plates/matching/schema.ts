import { type z } from 'zod';
import { exerciseShape } from '../exercises';
import { matchingCommonSchema } from './common';
import { MATCHING_EXERCISES } from './table';

/** Subjects to be matched by eye: what every exercise has, the exercise that is shown, and those that were left. */
export const matchingPlateSchema = matchingCommonSchema.extend(exerciseShape(MATCHING_EXERCISES));
export type MatchingPlate = z.infer<typeof matchingPlateSchema>;
