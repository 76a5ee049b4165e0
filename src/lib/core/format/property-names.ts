import { type NamedColour } from './colour-list';

const LONGEST = 60;

/** Letters that do not come apart into a plain one and a mark. */
const SPELT: Readonly<Record<string, string>> = { ø: 'o', ł: 'l', đ: 'd', ð: 'd', ß: 'ss', æ: 'ae', œ: 'oe', þ: 'th' };

/** A text as a name in small letters, digits and hyphens, as files and CSS take it; empty where nothing of it is left. */
export function plainWord(text: string): string {
	return text
		.normalize('NFKD')
		.replace(/\p{Diacritic}/gu, '')
		.toLowerCase()
		.replace(/[øłđðßæœþ]/g, (letter) => SPELT[letter]!)
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, LONGEST);
}

/** "3, dull red": what has its number in its name is a step of a row. */
const isNumbered = ({ name }: NamedColour): boolean => name !== null && /^\d+, /.test(name);

/**
 * What each colour of a list is called in CSS and in design tokens: by its own name, or by its number, of even width so that they sort,
 * where the names are only numbers in words, or two of them would be the same.
 */
export function propertyNames(colours: readonly NamedColour[]): string[] {
	const width = String(colours.length).length;
	const numbers = colours.map((_, i) => String(i + 1).padStart(width, '0'));
	if (colours.every(isNumbered)) return numbers;
	const words = colours.map(({ name }) => plainWord(name ?? ''));
	return words.includes('') || new Set(words).size < words.length ? numbers : words;
}
