import { ordinal } from '$lib/core/ordinals';
import { RECIPE_WORDS } from '$lib/core/scale/words';
import { type LinkedColour } from '$lib/model/linked';
import { calledBy } from '$lib/model/resolve';
import { type Following, type Places, type Settable } from '../kind';
import { type ScaleDecision } from './scale';
import { pinStep, setParent, unpinStep } from './scale-edits';
import { scaleOf, usedParents } from './scale-of';
import { type ScalesPlate } from './schema';

/** What can be held of a plate of scales: a parent, or a step, of a scale. */
export type ScalesPlace =
	| { readonly kind: 'parent'; readonly scale: string; readonly index: number }
	| { readonly kind: 'step'; readonly scale: string; readonly step: number };

export const firstParent = ({ id }: ScaleDecision): ScalesPlace => ({ kind: 'parent', scale: id, index: 0 });

/** A parent, or a step that is pinned. */
function settable(plate: ScalesPlate, place: ScalesPlace, linked: readonly LinkedColour[]): Settable | null {
	const row = plate.scales.findIndex(({ id }) => id === place.scale);
	const scale = plate.scales[row]!;
	const where = `of row ${row + 1}, ${RECIPE_WORDS[scale.recipe].name.toLowerCase()}`;
	if (place.kind === 'parent') {
		const last = place.index > 1 && place.index === scale.parents.length - 1;
		return {
			source: scale.parents[place.index]!,
			note: `${last ? 'last' : ordinal(place.index)} parent ${where}`,
			put: (source) => setParent(plate.id, scale.id, place.index, source)
		};
	}
	const pin = scale.pins?.find(({ step }) => step === place.step);
	if (!pin) return null;
	return {
		source: pin.colour,
		note: `step ${place.step + 1} ${where}, pinned`,
		put: (source) => pinStep(plate.id, scale.id, place.step, source, linked),
		release: { word: 'Unpin', label: 'Unpin a step', edit: unpinStep(plate.id, scale.id, place.step) }
	};
}

/** A step that follows from its parents. */
function following(
	plate: ScalesPlate,
	place: ScalesPlace,
	linked: readonly LinkedColour[]
): Following<ScalesPlace> | null {
	const scale = plate.scales.find(({ id }) => id === place.scale);
	if (!scale) return null;
	const { steps, inAll } = scaleOf(scale, linked);
	const at = place.kind === 'step' ? Math.min(place.step, inAll - 1) : 0;
	return {
		name: `Step ${at + 1} of ${inAll}`,
		note: 'follows from its parents',
		text: steps[at]!.hex,
		follows: 'It follows from its parents, recipe, count and spacing. Turn a parent, or set this step yourself:',
		parents: usedParents(scale).map((source, index) => ({
			name: calledBy(source, linked),
			place: { kind: 'parent', scale: scale.id, index }
		}))
	};
}

export const scalesPlaces: Places<ScalesPlate, ScalesPlace> = {
	// The first parent of the row that was chosen.
	first: ({ scales }, left) => {
		const scale = scales.find(({ id }) => id === left?.scale) ?? scales[0];
		return scale ? firstParent(scale) : null;
	},
	has: ({ scales }, place) => {
		const scale = scales.find(({ id }) => id === place.scale);
		if (!scale) return false;
		return place.kind === 'parent' ? place.index < usedParents(scale).length : place.step <= scale.between + 1;
	},
	settable,
	following
};
