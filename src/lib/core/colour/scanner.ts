import { Problem } from '../problem';

const NUMBER = /[+-]?(?:\d+(?:\.\d+)?|\.\d+)(?:e[+-]?\d+)?/iy;
const SPACES = /[ \t\r\n\f]*/y;
const WORD = /[a-z][a-z0-9-]*/iy;
const HEX = /#([0-9a-f]*)/iy;

/** Walks through a colour text from left to right and says at which place something else was expected. */
export class Scanner {
	place = 0;

	constructor(readonly text: string) {}

	private match(pattern: RegExp): string | null {
		pattern.lastIndex = this.place;
		const found = pattern.exec(this.text);
		if (!found) return null;
		this.place = pattern.lastIndex;
		return found[0];
	}

	skipSpaces(): boolean {
		return this.match(SPACES) !== '';
	}

	number(): number | null {
		const found = this.match(NUMBER);
		return found === null ? null : Number(found);
	}

	word(): string | null {
		return this.match(WORD)?.toLowerCase() ?? null;
	}

	hex(): string | null {
		return this.match(HEX)?.slice(1).toLowerCase() ?? null;
	}

	take(character: string): boolean {
		if (this.text[this.place] !== character) return false;
		this.place++;
		return true;
	}

	atEnd(): boolean {
		return this.place >= this.text.length;
	}

	/** The error for this place. */
	expected(what: string, place = this.place): Problem {
		const rest = this.text.slice(place, place + 12);
		const found = rest === '' ? 'the text ends' : `there is “${rest}”`;
		return new Problem('colour-text', `At character ${place + 1} ${found}.`, what, place);
	}
}
