import { FACES, weightOf, type Drawing, type Of, type Shape } from '$lib/drawing/drawing';

/** The kinds that are elements of their own, as they lie over each other: only bars lie over bars and figures over figures. */
const LAYERS = ['bar', 'figure', 'rule', 'words'] as const;
type Layered = (typeof LAYERS)[number];

/** How a kind is written: its element, what never changes of it, and what is read from the shape. */
interface Written<S> {
	readonly element: string;
	readonly fixed?: readonly [name: string, value: string];
	readonly attributes: Readonly<Record<string, (shape: S) => string | number>>;
	readonly text?: (shape: S) => string;
}

const WRITTEN: { readonly [Kind in Layered]: Written<Of<Kind>> } = {
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
	figure: {
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

/** One kind of shapes in its group: elements are kept, and only what changed is written. */
function layerOf<S>(
	{ element, fixed, attributes, text }: Written<S>,
	group: SVGElement
): (shapes: readonly S[]) => void {
	const written = Object.entries(attributes);
	const elements: Element[] = [];
	let last: readonly S[] = [];

	function add(): void {
		const made = document.createElementNS(SVG, element);
		if (fixed) made.setAttribute(...fixed);
		elements.push(group.appendChild(made));
	}

	function write(made: Element, shape: S, before: S | undefined): void {
		for (const [name, read] of written) {
			const value = read(shape);
			if (before === undefined || value !== read(before)) made.setAttribute(name, String(value));
		}
		if (text && (before === undefined || text(shape) !== text(before))) writeText(made, text(shape));
	}

	return (shapes) => {
		while (elements.length > shapes.length) elements.pop()!.remove();
		shapes.forEach((shape, i) => {
			if (i === elements.length) add();
			if (last[i] !== shape) write(elements[i]!, shape, last[i]);
		});
		last = shapes;
	};
}

const isOf =
	<Kind extends Shape['kind']>(kind: Kind) =>
	(shape: Shape): shape is Of<Kind> =>
		shape.kind === kind;

/**
 * Writes drawings into an SVG element, one after the other, all shapes but rows and mosaics. By hand, because it is what most of a
 * turn of a dial is spent on, and a list of components costs several times as much.
 */
export function svgShapes(svg: SVGSVGElement): (drawing: Drawing) => void {
	const layer = <Kind extends Layered>(kind: Kind): ((shapes: readonly Shape[]) => void) => {
		const group = svg.appendChild(document.createElementNS(SVG, 'g'));
		const show = layerOf<Of<Kind>>(WRITTEN[kind], group);
		return (shapes) => show(shapes.filter(isOf(kind)));
	};
	const layers = LAYERS.map((kind) => layer(kind));
	return ({ shapes }) => {
		for (const show of layers) show(shapes);
	};
}
