import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/study';
import { type Edit } from './edit';
import { sayUses, type Uses } from './uses';
import { type Held } from './workbench.svelte';

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
	/** The colours that it follows from. */
	readonly parents: readonly { name: string; held: Held }[];
}

/** A colour source that can be set, and the edit that puts another in its place. */
export interface SettableSource {
	readonly source: ColourSource;
	/** What it is called where it is no linked colour; "Own colour" unless said. */
	readonly name?: string;
	readonly note: string;
	readonly put: (source: ColourSource) => Edit;
}

export function aboutLinked(linked: LinkedColour, uses: Uses): Subject {
	const { name, text } = linked;
	return { name, note: `linked colour, ${sayUses(uses)}`, text, linked, follows: null, parents: [] };
}
