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

/** A drawing without codes, and without numbers that stand by themselves: values, differences and shares of what it shows. */
export const withoutNumbers = ({ shapes, ...drawing }: Drawing): Drawing => ({
	...drawing,
	shapes: shapes.flatMap(bare)
});
