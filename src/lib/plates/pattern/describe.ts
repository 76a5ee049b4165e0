import { type LinkedColour } from '$lib/model/linked';
import { readingsOf } from './design';
import { climateCount, climateName } from './draw-climates';
import { fieldWords } from './draw-pattern';
import { gridOfPlate } from './field';
import { type PatternPlate } from './schema';
import { countWords, nameOfColour, perCent } from './words';

const small = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);

function sayShares(plate: PatternPlate, linked: readonly LinkedColour[]): string {
	const { shares } = readingsOf(plate, linked);
	const said = shares.flatMap((share, i) =>
		share > 0 ? [`${i + 1} ${nameOfColour(plate, i, linked)} ${perCent(share)}`] : []
	);
	return said.length === 0 ? 'No cell has a colour yet.' : `Shares: ${said.join('; ')}.`;
}

/** What is on it, in a few sentences. */
export function describePattern(plate: PatternPlate, linked: readonly LinkedColour[]): string {
	const { filled, range, unused } = readingsOf(plate, linked);
	const cells = gridOfPlate(plate).cells.length;
	const word = plate.drawing ? 'region' : 'cell';
	const several = plate.shows === 'climates';
	const sentences = [
		`A design on ${small(fieldWords(plate))}: ${filled} of ${countWords(cells, word)} filled with ${countWords(plate.colours.length - unused.length, 'colour')}.`
	];
	if (several) {
		const names = Array.from({ length: climateCount(plate) }, (_, i) => `${i + 1} ${climateName(plate, i)}`);
		sentences.push(`It is shown in ${countWords(names.length, 'climate')}: ${names.join('; ')}.`);
	}
	sentences.push(sayShares(plate, linked));
	if (range) sentences.push(`Value from ${range[0].toFixed(0)} to ${range[1].toFixed(0)}.`);
	return sentences.join(' ');
}
