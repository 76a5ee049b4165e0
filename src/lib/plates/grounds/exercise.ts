import { type MadeAttempt } from '$lib/core/brief/attempt-rule';
import { type Box } from '$lib/drawing/box';
import { type Edit } from '$lib/model/edit';
import { type AtWork, type Exercise, type Settings } from '../exercise';
import { type Settable } from '../kind';
import { type GroundsCommon } from './common';

/** A ground or a figure that can be taken hold of; the twin is the figure on the board that is set to look like another. */
export interface GroundPlace {
	readonly what: 'ground' | 'figure' | 'twin';
	readonly index: 0 | 1;
	/** What it is called aloud: "First ground". */
	readonly said: string;
	readonly box: Box;
}

/** What of the common decisions an exercise is decided by: form and size of figures, form of grounds, strength of the model. */
export type CommonField = 'figures' | 'grounds' | 'strength';

/** An exercise of grounds. */
export interface GroundExercise<S extends Settings, M> extends Exercise<GroundsCommon, S, M> {
	readonly fields: readonly CommonField[];
	/** Whether the figures are two colours; one colour on every ground unless said. */
	readonly twoFigures?: boolean;
	/** Whether grounds can be looked for in a palette. */
	readonly searches?: boolean;
	readonly places: (common: GroundsCommon, settings: S) => readonly GroundPlace[];
	/** What is looked for by eye in it, where something is. */
	readonly attempt?: (at: AtWork<GroundsCommon, S, M>) => MadeAttempt;
	/** How its twin is set, where it has one, by an edit of its settings. */
	readonly twin?: (at: AtWork<GroundsCommon, S, M>, set: (change: (settings: S) => S) => Edit) => Settable | null;
}
