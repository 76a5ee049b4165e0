import { colourWords } from './hue-words';
import { valueOf } from './value-of';
import { type ReadonlyTriple } from './vector';

/** From this difference of value L* on nobody calls two colours of a hue by one name (our choice). */
const OTHER_VALUE = 20;

const hueWord = (linear: ReadonlyTriple): string => colourWords(linear).split(' ').at(-1)!;

/** Whether a colour (linear sRGB) has become another one to those who name it: of another hue word, or 20 L* lighter or darker and more. */
export const isAnotherColour = (one: ReadonlyTriple, other: ReadonlyTriple): boolean =>
	hueWord(one) !== hueWord(other) || Math.abs(valueOf(one) - valueOf(other)) >= OTHER_VALUE;
