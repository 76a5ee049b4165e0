import { type Colour } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { show } from '$lib/core/colour/shown';
import { valueOf as valueOfLinear } from '$lib/core/colour/value-of';
import { type ColourSource } from './colour-text';
import { type LinkedColour } from './linked';

/** The linked colour that a source names; the schema has seen to it that there is one. */
export function linkedOf(source: ColourSource, linked: readonly LinkedColour[]): LinkedColour | null {
	if (!('linked' in source)) return null;
	const found = linked.find(({ id }) => id === source.linked);
	if (!found) throw new Error(`The study has no linked colour ${source.linked}.`);
	return found;
}

/** The name that somebody gave to a source: that of its linked colour, or the one that it came with; null where it has none. */
export function givenName(source: ColourSource, linked: readonly LinkedColour[]): string | null {
	return 'text' in source ? (source.name ?? null) : linkedOf(source, linked)!.name;
}

/** The text that decides a source's colour: its own, or that of its linked colour. */
export function textOf(source: ColourSource, linked: readonly LinkedColour[]): string {
	return 'text' in source ? source.text : linkedOf(source, linked)!.text;
}

/** What a source is called: by its name, or by its text where it has none. */
export const calledBy = (source: ColourSource, linked: readonly LinkedColour[]): string =>
	givenName(source, linked) ?? textOf(source, linked);

const read = new Map<string, Colour>();
const MOST_READ = 500;

/** A stored text as a colour; the last few hundred are remembered, because a dial asks for the same ones again and again. */
export function colourOf(text: string): Colour {
	const known = read.get(text);
	if (known) return known;
	if (read.size >= MOST_READ) read.clear();
	const colour = readColour(text);
	read.set(text, colour);
	return colour;
}

/** Value L* of a colour as a screen shows it. */
export const valueOf = (colour: Colour): number => valueOfLinear(show(colour).linear);
