import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { type Remark } from '$lib/core/remark';
import { readScale } from '$lib/core/scale/readings';
import { fixedSteps, remarksOnRecipe } from '$lib/core/scale/recipe-remarks';
import { remarksOn } from '$lib/core/scale/remarks';
import { type LinkedColour } from '$lib/model/linked';
import { type ScaleDecision } from './scale';
import { scaleOf, specOf } from './scale-of';

/** All that is said of a scale on a plate's ground (linear sRGB): what its readings come to, and what its recipe asks to be said. */
export function remarksOfScale(
	decision: ScaleDecision,
	linked: readonly LinkedColour[],
	ground: ReadonlyTriple
): Remark[] {
	const [spec, scale] = [specOf(decision, linked), scaleOf(decision, linked)];
	return [...remarksOn(readScale(scale, ground), fixedSteps(spec, scale)), ...remarksOnRecipe(spec, scale)];
}
