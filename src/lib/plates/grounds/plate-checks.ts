import { groundRules, type GroundRule, type MadeGrounds } from '$lib/core/brief/ground-rules';
import { patchBy } from '$lib/drawing/patch';
import { type ColourSource } from '$lib/model/colour-text';
import { checksOfColoursAnd } from '../checks-by';
import { groundExercises } from './exercises';
import { type GroundsPlate } from './schema';

/** What figures on grounds are asked to meet; an exercise without figures or grounds of the plate has none to be judged. */
export const groundChecks = checksOfColoursAnd<GroundsPlate, GroundRule, MadeGrounds>(
	groundRules,
	(plate, linked) => {
		const exercise = groundExercises.of(plate);
		const { fields, twoFigures = false, attempt } = exercise;
		const [first, second] = plate.figures;
		const linear = (sources: readonly ColourSource[]) => sources.map((source) => patchBy(source, linked).linear);
		return {
			figures: fields.includes('figures') ? linear([first, twoFigures ? second : first]) : [],
			grounds: fields.includes('grounds') ? linear(plate.grounds) : [],
			attempt: attempt?.(groundExercises.atWork(plate, linked)) ?? null
		};
	},
	groundExercises.colours
);
