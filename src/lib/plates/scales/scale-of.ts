import { type Colour } from '$lib/core/colour/colour';
import { PARENTS_OF, type Recipe } from '$lib/core/scale/recipe';
import { makeScale, type Scale } from '$lib/core/scale/scale';
import { type ScaleSpec } from '$lib/core/scale/spec';
import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { remembered } from '$lib/model/remembered';
import { colourOf, textOf, valueOf } from '$lib/model/resolve';
import { type ScaleDecision } from './scale';

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

/**
 * A stored scale as the core takes it. Rows stored before dulling and hue steps had a choice keep what they showed. What no longer fits, because a parent or a count has changed since, is brought
 * to what fits: an end grey to its side of the parent, places to even ones, pins to the steps that there are.
 */
export function specOf(decision: ScaleDecision, linked: readonly LinkedColour[]): ScaleSpec {
	const { recipe, places, pins = [], between, endValue, dulling = 'mixed', turning = 'held' } = decision;
	const parents = usedParents(decision).map((source) => colourOf(textOf(source, linked)));
	return {
		...decision,
		dulling,
		turning,
		parents,
		places: recipe === 'path' && places?.length === parents.length - 2 ? places : undefined,
		endValue: endValue === undefined ? undefined : onItsSide(recipe, endValue, parents[0]!),
		pins: pins
			.filter(({ step }) => step <= between)
			.map(({ step, colour }) => ({ step, colour: colourOf(textOf(colour, linked)) }))
	};
}

function onItsSide(recipe: Recipe, endValue: number, parent: Colour): number {
	const own = valueOf(parent);
	return recipe === 'tones-rising' ? Math.max(own, endValue) : Math.min(own, endValue);
}

/** All steps of a scale as decided. Reckoned again only when the decision or one of its colours has changed. */
export const scaleOf = remembered(usedSources, (decision: ScaleDecision, linked): Scale =>
	makeScale(specOf(decision, linked))
);
