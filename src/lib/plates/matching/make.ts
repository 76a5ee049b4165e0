import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type Surroundings } from '$lib/model/surroundings';
import { LEAST_PAINTS, type MatchingCommon } from './common';
import { flatColour } from './exercises/flat-colour/flat-colour';
import { type MatchingPlate } from './schema';
import { titleOfMatching } from './title';

/** White and black, and what a beginner's box has besides: our choice. */
const PAINTS = ['#f4f1e8', '#232222', '#b3392b', '#d9b036', '#2f5f86'] as const;

/** A subject to go on with: the colours of the study as paints, with white and black, and a place in one of its pictures. */
export function newMatching(study: Surroundings): MatchingPlate {
	const id = newId();
	const own = study.linked.slice(0, 3).map((colour) => ({ linked: colour.id }));
	const [white, black, ...rest] = PAINTS.map((text) => ({ text }));
	const paints = [white!, black!, ...own, ...rest].slice(0, 2 + Math.max(own.length, LEAST_PAINTS));
	const places = study.places();
	const place = places[id.charCodeAt(0) % Math.max(1, places.length)] ?? null;
	const common: MatchingCommon = { id, kind: 'matching', title: '', titledBy: 'machine', paints, place };
	const plate: MatchingPlate = { ...common, exercise: flatColour.begin(common), aside: {} };
	return { ...plate, title: asLine(titleOfMatching(plate)) };
}
