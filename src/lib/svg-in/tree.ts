import { SaxesParser } from 'saxes';
import { Problem } from '$lib/core/problem';

/** An element of an SVG file, without any text. */
export interface Element {
	readonly name: string;
	readonly attributes: Readonly<Record<string, string>>;
	readonly children: Element[];
	/** What stands in a `style` element. */
	text: string;
}

/** In letters. */
export const LONGEST_FILE = 5_000_000;
const MOST_ELEMENTS = 40_000;
const DEEPEST = 100;

const localName = (name: string): string => name.slice(name.indexOf(':') + 1);

/**
 * The elements of an SVG file. Nothing in it is carried out, and nothing is fetched.
 * @throws Problem `svg` for what is no SVG, is not well-formed, declares entities, or is too large.
 */
export function treeOf(file: string): Element {
	if (file.length > LONGEST_FILE)
		throw new Problem('svg', 'The file is too long.', `an SVG of ${LONGEST_FILE / 1_000_000} million letters at most`);
	const parser = new SaxesParser({ xmlns: false });
	const open: Element[] = [];
	let root: Element | null = null;
	let count = 0;
	parser.on('error', (error) => {
		throw new Problem('svg', `The file is not well-formed: ${error.message}.`, 'an SVG file');
	});
	parser.on('doctype', (text) => {
		if (/<!ENTITY/i.test(text))
			throw new Problem('svg', 'The file declares entities, which are not read.', 'an SVG without a list of entities');
	});
	parser.on('opentag', ({ name, attributes }) => {
		if (++count > MOST_ELEMENTS)
			throw new Problem('svg', `The file has more than ${MOST_ELEMENTS} elements.`, 'a simpler drawing');
		if (open.length >= DEEPEST)
			throw new Problem('svg', `Groups lie in each other more than ${DEEPEST} deep.`, 'a simpler drawing');
		const element: Element = { name: localName(name), attributes, children: [], text: '' };
		if (root === null) {
			if (element.name !== 'svg') throw new Problem('svg', `The file is <${element.name}> and no SVG.`, 'an SVG file');
			root = element;
		}
		open.at(-1)?.children.push(element);
		open.push(element);
	});
	parser.on('closetag', () => void open.pop());
	const keep = (text: string) => {
		const inside = open.at(-1);
		if (inside?.name === 'style') inside.text += text;
	};
	parser.on('text', keep);
	parser.on('cdata', keep);
	parser.write(file).close();
	if (root === null) throw new Problem('svg', 'The file is empty.', 'an SVG file');
	return root;
}
