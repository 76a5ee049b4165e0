import { type Box } from '$lib/drawing/box';
import { type Corner } from '$lib/drawing/lost';

/** The outline of a step: a plain box, or any other figure as SVG path data. */
export type Outline = { readonly kind: 'box' } | { readonly kind: 'path'; readonly path: string };

/** Where one step of a scale stands on the plate. */
export interface StepPlace {
	/** What the step covers, and where it is clicked. */
	readonly box: Box;
	readonly outline: Outline;
	/** Of a figure that is no box: the polygon that can be clicked, in shares 0–1 of its box. */
	readonly reach: readonly (readonly [number, number])[] | null;
	readonly label: { readonly x: number; readonly y: number; readonly anchor: 'start' | 'middle' | 'end' };
	/** A small bar beside the step, never on it, for the one that is held. */
	readonly mark: Box;
	/** Points outside its corners, with the direction in which a tick leads away, for a step lost on its ground. */
	readonly corners: readonly Corner[];
}

/** All steps of one form. `room` is what each label finds of width, or of height where labels stand in a column. */
export interface FormPlaces {
	readonly steps: readonly StepPlace[];
	readonly room: number;
	readonly column: boolean;
	/** Figures over all of them, each in the colour of a step, from 0. */
	readonly second?: readonly { readonly path: string; readonly step: number }[];
}

const MARK = 2;

/** A mark under a box. */
export const markUnder = ({ x, y, width, height }: Box): Box => ({ x, y: y + height + 1, width, height: MARK });
