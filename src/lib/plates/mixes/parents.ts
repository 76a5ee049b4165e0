import { patchBy, type Patch } from '$lib/drawing/patch';
import { type LinkedColour } from '$lib/model/linked';
import { calledBy } from '$lib/model/resolve';
import { type NamedCode } from '../kind';
import { type MixesCommon } from './common';

type Linked = readonly LinkedColour[];

export const parentsOf = ({ parents }: MixesCommon, linked: Linked): Patch[] =>
	parents.map(({ colour }) => patchBy(colour, linked));

/** What a parent is called: its linked colour's name, or its own text. */
export const parentName = ({ parents }: MixesCommon, index: number, linked: Linked): string => {
	const { colour } = parents[index]!;
	return calledBy(colour, linked);
};

/** The parents with their names. */
export const namedParents = (common: MixesCommon, linked: Linked): NamedCode[] =>
	parentsOf(common, linked).map(({ hex }, i) => ({ name: parentName(common, i, linked), hex }));

/** Patches as they are read, each named by its place. */
export const namedRow = (patches: readonly Patch[], name: (index: number) => string): NamedCode[] =>
	patches.map(({ hex }, i) => ({ name: name(i), hex }));

export const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;
