import { list } from '$lib/core/scale/remarks';
import { type LinkedColour } from '$lib/model/linked';
import { givenName } from '$lib/model/resolve';
import { drawnRegions } from './drawn';
import { climateCount } from './draw-climates';
import { type PatternPlate } from './schema';
import { countWords } from './words';

/** More colours than this are counted in a title, not named. */
const MOST_NAMED = 3;

/** "madder, weld and woad", or "8 colours". */
function coloursInTitle({ colours }: PatternPlate, linked: readonly LinkedColour[]): string {
	const names = colours.map(({ source }) => givenName(source, linked)?.toLowerCase());
	const isNamed = names.length <= MOST_NAMED && names.every((name) => name !== undefined);
	return isNamed ? list(names as string[]) : countWords(colours.length, 'colour');
}

/** What a pattern is called until somebody writes a title: "Design of 8 colours", "One design, 6 climates", or as its drawing is. */
export function titleOfPattern(plate: PatternPlate, linked: readonly LinkedColour[]): string {
	if (plate.shows === 'climates') return `One design, ${countWords(climateCount(plate), 'climate')}`;
	const colours = coloursInTitle(plate, linked);
	return plate.drawing ? `${drawnRegions(plate.drawing).name} in ${colours}` : `Design of ${colours}`;
}
