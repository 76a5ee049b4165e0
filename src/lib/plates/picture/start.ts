import { type PicturePlate } from './schema';

/** What was taken from a picture that ships, before it was shipped; reckoned from the file (shipped.test.ts). */
export interface Start {
	readonly places: readonly { readonly x: number; readonly y: number; readonly text: string }[];
	readonly known: NonNullable<PicturePlate['known']>;
	readonly measured: NonNullable<PicturePlate['measured']>;
	/** Along the line across the middle. */
	readonly line: string[];
}
