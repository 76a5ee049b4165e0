import { type LinkedColour } from '$lib/model/linked';
import { nameOf } from '$lib/model/surroundings';
import { type SchemePlate } from './schema';

/** "A scheme from madder" */
export const titleOfScheme = ({ lead }: Pick<SchemePlate, 'lead'>, linked: readonly LinkedColour[]): string =>
	`A scheme from ${nameOf(lead, { linked })}`;
