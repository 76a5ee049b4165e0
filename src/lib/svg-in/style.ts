import { type Element } from './tree';

/** What of the style of an element decides which region it makes. */
export interface Style {
	readonly fill: string;
	readonly evenOdd: boolean;
	readonly hidden: boolean;
}

export const PLAIN: Style = { fill: 'black', evenOdd: false, hidden: false };

type Declared = ReadonlyMap<string, string>;
/** Rules of one simple selector each: a class, an id or a name. */
export type Sheet = ReadonlyMap<string, Declared>;

function declarations(text: string): Map<string, string> {
	const pairs = text.split(';').map((each) => each.split(':').map((part) => part.trim().toLowerCase()));
	return new Map(pairs.flatMap(([name, value]) => (name && value ? [[name, value] as const] : [])));
}

const withoutComments = (text: string): string =>
	text
		.split('/*')
		.map((part, i) => (i === 0 ? part : part.slice(part.indexOf('*/') + 2)))
		.join('');

const SIMPLE = /^[.#]?[\w-]+$/;

/** The rules of all style elements; of selectors that are not simple nothing is read. */
export function sheetOf(root: Element): Sheet {
	const sheet = new Map<string, Map<string, string>>();
	const visit = (element: Element): void => {
		if (element.name === 'style')
			for (const block of withoutComments(element.text).split('}')) {
				const [selectors, body] = block.split('{');
				if (selectors === undefined || body === undefined) continue;
				for (const selector of selectors.split(',').map((each) => each.trim()))
					if (SIMPLE.test(selector))
						sheet.set(selector, new Map([...(sheet.get(selector) ?? []), ...declarations(body)]));
			}
		element.children.forEach(visit);
	};
	visit(root);
	return sheet;
}

/** The style of an element: its own attributes, over them the rules for it, over those its `style`; the rest from what it lies in. */
export function styleOf({ name, attributes }: Element, inherited: Style, sheet: Sheet): Style {
	const own = new Map<string, string>();
	for (const key of ['fill', 'fill-rule', 'display', 'visibility'])
		if (attributes[key] !== undefined) own.set(key, attributes[key].trim().toLowerCase());
	const classes = (attributes.class ?? '').split(/\s+/).filter((each) => each !== '');
	const selectors = [name, ...classes.map((each) => `.${each}`), ...(attributes.id ? [`#${attributes.id}`] : [])];
	for (const selector of selectors) for (const [key, value] of sheet.get(selector) ?? []) own.set(key, value);
	for (const [key, value] of declarations(attributes.style ?? '')) own.set(key, value);
	const rule = own.get('fill-rule');
	return {
		fill: own.get('fill') ?? inherited.fill,
		evenOdd: rule === undefined || rule === 'inherit' ? inherited.evenOdd : rule === 'evenodd',
		hidden: inherited.hidden || own.get('display') === 'none' || own.get('visibility') === 'hidden'
	};
}
