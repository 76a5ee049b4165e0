import { Problem } from '../problem';
import { checkCount, checkLength, checkList, colourSieve, type NamedColour } from './colour-list';

const PAINTED =
	/\b(?:fill|stroke|stop-color|flood-color|lighting-color|color)\s*(?:=\s*["']([^"'<>]{1,150})["']|:\s*([^;"'<>{}]{1,150}))/gi;
const NO_COLOUR = /^(?:none|currentcolor|inherit|transparent|context-fill|context-stroke|url\(.*)$/i;

/**
 * The colours that an SVG file paints with, each once, in the order in which they first occur: attributes and styles of
 * fill, stroke and stops. The file is only read as text; nothing in it is run or fetched.
 * @throws Problem `file` where it is no SVG or paints with no colour.
 */
export function readSvgColours(svg: string): NamedColour[] {
	checkLength(svg);
	if (!/<svg[\s>]/i.test(svg)) throw new Problem('file', 'This is no SVG.', 'a file with an <svg> element', 1);
	const found = new Set<string>();
	const isOne = colourSieve();
	for (const match of svg.matchAll(PAINTED)) {
		const text = (match[1] ?? match[2] ?? '').trim();
		// Files hold paints that CSS Color 4 does not know; they are no reason to refuse the others.
		if (NO_COLOUR.test(text) || !isOne(text)) continue;
		found.add(text);
		checkCount(found.size);
	}
	return checkList(
		[...found].map((text) => ({ name: null, text })),
		'an SVG that paints with colours'
	);
}
