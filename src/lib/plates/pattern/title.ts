import { type LinkedColour } from '$lib/model/linked';
import { drawnRegions } from './drawn';
import { climateCount } from './draw-climates';
import { type PatternPlate } from './schema';
import { countWords } from './words';

/** What a pattern is called until somebody writes a title: "Design of 8 colours", "One design, 6 climates", or as its drawing is. */
export function titleOfPattern(plate: PatternPlate, _linked: readonly LinkedColour[]): string {
	if (plate.shows === 'climates') return `One design, ${countWords(climateCount(plate), 'climate')}`;
	if (plate.drawing) return `${drawnRegions(plate.drawing).name} in ${countWords(plate.colours.length, 'colour')}`;
	return `Design of ${countWords(plate.colours.length, 'colour')}`;
}
