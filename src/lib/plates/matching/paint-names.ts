import { type LinkedColour } from '$lib/model/linked';
import { givenName } from '$lib/model/resolve';
import { type MatchingCommon } from './common';

/** What the paints are called: by their names in the study, or by their numbers. */
export const paintNames = ({ paints }: MatchingCommon, linked: readonly LinkedColour[]): string[] =>
	paints.map((paint, i) => givenName(paint, linked) ?? `Paint ${i + 1}`);

/** "5 parts of Madder, 1 part of Paint 2" */
export const sayRecipe = (parts: readonly number[], names: readonly string[]): string =>
	parts.flatMap((part, i) => (part > 0 ? [`${part} part${part === 1 ? '' : 's'} of ${names[i]!}`] : [])).join(', ');
