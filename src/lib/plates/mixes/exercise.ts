import { type MadeAttempt } from '$lib/core/brief/attempt-rule';
import { type Triple } from '$lib/core/colour/vector';
import { type Box } from '$lib/drawing/box';
import { type Patch } from '$lib/drawing/patch';
import { type Edit } from '$lib/model/edit';
import { type AtWork, type Exercise, type Settings } from '../exercise';
import { type Settable } from '../kind';
import { type MixesCommon } from './common';

/** A colour on the plate that can be taken hold of: a parent, a mix that follows from parents, or one that is set by hand. */
export interface MixPlace {
	readonly what: 'parent' | 'mix' | 'guess' | 'crossing';
	/** Which parent or crossing; which way of mixing, for a mix by a way; otherwise what the mix is. */
	readonly key: string;
	readonly box: Box;
}

/** A colour that an exercise comes to, with what it is called. */
export interface NamedPatch extends Patch {
	readonly name: string;
}

/** An exercise of mixes. */
export interface MixExercise<S extends Settings, M> extends Exercise<MixesCommon, S, M> {
	/** Whether the parents' parts count. */
	readonly parts?: boolean;
	readonly places: (common: MixesCommon, settings: S) => readonly MixPlace[];
	/** A place that is no parent, as it is seen. */
	readonly seen: (at: AtWork<MixesCommon, S, M>, place: Omit<MixPlace, 'box'>) => NamedPatch | null;
	/** How a place that is no parent is set, by an edit of the settings; null for what follows from the parents. */
	readonly settable?: (
		at: AtWork<MixesCommon, S, M>,
		place: Omit<MixPlace, 'box'>,
		set: (change: (settings: S) => S) => Edit
	) => Settable | null;
	/** What is looked for by eye in it, where something is. */
	readonly attempt?: (at: AtWork<MixesCommon, S, M>) => MadeAttempt;
	/** Its crossings of each two neighbours, in linear sRGB, where figures cross. */
	readonly crossings?: (at: AtWork<MixesCommon, S, M>) => readonly Triple[];
	/** The settings where a parent was taken out. */
	readonly without?: (settings: S, parent: number) => S;
}
