import { PARENTS_OF } from '$lib/core/scale/recipe';
import { scaleOf, specOf } from './scale-of';
import { pointOfScale } from '$lib/core/scale/scale';
import { linearToHex } from '$lib/core/colour/bytes';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { type ScalesPlate } from './schema';
import { MOST_PARENTS, type PinDecision, type ScaleDecision } from './scale';
import { type LinkedColour } from '$lib/model/linked';
import { insertedAfter, moved, replaced, withPlateOf, type Edit } from '$lib/model/edit';

export type Decisions = Partial<Omit<ScaleDecision, 'id'>>;

const withPlate = (plateId: string, change: (plate: ScalesPlate) => ScalesPlate): Edit =>
	withPlateOf<ScalesPlate>('scales', plateId, change);

const withScales = (plateId: string, change: (scales: ScaleDecision[]) => ScaleDecision[]): Edit =>
	withPlate(plateId, (plate) => ({ ...plate, scales: change(plate.scales) }));

const withScale = (plateId: string, id: string, change: (scale: ScaleDecision) => ScaleDecision): Edit =>
	withScales(plateId, (scales) => replaced(scales, id, change));

export const copyOfScale = (scale: ScaleDecision): ScaleDecision => ({ ...scale, id: newId() });

export const addScale = (plateId: string, scale: ScaleDecision, after: string | null): Edit =>
	withScales(plateId, (scales) => insertedAfter(scales, after, scale));
/** Deletes a scale and the checks that are about it alone. */
export const deleteScale = (plateId: string, id: string): Edit =>
	withPlate(plateId, (plate) => ({
		...plate,
		scales: plate.scales.filter((scale) => scale.id !== id),
		checks: plate.checks?.filter(({ scale }) => scale !== id)
	}));
export const moveScale = (plateId: string, id: string, index: number): Edit =>
	withScales(plateId, (scales) => moved(scales, id, index));
export const decideScale = (plateId: string, id: string, decisions: Decisions): Edit =>
	withScale(plateId, id, (scale) => ({ ...scale, ...decisions }));

/** What its maker calls a row; an empty name brings that of its recipe back. */
export const nameRow = (plateId: string, id: string, label: string): Edit =>
	withScale(plateId, id, (scale) => ({ ...scale, label: label === '' ? undefined : label }));

/** The same look for every scale of a plate. */
export const spreadLook = (plateId: string, look: ScaleDecision['look']): Edit =>
	withScales(plateId, (scales) => scales.map((scale) => ({ ...scale, look })));

/** Another number of steps; what is pinned stays about where it was. */
export const setBetween = (plateId: string, id: string, between: number): Edit =>
	withScale(plateId, id, (scale) => {
		if (!scale.pins?.length) return { ...scale, between };
		const stretch = (between + 1) / (scale.between + 1);
		const pins = new Map<number, PinDecision>();
		for (const pin of scale.pins) {
			const step = Math.max(1, Math.min(between, Math.round(pin.step * stretch)));
			if (between > 0 && !pins.has(step)) pins.set(step, { ...pin, step });
		}
		return { ...scale, between, pins: [...pins.values()] };
	});

/** Another colour source for one parent of a scale. */
export const setParent = (plateId: string, id: string, index: number, source: ColourSource): Edit =>
	withScale(plateId, id, (scale) => ({
		...scale,
		parents: scale.parents.map((parent, i) => (i === index ? source : parent))
	}));

/** Where the parents of a path stand, the ends too: as set, or evenly spread. */
export function placesOf({ parents, places }: ScaleDecision): number[] {
	const inner = parents.length - 2;
	const set = places?.length === inner ? places : Array.from({ length: inner }, (_, i) => (i + 1) / (inner + 1));
	return [0, ...set, 1];
}

/** How near two parents of a path may come to each other. */
const CLOSEST = 0.01;

/**
 * A further parent where the way of a scale passes at a share 0–1, in the colour that it has there, so that nothing
 * changes until it is turned. An interval becomes a path; where no more parents fit, nothing happens.
 */
export const addParentAt = (plateId: string, id: string, share: number, linked: readonly LinkedColour[]): Edit =>
	withScale(plateId, id, (scale) => {
		const used = scale.parents.slice(0, PARENTS_OF[scale.recipe].most);
		const places = placesOf({ ...scale, parents: used });
		if (used.length >= MOST_PARENTS || places.some((place) => Math.abs(place - share) < CLOSEST)) return scale;
		const [r, g, b] = pointOfScale(specOf(scale, linked), share).linear;
		const at = places.findIndex((place) => place > share);
		const parents = [...used.slice(0, at), { text: linearToHex(r, g, b) }, ...used.slice(at)];
		const inner = [...places.slice(1, at), share, ...places.slice(at, -1)];
		return { ...scale, recipe: 'path', parents, places: inner };
	});

/** A path without one of its parents; the others stay where they are. Two are kept at the least. */
export const removeParent = (plateId: string, id: string, index: number): Edit =>
	withScale(plateId, id, (scale) => {
		if (scale.parents.length <= 2) return scale;
		const places = placesOf(scale).filter((_, i) => i !== index);
		// Without an end, the next parent becomes the end, and the rest spreads out between.
		const [from, to] = [places[0]!, places.at(-1)!];
		const inner = places.slice(1, -1).map((place) => (place - from) / (to - from));
		return { ...scale, parents: scale.parents.filter((_, i) => i !== index), places: inner };
	});

/** Another place for an inner parent of a path, kept between its neighbours. */
export const setPlace = (plateId: string, id: string, index: number, place: number): Edit =>
	withScale(plateId, id, (scale) => {
		const places = placesOf(scale);
		const [low, high] = [places[index - 1]! + CLOSEST, places[index + 1]! - CLOSEST];
		places[index] = Math.max(low, Math.min(high, place));
		return { ...scale, places: places.slice(1, -1) };
	});

/** Sets a step by hand: to a colour given, or to the one that it has. */
export const pinStep = (
	plateId: string,
	id: string,
	step: number,
	colour: ColourSource | null,
	linked: readonly LinkedColour[]
): Edit =>
	withScale(plateId, id, (scale) => {
		const others = (scale.pins ?? []).filter((pin) => pin.step !== step);
		const source = colour ?? { text: scaleOf(scale, linked).steps[step]!.hex };
		return { ...scale, pins: [...others, { step, colour: source }].sort((one, other) => one.step - other.step) };
	});

export const unpinStep = (plateId: string, id: string, step: number): Edit =>
	withScale(plateId, id, (scale) => ({ ...scale, pins: (scale.pins ?? []).filter((pin) => pin.step !== step) }));
