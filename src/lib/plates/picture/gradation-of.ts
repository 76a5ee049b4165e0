import { codesOfScale } from '$lib/core/scale/scale';
import { colourOf } from '$lib/model/resolve';
import { MOST_GAP, MOST_STEPS, type PicturePlate } from './schema';

/** A step of the gradation under a picture; `place` is the number of the place that it is, null where it lies between. */
export interface GradationStep {
	readonly hex: string;
	readonly place: number | null;
}

/** Steps between each place and the next, as many as there are and as fit: what is left aside is not among them. */
export function gapsOf({ places, gaps }: PicturePlate): number[] {
	const count = Math.max(0, places.length - 1);
	return Array.from({ length: count }, (_, i) => gaps[i] ?? gaps.at(-1) ?? 0);
}

/** Gaps that make so many steps between in all, as even as can be. */
export function evenGaps(count: number, between: number): number[] {
	return Array.from({ length: count }, (_, i) =>
		Math.min(MOST_GAP, Math.round(((i + 1) * between) / count) - Math.round((i * between) / count))
	);
}

/** The most steps between that so many places leave room for. */
export const mostBetween = (places: number): number =>
	Math.max(0, Math.min(MOST_STEPS - places, MOST_GAP * (places - 1)));

/** The places in their order, with the steps between them: each gap an interval of its own, so that every place stands exactly as it is. */
export function throughPlaces(plate: PicturePlate): GradationStep[] {
	const { places, method } = plate;
	const gaps = gapsOf(plate);
	return places.flatMap(({ text }, i): GradationStep[] => {
		const next = places[i + 1];
		const own = { hex: text, place: i };
		if (!next || gaps[i] === 0) return [own];
		const parents = [colourOf(text), colourOf(next.text)];
		const codes = codesOfScale({ recipe: 'interval', parents, between: gaps[i]!, method, spacing: 'shares' });
		return [own, ...codes.slice(1, -1).map((hex) => ({ hex, place: null }))];
	});
}

/** What stands in the gradation: through the places, or as the colours come along the line. */
export function gradationSteps(plate: PicturePlate): GradationStep[] {
	if (plate.along === 'places') return throughPlaces(plate);
	return plate.line.texts.map((hex) => ({ hex, place: null }));
}

/** The gradation with the stop of an inner place moved by so many steps: what one side gains the other loses. */
export function withStopMoved(plate: PicturePlate, place: number, by: number): number[] {
	const gaps = gapsOf(plate);
	const [before, after] = [gaps[place - 1], gaps[place]];
	if (before === undefined || after === undefined) return gaps;
	const most = Math.min(after, MOST_GAP - before);
	const least = -Math.min(before, MOST_GAP - after);
	const moved = Math.max(least, Math.min(most, by));
	gaps[place - 1] = before + moved;
	gaps[place] = after - moved;
	return gaps;
}
