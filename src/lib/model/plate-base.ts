import { type ColourSource } from './colour-text';

/** What every plate has, whatever is on it. */
export interface PlateBase {
	readonly id: string;
	readonly kind: string;
	readonly title: string;
	/** The title is ours: it follows what is on the plate, until somebody writes their own. */
	readonly titledBy?: 'machine' | undefined;
	/** What its maker writes under it. */
	readonly caption?: string | undefined;
	/** The colour of the sheet; white unless said. */
	readonly ground?: ColourSource | undefined;
}
