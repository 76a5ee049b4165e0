import { type z } from 'zod';
import { type Edit } from '$lib/model/edit';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { type ColourSource } from '$lib/model/colour-text';

/**
 * What of a plate can be taken along by itself, as a row of scales can. Written as methods: whoever carries a part does not know of
 * what make it is, and only ever gives it back to its own kind.
 */
export interface Parts<P extends PlateBase, Place, Part> {
	/** "row" */
	readonly word: string;
	readonly schema: z.ZodType<Part>;
	/** The ids of all parts of a plate, in the order in which they stand. */
	ids(plate: P): readonly string[];
	/** The id of the part to which a place belongs. */
	idAt(plate: P, place: Place): string | null;
	/** Where a part is held; null where there is none of that id. */
	placeOf(plate: P, id: string): Place | null;
	/** The part to which a place belongs. */
	at(plate: P, place: Place): Part | null;
	mapSources(part: Part, change: (source: ColourSource) => ColourSource): Part;
	/** Its colours by name, each `#rrggbb`. */
	colours(part: Part, linked: readonly LinkedColour[]): readonly { readonly name: string; readonly hex: string }[];
	/** Why no further part fits on a plate, in words; null where one does. */
	full(plate: P): string | null;
	/** Puts a part, with an id of its own, after the one of a place; and where it is held then. */
	add(plate: P, part: Part, after: Place | null): { readonly edit: Edit; readonly place: Place };
	remove(plate: P, place: Place): Edit;
}
