import { type Verdict } from '$lib/core/brief/rules';
import { type Edit } from '$lib/model/edit';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { type Decision } from './decision';

/** A number of a check that can be set. */
export interface CheckLimit {
	/** "Angle, at least" */
	readonly name: string;
	readonly value: number;
	readonly least: number;
	readonly most: number;
	readonly step: number;
	readonly set: (value: number) => Edit;
}

/** One thing that a plate is asked to meet, with what came of it. */
export interface PlateCheck extends Verdict {
	readonly id: string;
	/** What is asked, in a few words. */
	readonly asks: string;
	/** Of which part of the plate, "row 2"; null where it is asked of the whole. */
	readonly of: string | null;
	readonly limits: readonly CheckLimit[];
	readonly remove: Edit;
	/** What breaks it, where that can be held. */
	readonly at: { readonly words: string; readonly place: unknown } | null;
}

/** A check that can be put on a plate. */
export interface OfferedCheck {
	readonly name: string;
	/** What it asks for, and why, in a sentence. */
	readonly says: string;
	readonly asks: string;
	/** @param part the id of the part that alone it is asked of; null for the whole plate. */
	readonly add: (part: string | null) => Edit;
}

/** What a kind of plate can be asked to meet. */
export interface KindChecks<P extends PlateBase> {
	/** So many on one plate at the most. */
	readonly most: number;
	/** The parts that a check can be asked of, where there are some: "for this row", "for every row". */
	readonly parts?: { readonly one: string; readonly all: string };
	readonly offered: (plate: P) => readonly { readonly about: string; readonly checks: readonly OfferedCheck[] }[];
	/** Asks for the colours of a palette only (CSS texts, at least one). */
	readonly askPalette?: (plate: P, palette: readonly string[]) => Edit;
	/** The checks of a plate as what is decided on it. */
	readonly decisions: (plate: P) => readonly Decision[];
	/** The same plate with the checks of another one, as far as it has what they are about. */
	readonly carry: (plate: P, from: P) => P;
	readonly judged: (plate: P, linked: readonly LinkedColour[]) => readonly PlateCheck[];
}
