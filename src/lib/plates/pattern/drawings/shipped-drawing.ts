/** A drawing that ships, as regions to be filled; see `Drawn`. */
export interface Shipped {
	readonly name: string;
	readonly width: number;
	readonly height: number;
	readonly regions: readonly string[];
}
