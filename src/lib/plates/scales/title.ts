import { list } from '$lib/core/scale/remarks';
import { RECIPE_WORDS } from '$lib/core/scale/words';
import { type LinkedColour } from '$lib/model/linked';
import { nameOf } from '$lib/model/surroundings';
import { type ScaleDecision } from './scale';
import { usedParents } from './scale-of';
import { type ScalesPlate } from './schema';

/** More colours than this are counted in a title, not named. */
const MOST_NAMED = 3;

function titleOfOne(scale: ScaleDecision, linked: readonly LinkedColour[]): string {
	const names = usedParents(scale).map((source) => nameOf(source, { linked }));
	const recipe = RECIPE_WORDS[scale.recipe].name;
	return names.length === 1 ? `${recipe} of ${names[0]}` : `${recipe} from ${names[0]} to ${names.at(-1)}`;
}

/** "Tints of madder", "Interval from madder to weld", "Scales of madder, weld and woad", "Scales of 7 colours" */
export function titleOfScales({ scales }: ScalesPlate, linked: readonly LinkedColour[]): string {
	const [first, ...others] = scales.map((scale) => titleOfOne(scale, linked));
	if (first === undefined) return 'Scales';
	if (others.every((title) => title === first)) return first;
	const names = [...new Set(scales.flatMap((scale) => usedParents(scale).map((source) => nameOf(source, { linked }))))];
	return `Scales of ${names.length > MOST_NAMED ? `${names.length} colours` : list(names)}`;
}
