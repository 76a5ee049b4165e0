import { toLinear } from '$lib/core/colour/colour';
import { colourWords } from '$lib/core/colour/hue-words';
import { keyOf } from '$lib/core/picture/tone';
import { colourOf } from '$lib/model/resolve';
import { gradationSteps } from './gradation-of';
import { measuredOf, notanOf } from './measured';
import { type PicturePlate } from './schema';
import { coloursInWords, inWords, ORDER_WORDS, perCent } from './words';

/** A code in words: "dark quiet green". */
export const wordsOfText = (text: string): string => colourWords(toLinear(colourOf(text)));

/** "the key is low", or where half of the picture lies. */
export function sayKey(plate: PicturePlate): string {
	const { known } = plate;
	if (!known) return '';
	const key = keyOf(known.tone);
	const [, v25, , v75] = known.tone.values.map((value) => value.toFixed(0));
	const half = `half of it lies from ${v25} to ${v75}`;
	return key ? `${key}: ${half}` : `neither high nor low: ${half}`;
}

const sayGradation = (count: number): string =>
	count < 2 ? 'There is no gradation yet.' : `Under it a gradation of ${count} steps through them.`;

/** What is on it, in a few sentences. */
export function describePicture(plate: PicturePlate): string {
	const { picture, places, along, order, line } = plate;
	const measured = measuredOf(plate);
	const notan = notanOf(plate);
	const said = places.map(({ text }, i) => {
		const share = measured ? `, ${perCent(measured.shares[i]!)}` : '';
		return `${i + 1} ${wordsOfText(text)}${share}`;
	});
	const sentences = [
		`The picture “${picture.name}” with ${coloursInWords(places.length)} taken from it${places.length > 0 ? `, ${ORDER_WORDS[order]}: ${said.join('; ')}` : ''}.`
	];
	if (measured) sentences.push(`In these colours alone it is ${measured.difference.toFixed(1)} ΔE00 off in the mean.`);
	if (notan)
		sentences.push(
			`In ${inWords(notan.values.length)} value${notan.values.length === 1 ? '' : 's'}: ${notan.values.map((v) => v.toFixed(0)).join(', ')}.`
		);
	if (plate.known) sentences.push(`Key ${sayKey(plate)}.`);
	sentences.push(
		along === 'line'
			? `Under it ${line.texts.length} colours along a line, from ${wordsOfText(line.texts[0]!)} to ${wordsOfText(line.texts.at(-1)!)}.`
			: sayGradation(gradationSteps(plate).length)
	);
	return sentences.join(' ');
}
