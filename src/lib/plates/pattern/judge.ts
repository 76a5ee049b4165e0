import { judgePattern } from '$lib/core/brief/judge-pattern';
import { type Verdict } from '$lib/core/brief/rules';
import { type LinkedColour } from '$lib/model/linked';
import { patchesOf, readingsOf } from './design';
import { type PatternCheck, type PatternPlate } from './schema';

export interface JudgedCheck extends Verdict {
	readonly check: PatternCheck;
}

/** Every check of a pattern with what came of it. */
export function judgeDesign(plate: PatternPlate, linked: readonly LinkedColour[]): readonly JudgedCheck[] {
	if (plate.checks.length === 0) return [];
	const made = {
		readings: readingsOf(plate, linked),
		colours: patchesOf(plate, linked).map(({ linear }) => linear)
	};
	return plate.checks.map((check) => ({ check, ...judgePattern(made, check.rule) }));
}
