import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { textOf } from '$lib/model/resolve';

/** One thing that is decided on a plate, by which a brief can give it and hold it. */
export interface Decision {
	/** Its name in what is stored, of its plate alone. */
	readonly key: string;
	/** "the recipe of row 2" */
	readonly name: string;
	/** What is decided, as a text by which it is told whether it is still the same. */
	readonly value: string;
	/** Whether it is a colour, whose text the value is. */
	readonly isColour: boolean;
}

export const decision = (key: string, name: string, value: unknown): Decision => ({
	key,
	name,
	value: JSON.stringify(value) ?? '',
	isColour: false
});

/** A colour, whatever it comes from: linked or not, it is held as it looks. */
export const colourDecision = (
	key: string,
	name: string,
	source: ColourSource,
	linked: readonly LinkedColour[]
): Decision => ({ key, name, value: textOf(source, linked), isColour: true });

/** The checks of a plate, each by what it asks. */
export const checkKey = (id: string): string => `check.${id}`;
