import { type z } from 'zod';
import { exerciseShape } from '../exercises';
import { groundsCommonSchema } from './common';
import { GROUND_EXERCISES } from './table';

/** Figures on grounds: what every exercise has, the exercise that is shown, and those that were left. */
export const groundsPlateSchema = groundsCommonSchema.extend(exerciseShape(GROUND_EXERCISES));
export type GroundsPlate = z.infer<typeof groundsPlateSchema>;
