import { type NamedCode } from '../kind';
import { wordsOfText } from './describe';
import { gradationSteps } from './gradation-of';
import { type PicturePlate } from './schema';

/** The colours that are taken from a picture: its places in their order, or the steps along a line. */
export const coloursOfPicture = (plate: PicturePlate): readonly NamedCode[] =>
	plate.along === 'line'
		? gradationSteps(plate).map(({ hex }, i) => ({ name: `${i + 1} along the line, ${wordsOfText(hex)}`, hex }))
		: plate.places.map(({ text }, i) => ({ name: `${i + 1}, ${wordsOfText(text)}`, hex: text }));
