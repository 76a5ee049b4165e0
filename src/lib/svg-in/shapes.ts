import { Problem } from '$lib/core/problem';
import { lengthOf, pathOf } from './basic-shapes';
import { PLAIN, sheetOf, styleOf, type Sheet, type Style } from './style';
import { type Element } from './tree';

/** A shape as the file has it: its path, the transforms about it from the inside out, and its style. */
export interface FoundShape {
	readonly path: string;
	readonly transforms: readonly string[];
	readonly style: Style;
}

/** What was found, and what was left out, counted by what it is called in words. */
export interface Found {
	readonly shapes: readonly FoundShape[];
	readonly left: ReadonlyMap<string, number>;
}

export const MOST_SHAPES = 3000;
/** A shape can be used in one that is used, so often. */
const DEEPEST_USE = 8;

/** What is no shape, by what it is called. */
const LEFT_OUT: Readonly<Record<string, string>> = {
	text: 'text',
	image: 'picture',
	script: 'script',
	foreignObject: 'foreign part',
	animate: 'animation',
	animateTransform: 'animation',
	animateMotion: 'animation',
	set: 'animation',
	video: 'film',
	audio: 'sound',
	iframe: 'page'
};
/** What holds others that are drawn where they stand. */
const GROUPS = ['svg', 'g', 'a', 'switch'];

const numbers = (text: string | undefined): number[] =>
	(text ?? '')
		.split(/[\s,]+/)
		.filter((each) => each !== '')
		.map(Number);

/** What brings a view box into its frame, in the middle and whole (`xMidYMid meet`). */
function framed({ attributes }: Element, frame: { width: number; height: number }): string[] {
	const [x, y, width, height] = numbers(attributes.viewBox) as [number, number, number, number];
	if (!(width > 0) || !(height > 0)) return [];
	const scale = Math.min(frame.width / width, frame.height / height);
	const [dx, dy] = [(frame.width - scale * width) / 2, (frame.height - scale * height) / 2];
	return [`translate(${dx - scale * x} ${dy - scale * y}) scale(${scale})`];
}

class Walk {
	readonly shapes: FoundShape[] = [];
	readonly left = new Map<string, number>();
	private readonly byId = new Map<string, Element>();
	private readonly sheet: Sheet;

	constructor(root: Element) {
		this.sheet = sheetOf(root);
		this.note(root);
		this.enter(root, [], PLAIN, 0);
	}

	private note(element: Element): void {
		if (element.attributes.id !== undefined && !this.byId.has(element.attributes.id))
			this.byId.set(element.attributes.id, element);
		for (const child of element.children) this.note(child);
	}

	private leave(what: string): void {
		this.left.set(what, (this.left.get(what) ?? 0) + 1);
	}

	/** Goes through what an element holds. */
	private enter(element: Element, transforms: readonly string[], style: Style, used: number): void {
		for (const child of element.children) this.visit(child, transforms, style, used);
	}

	private visit(element: Element, outside: readonly string[], inherited: Style, used: number): void {
		const { name, attributes } = element;
		const style = styleOf(element, inherited, this.sheet);
		if (style.hidden) return;
		const known = LEFT_OUT[name];
		if (known) return this.leave(known);
		if (attributes['clip-path'] !== undefined || attributes.mask !== undefined) this.leave('clipping');
		const transforms = attributes.transform ? [attributes.transform, ...outside] : outside;
		if (name === 'use') return this.visitUse(element, transforms, style, used);
		if (GROUPS.includes(name)) return this.enter(element, this.within(element, transforms), style, used);
		const path = pathOf(element);
		if (path === null || path === '') return;
		if (this.shapes.length >= MOST_SHAPES)
			throw new Problem('svg', `The drawing has more than ${MOST_SHAPES} shapes.`, `${MOST_SHAPES} shapes at most`);
		this.shapes.push({ path, transforms, style });
	}

	/** A drawing within the drawing has its own place and view box. */
	private within(element: Element, transforms: readonly string[]): readonly string[] {
		if (element.name !== 'svg') return transforms;
		const { x, y, width, height } = element.attributes;
		const frame = { width: lengthOf(width, NaN), height: lengthOf(height, NaN) };
		return [...framed(element, frame), `translate(${lengthOf(x)} ${lengthOf(y)})`, ...transforms];
	}

	private visitUse({ attributes }: Element, transforms: readonly string[], style: Style, used: number): void {
		const href = attributes.href ?? attributes['xlink:href'] ?? '';
		if (!href.startsWith('#')) return this.leave('link to elsewhere');
		const target = this.byId.get(href.slice(1));
		if (!target) return this.leave('link to nothing');
		if (used >= DEEPEST_USE)
			throw new Problem(
				'svg',
				'Parts of the drawing use each other without an end, or too deep.',
				'parts that do not use themselves'
			);
		const placed = [`translate(${lengthOf(attributes.x)} ${lengthOf(attributes.y)})`, ...transforms];
		if (target.name !== 'symbol') return this.visit(target, placed, style, used + 1);
		const frame = {
			width: lengthOf(attributes.width ?? target.attributes.width, NaN),
			height: lengthOf(attributes.height ?? target.attributes.height, NaN)
		};
		const inner = styleOf(target, style, this.sheet);
		this.enter(target, [...framed(target, frame), ...placed], inner, used + 1);
	}
}

/** All shapes that are drawn in an SVG, in their order. */
export function shapesIn(root: Element): Found {
	const { shapes, left } = new Walk(root);
	return { shapes, left };
}
