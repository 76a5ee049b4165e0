import { type Drawing, type Shape } from './drawing';

const CODES = /#[0-9a-f]{6}\b/gi;
/** What is left between words when numbers are taken out, and says nothing by itself. */
const ONLY_NUMBERS = /^[\d\s.,·±×°%−–-]*(?:L\*|ΔE00)?$/;

function bare(shape: Shape): Shape[] {
	if (shape.kind !== 'words') return [shape];
	const words = shape.words
		.replace(CODES, '')
		.split(' · ')
		.map((part) => part.trim())
		.filter((part) => !ONLY_NUMBERS.test(part))
		.join(' · ');
	return words === '' ? [] : [{ ...shape, words }];
}

/** Words without the codes and values of colours: "Lead colour, red, #b3392b, value 42" is "Lead colour, red". */
export const withoutCodes = (words: string): string => words.replace(/, (?:#[0-9a-f]{6}|value \d+)\b/gi, '');

/** A drawing without codes, and without numbers that stand by themselves: values, differences and shares of what it shows. */
export const withoutNumbers = ({ shapes, ...drawing }: Drawing): Drawing => ({
	...drawing,
	shapes: shapes.flatMap(bare)
});
