import { type LinkedColour } from '$lib/model/linked';
import { sayUses, type Uses } from '$lib/study/uses';

/** What the mixer shows of the colour it holds. */
export interface Subject {
	readonly name: string;
	readonly note: string;
	/** The text that the colour is stored as, or the code of one that follows. */
	readonly text: string;
	/** The linked colour behind it, if any. */
	readonly linked: LinkedColour | null;
	/** Where it follows from others and cannot be set: what it follows from, in words. */
	readonly follows: string | null;
	/** The colours that it follows from, and where on the plate they stand. */
	readonly parents: readonly { readonly name: string; readonly place: unknown }[];
	/** Where it follows a colour of another plate: what that is called, and where it stands. */
	readonly elsewhere?: { readonly name: string; readonly plate: string; readonly place: unknown };
}

export function aboutLinked(linked: LinkedColour, uses: Uses): Subject {
	const { name, text } = linked;
	return { name, note: `linked colour, ${sayUses(uses)}`, text, linked, follows: null, parents: [] };
}
