import { type LinkedColour } from '$lib/model/linked';
import { nameOf } from '$lib/model/surroundings';
import { type WheelPlate } from './schema';

/** "A wheel from madder", or, where the hues come from no colour, "A wheel of 12 hues". */
export const titleOfWheel = ({ from, lead, hues }: WheelPlate, linked: readonly LinkedColour[]): string =>
	from === 'given' ? `A wheel of ${hues} hues` : `A wheel from ${nameOf(lead, { linked })}`;
