import { type Colour } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { PARENTS_OF } from '$lib/core/scale/recipe';
import { makeScale, type Scale } from '$lib/core/scale/scale';
import { type ColourSource } from '$lib/model/colour-text';
import { type ScaleDecision } from '$lib/model/plate';
import { type LinkedColour } from '$lib/model/study';

/** The linked colour that a source names; the schema has seen to it that there is one. */
export function linkedOf(source: ColourSource, linked: readonly LinkedColour[]): LinkedColour | null {
	if (!('linked' in source)) return null;
	const found = linked.find(({ id }) => id === source.linked);
	if (!found) throw new Error(`The study has no linked colour ${source.linked}.`);
	return found;
}

/** The text that decides a source's colour: its own, or that of its linked colour. */
export function textOf(source: ColourSource, linked: readonly LinkedColour[]): string {
	return 'text' in source ? source.text : linkedOf(source, linked)!.text;
}

/** The parents that a scale's recipe uses, in order. */
export function usedParents(decision: ScaleDecision): readonly ColourSource[] {
	return decision.parents.slice(0, PARENTS_OF[decision.recipe].most);
}

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

const made = new WeakMap<ScaleDecision, { texts: string; scale: Scale }>();

/** All steps of a scale as decided. Reckoned again only when the decision or one of its colours has changed. */
export function scaleOf(decision: ScaleDecision, linked: readonly LinkedColour[]): Scale {
	const parents = usedParents(decision).map((source) => textOf(source, linked));
	const texts = parents.join('\n');
	const known = made.get(decision);
	if (known?.texts === texts) return known.scale;
	const scale = makeScale({ ...decision, parents: parents.map(colourOf) });
	made.set(decision, { texts, scale });
	return scale;
}
