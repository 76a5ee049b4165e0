import { type PlateBase } from '$lib/model/plate-base';
import { type Surroundings } from '$lib/model/surroundings';

/** A part of a course, under which exercises are offered. */
export interface Part {
	/** "Grounds" */
	readonly name: string;
	/** "what surrounds a colour changes it" */
	readonly says: string;
}

/** One exercise of a kind as it is offered where plates are added: seen as the picture that it would be. */
export interface Offer<P extends PlateBase> {
	/** Its name among those of its kind. */
	readonly key: string;
	/** "Value steps" */
	readonly name: string;
	/** What is to be seen in it, in a line. */
	readonly says: string;
	/** Whom the trade has it from; none where it is common teaching. */
	readonly source?: string;
	readonly make: (study: Surroundings) => P;
	/** Whether a plate of the kind is one of these. */
	readonly is: (plate: P) => boolean;
}
