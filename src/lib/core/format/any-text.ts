import { checkLength, checkList, isColour, MOST_COLOURS, type NamedColour } from './colour-list';

/** Codes and functions of CSS Color 4, with the name of the custom property or variable before it where there is one. */
const CANDIDATE =
	/(?:(?:--|\$|@)([\w-]{1,80})\s*:\s*)?(#[0-9a-f]{3,8}\b|\b(?:rgba?|hsla?|hsb|hwb|lab|lch|oklab|oklch|color)\([^()]{1,150}\))/gi;

/**
 * All CSS colours in any text, a stylesheet among others, in their order: codes, functions, and lines that are nothing
 * but a colour's name. Names of custom properties become names.
 * @throws Problem `file` where there is none, or the text is too long.
 */
export function findColours(text: string): NamedColour[] {
	checkLength(text);
	const found: (NamedColour & { at: number })[] = [];
	for (const match of text.matchAll(CANDIDATE)) {
		const colour = match[2]!;
		if (isColour(colour)) found.push({ name: match[1] ?? null, text: colour, at: match.index });
		if (found.length > MOST_COLOURS) break;
	}
	for (const match of text.matchAll(/^[ \t]*([a-z]{3,20})[ \t]*;?[ \t]*$/gim))
		if (isColour(match[1]!)) found.push({ name: null, text: match[1]!.toLowerCase(), at: match.index });
	found.sort((one, other) => one.at - other.at);
	return checkList(
		found.map(({ name, text: colour }) => ({ name, text: colour })),
		'CSS colours such as #b3392b or oklch(0.52 0.16 30)'
	);
}
