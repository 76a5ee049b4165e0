import { isAnotherColour } from '$lib/core/colour/another-colour';
import { colourWords } from '$lib/core/colour/hue-words';
import { show } from '$lib/core/colour/shown';
import { type Triple } from '$lib/core/colour/vector';
import { type LinkedColour } from '$lib/model/linked';
import { colourOf } from '$lib/model/resolve';
import { capital } from '$lib/model/surroundings';

/** What a name was given for, and the text for which another was last offered. */
interface Given {
	readonly name: string;
	readonly text: string;
	readonly offered: string | null;
}

/** Another name for a linked colour that has become another colour than the one that got its name. */
export interface Offer {
	readonly id: string;
	/** "“Madder” is dark blue now." */
	readonly says: string;
	readonly name: string;
}

const linearOf = (text: string): Triple => show(colourOf(text)).linear;
const isAnother = (one: string, other: string): boolean => isAnotherColour(linearOf(one), linearOf(other));

/**
 * Keeps what people's names of linked colours were given for, and offers another when such a colour is turned or typed to another
 * hue or value: once for what it has become, and not for what it was before. Names of ours follow by themselves.
 */
export class NameAsking {
	private given = new Map<string, Given>();

	constructor(linked: readonly LinkedColour[]) {
		this.note(linked);
	}

	/** Notes what new names are given for: at once, because the colour may be changed right after. */
	note(linked: readonly LinkedColour[]): void {
		for (const { id, name, text, namedBy } of linked)
			if (namedBy || this.given.get(id)?.name !== name) this.given.set(id, { name, text, offered: null });
	}

	/** What is to be offered, when an edit is over. */
	offers(linked: readonly LinkedColour[]): Offer[] {
		this.note(linked);
		const before = this.given;
		this.given = new Map();
		return linked.flatMap((colour) => {
			const [given, offer] = this.compare(colour, before.get(colour.id)!);
			this.given.set(colour.id, given);
			return offer ? [offer] : [];
		});
	}

	private compare({ id, name, text }: LinkedColour, known: Given): [Given, Offer | null] {
		if (!isAnother(known.text, text)) return [{ ...known, offered: null }, null];
		if (known.offered !== null && !isAnother(known.offered, text)) return [known, null];
		const words = colourWords(linearOf(text));
		return [
			{ ...known, offered: text },
			{ id, says: `“${name}” is ${words} now.`, name: capital(words) }
		];
	}
}
