import { gradientMarkup } from '$lib/drawing/svg';
import { FACES, weightOf, type Drawing, type Of, type Shape } from '$lib/drawing/drawing';

/** The kinds that are elements of their own; many colours as one shape, and pictures, are painted under them. */
type AsElement = Exclude<Shape['kind'], Painted>;
type Painted = 'row' | 'mosaic' | 'image' | 'raster';
const PAINTED: readonly string[] = ['row', 'mosaic', 'image', 'raster'] satisfies Painted[];
export const isPainted = (shape: Shape): shape is Of<Painted> => PAINTED.includes(shape.kind);
const isElement = (shape: Shape): shape is Of<AsElement> => !isPainted(shape);

/** How a kind is written: its element, what never changes of it, and what is read from the shape. */
interface Written<S> {
	readonly element: string;
	readonly fixed?: readonly [name: string, value: string];
	readonly attributes: Readonly<Record<string, (shape: S) => string | number>>;
	readonly text?: (shape: S) => string;
	/** What stands in it, as markup of our own making, for a shape that is more than one element; written anew when the shape is another. */
	readonly inner?: (shape: S) => string;
}

/** Gradients so far: each has an id of its own in the document. */
let gradients = 0;

const WRITTEN: { readonly [Kind in AsElement]: Written<Of<Kind>> } = {
	bar: {
		element: 'rect',
		attributes: {
			x: ({ x }) => x,
			y: ({ y }) => y,
			width: ({ width }) => width,
			height: ({ height }) => height,
			fill: ({ fill }) => fill
		}
	},
	gradient: {
		element: 'g',
		attributes: {},
		inner: (shape) => gradientMarkup(shape, `run-${++gradients}`)
	},
	area: {
		element: 'path',
		fixed: ['shape-rendering', 'auto'],
		attributes: { d: ({ path }) => path, fill: ({ fill }) => fill }
	},
	rule: {
		element: 'path',
		fixed: ['fill', 'none'],
		attributes: { d: ({ x1, y1, x2, y2 }) => `M${x1} ${y1}L${x2} ${y2}`, stroke: ({ stroke }) => stroke }
	},
	words: {
		element: 'text',
		attributes: {
			x: ({ x }) => x,
			y: ({ y }) => y,
			'font-family': ({ face }) => FACES[face],
			'font-size': ({ size }) => size,
			'font-weight': weightOf,
			'text-anchor': ({ anchor }) => anchor,
			fill: ({ fill }) => fill
		},
		text: ({ words }) => words
	}
};

const SVG = 'http://www.w3.org/2000/svg';

/** Into the text that is there, which is quicker than a new one. */
function writeText(element: Element, text: string): void {
	if (element.firstChild) element.firstChild.nodeValue = text;
	else element.textContent = text;
}

/** How any of them is written, for code that does not know which it has. */
const writtenAs = ({ kind }: Of<AsElement>): Written<Shape> => WRITTEN[kind] as Written<never> as Written<Shape>;

function made({ element, fixed }: Written<Shape>): Element {
	const found = document.createElementNS(SVG, element);
	if (fixed) found.setAttribute(...fixed);
	return found;
}

function write(
	{ attributes, text, inner }: Written<Shape>,
	element: Element,
	shape: Shape,
	before: Shape | undefined
): void {
	for (const name in attributes) {
		const read = attributes[name]!;
		const value = read(shape);
		if (before === undefined || value !== read(before)) element.setAttribute(name, String(value));
	}
	if (inner) element.innerHTML = inner(shape);
	if (text && (before === undefined || text(shape) !== text(before))) writeText(element, text(shape));
}

/**
 * Writes drawings into an SVG element, one after the other, in the drawing's own order: what comes later lies over what came before.
 * All shapes but those that are painted under it. Elements are kept, and only what changed is written: by hand, because
 * it is what most of a turn of a dial is spent on, and a list of components costs several times as much.
 */
export function svgShapes(svg: SVGSVGElement): (drawing: Drawing) => void {
	const elements: Element[] = [];
	let last: readonly Shape[] = [];

	return (drawing) => {
		const shapes = drawing.shapes.filter(isElement);
		while (elements.length > shapes.length) elements.pop()!.remove();
		shapes.forEach((shape, i) => {
			const before = last[i];
			if (before === shape) return;
			const written = writtenAs(shape);
			const there = elements[i];
			if (there && before?.kind === shape.kind) return write(written, there, shape, before);
			const element = made(written);
			write(written, element, shape, undefined);
			if (there) there.replaceWith(element);
			else svg.append(element);
			elements[i] = element;
		});
		last = shapes;
	};
}
