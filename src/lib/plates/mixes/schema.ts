import { type z } from 'zod';
import { exerciseShape } from '../exercises';
import { mixesCommonSchema } from './common';
import { MIX_EXERCISES } from './table';

/** Mixes of two to six parents: what every exercise has, the exercise that is shown, and those that were left. */
export const mixesPlateSchema = mixesCommonSchema.extend(exerciseShape(MIX_EXERCISES));
export type MixesPlate = z.infer<typeof mixesPlateSchema>;
