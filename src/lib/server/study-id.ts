import { idSchema } from '$lib/model/ids';
import { missingStudy } from './answer';

/** The id in an address; anything that cannot be one is no study. */
export function studyId(parameter: string): string {
	const result = idSchema.safeParse(parameter);
	if (!result.success) throw missingStudy();
	return result.data;
}
