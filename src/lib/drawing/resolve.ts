import { type Colour } from '$lib/core/colour/colour';
import { luminanceToValue } from '$lib/core/colour/lab';
import { readColour } from '$lib/core/colour/read';
import { show } from '$lib/core/colour/shown';
import { luminance } from '$lib/core/colour/xyz';
import { PARENTS_OF, type Recipe } from '$lib/core/scale/recipe';
import { makeScale, type Scale } from '$lib/core/scale/scale';
import { type ScaleSpec } from '$lib/core/scale/spec';
import { type ColourSource } from '$lib/model/colour-text';
import { type ScaleDecision } from '$lib/model/scale';
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

/** Every colour source that counts: the parents that the recipe uses, and the pins on steps that there are. */
export function usedSources(decision: ScaleDecision): readonly ColourSource[] {
	const { pins, between } = decision;
	const parents = usedParents(decision);
	if (!pins?.length) return parents;
	return [...parents, ...pins.filter(({ step }) => step <= between).map(({ colour }) => colour)];
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

/**
 * A stored scale as the core takes it. What no longer fits, because a parent or a count has changed since, is brought
 * to what fits: an end grey to its side of the parent, places to even ones, pins to the steps that there are.
 */
export function specOf(decision: ScaleDecision, linked: readonly LinkedColour[]): ScaleSpec {
	const { recipe, places, pins = [], between, endValue } = decision;
	const parents = usedParents(decision).map((source) => colourOf(textOf(source, linked)));
	return {
		...decision,
		parents,
		places: recipe === 'path' && places?.length === parents.length - 2 ? places : undefined,
		endValue: endValue === undefined ? undefined : onItsSide(recipe, endValue, parents[0]!),
		pins: pins
			.filter(({ step }) => step <= between)
			.map(({ step, colour }) => ({ step, colour: colourOf(textOf(colour, linked)) }))
	};
}

/** Value L* of a colour as a screen shows it. */
export const valueOf = (colour: Colour): number => luminanceToValue(luminance(...show(colour).linear));

function onItsSide(recipe: Recipe, endValue: number, parent: Colour): number {
	const own = valueOf(parent);
	return recipe === 'tones-rising' ? Math.max(own, endValue) : Math.min(own, endValue);
}

const made = new WeakMap<ScaleDecision, { texts: string; scale: Scale }>();

/** All steps of a scale as decided. Reckoned again only when the decision or one of its colours has changed. */
export function scaleOf(decision: ScaleDecision, linked: readonly LinkedColour[]): Scale {
	const texts = usedSources(decision)
		.map((source) => textOf(source, linked))
		.join('\n');
	const known = made.get(decision);
	if (known?.texts === texts) return known.scale;
	const scale = makeScale(specOf(decision, linked));
	made.set(decision, { texts, scale });
	return scale;
}
