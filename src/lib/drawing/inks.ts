import { linearToHex } from '$lib/core/colour/bytes';
import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { type Triple } from '$lib/core/colour/vector';
import { contrastRatio } from '$lib/core/difference/contrast';
import { type Drawing, type Shape } from './drawing';
import { INK, PAPER, SOFT } from './words';

/** What the neutrals of a plate are on a ground. */
type Inks = Readonly<Record<string, string>>;

const linearOf = (hex: string): Triple => toLinear(readColour(hex));

/** WCAG 2 asks 4.5 of words, 7 where it asks the most. */
const READABLE = 4.5;
const PLAIN = 7;
const [BLACK, WHITE] = ['#000000', '#ffffff'] as const;
const DARK = { ink: '#1c1c1c', soft: '#5f5f5f' } as const;
const LIGHT = { ink: '#f2f2f2', soft: '#bdbdbd' } as const;

const found = new Map<string, Inks>();
const MOST_FOUND = 200;

/** Inks that are read on a ground (`#rrggbb`): dark ones or light ones, whichever stand out more; softer only where that can still be read. */
export function inksOn(paper: string): Inks {
	const known = found.get(paper);
	if (known) return known;
	const ground = linearOf(paper);
	const on = (hex: string): number => contrastRatio(linearOf(hex), ground);
	const [pure, inks] = on(BLACK) >= on(WHITE) ? [BLACK, DARK] : [WHITE, LIGHT];
	const ink = on(inks.ink) >= PLAIN ? inks.ink : pure;
	const made = { [INK]: ink, [SOFT]: on(inks.soft) >= READABLE ? inks.soft : ink, [PAPER]: paper };
	if (found.size >= MOST_FOUND) found.clear();
	found.set(paper, made);
	return made;
}

/** The ink that is read on a colour in linear sRGB, for what stands on a colour and not on the sheet. */
export const inkOn = ([r, g, b]: Readonly<Triple>): string => inksOn(linearToHex(r, g, b))[INK]!;

function inkedShape(shape: Shape, inks: Inks): Shape {
	switch (shape.kind) {
		case 'rule':
			return shape.stroke in inks ? { ...shape, stroke: inks[shape.stroke]! } : shape;
		case 'bar':
		case 'area':
		case 'words':
			return shape.fill in inks ? { ...shape, fill: inks[shape.fill]! } : shape;
		default:
			return shape;
	}
}

/** Of each shape that has been inked, the inks and what came of it: the same shape again is the very same, and a screen can skip it. */
const remembered = new WeakMap<Shape, { readonly inks: Inks; readonly shape: Shape }>();

function inkedOnce(shape: Shape, inks: Inks): Shape {
	const known = remembered.get(shape);
	if (known?.inks === inks) return known.shape;
	const made = inkedShape(shape, inks);
	if (made !== shape) remembered.set(shape, { inks, shape: made });
	return made;
}

/** A drawing whose neutrals are named, on a ground (`#rrggbb`), with each as it is read there. */
export function inked(drawing: Drawing, paper: string): Drawing {
	const inks = inksOn(paper);
	return { ...drawing, paper, shapes: drawing.shapes.map((shape) => inkedOnce(shape, inks)) };
}
