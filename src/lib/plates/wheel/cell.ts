/** A cell of a wheel by its spoke from the top and its ring from the middle, both from 0. */
export interface Cell {
	readonly spoke: number;
	readonly ring: number;
}
