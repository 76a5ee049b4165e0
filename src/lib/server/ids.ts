import { missingBrief, missingHandIn, missingPalette, missingStudy, type Refusal } from './answer';
import { idSchema } from '$lib/model/ids';

/** The id in an address; anything that cannot be one names nothing. */
function idIn(parameter: string, missing: () => Refusal): string {
	const result = idSchema.safeParse(parameter);
	if (!result.success) throw missing();
	return result.data;
}

export const studyId = (parameter: string): string => idIn(parameter, missingStudy);
export const handInId = (parameter: string): string => idIn(parameter, missingHandIn);
export const briefId = (parameter: string): string => idIn(parameter, missingBrief);
export const paletteId = (parameter: string): string => idIn(parameter, missingPalette);
