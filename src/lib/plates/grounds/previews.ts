import { type LinkedColour } from '$lib/model/linked';
import { type GroundsCommon } from './common';
import { patchBy } from '$lib/drawing/patch';

/** The codes of both grounds with their figures between them, as an exercise is known by in a list. */
export function codesOfPair({ grounds, figures }: GroundsCommon, linked: readonly LinkedColour[], twoFigures = false) {
	const [first, second] = [figures[0], figures[twoFigures ? 1 : 0]];
	return [grounds[0], first, second, grounds[1]].map((source) => patchBy(source, linked).hex);
}
