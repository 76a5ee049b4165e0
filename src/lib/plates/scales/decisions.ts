import { type LinkedColour } from '$lib/model/linked';
import { colourDecision, decision, type Decision } from '../decision';
import { usedParents } from './scale-of';
import { type ScalesPlate } from './schema';

/** What is decided of each row: its recipe, how many steps and how they are spaced, and its parents. */
export const scaleDecisions = ({ scales }: ScalesPlate, linked: readonly LinkedColour[]): Decision[] =>
	scales.flatMap((scale, i) => {
		const { id, recipe, between, spacing } = scale;
		const row = `of row ${i + 1}`;
		const parents = usedParents(scale);
		return [
			decision(`${id}.recipe`, `the recipe ${row}`, recipe),
			decision(`${id}.between`, `the number of steps ${row}`, between),
			decision(`${id}.spacing`, `the spacing ${row}`, spacing),
			...parents.map((source, k) =>
				colourDecision(
					`${id}.parent.${k}`,
					`${parents.length > 1 ? `parent ${k + 1}` : 'the parent'} ${row}`,
					source,
					linked
				)
			)
		];
	});
