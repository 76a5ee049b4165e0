/** A box in plate units. */
export interface Box {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}
