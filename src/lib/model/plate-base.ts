/** What every plate has, whatever is on it. */
export interface PlateBase {
	readonly id: string;
	readonly kind: string;
	readonly title: string;
}
