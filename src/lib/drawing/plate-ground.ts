import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { patchBy, type Patch } from './patch';

const WHITE: Patch = { linear: [1, 1, 1], hex: '#ffffff' };

/** The colour of a plate's sheet: white, unless its maker chose another. */
export const sheetOf = ({ ground }: Pick<PlateBase, 'ground'>, linked: readonly LinkedColour[]): Patch =>
	ground ? patchBy(ground, linked) : WHITE;
