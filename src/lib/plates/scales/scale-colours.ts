import { colourWords } from '$lib/core/colour/hue-words';
import { type LinkedColour } from '$lib/model/linked';
import { type NamedCode } from '../kind';
import { type ScaleDecision } from './scale';
import { scaleOf } from './scale-of';

/** The steps of a scale with the names that files and palettes give them: "3, dull red". */
export const coloursOfScale = (scale: ScaleDecision, linked: readonly LinkedColour[]): NamedCode[] =>
	scaleOf(scale, linked).steps.map(({ hex, linear }, i) => ({ name: `${i + 1}, ${colourWords(linear)}`, hex }));
