import { linearToOklab } from '../colour/oklab';
import { mapToGamut } from '../colour/gamut';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { pathBetween, pointOn } from '../scale/path';
import { differenceOfLinear } from '../difference/lab-of-linear';

/** Fields of a strip that is blended from one colour to the other. */
export const FIELDS = 24;
/** A stroke covers its fields by this share at the most. */
export const MOST_STRENGTH = 1;

/** One stroke: from field to field, of the colour that is in the brush, at a strength 0–1. */
export interface Stroke {
	readonly from: number;
	readonly to: number;
	readonly strength: number;
	/** What is in the brush: one of the two colours, or what stands at a field when the stroke is laid. */
	readonly brush: 'first' | 'second' | { readonly field: number };
}

/** The strip before any stroke: half of it the one colour, half the other. */
export const bareStrip = (first: ReadonlyTriple, second: ReadonlyTriple): Triple[] =>
	Array.from({ length: FIELDS }, (_, i) => (i < FIELDS / 2 ? [...first] : [...second]) as Triple);

/** A colour that another covers in part: between both in OKLab, where halves look like halves. */
function coveredBy(under: ReadonlyTriple, over: ReadonlyTriple, strength: number): Triple {
	const one = linearToOklab(under[0], under[1], under[2]);
	const other = linearToOklab(over[0], over[1], over[2]);
	const at = (i: 0 | 1 | 2): number => one[i] + strength * (other[i] - one[i]);
	return mapToGamut(at(0), at(1), at(2));
}

/** The strip after strokes, one after the other: each covers in part what is there with what is in the brush. Linear sRGB. */
export function strokedStrip(first: ReadonlyTriple, second: ReadonlyTriple, strokes: readonly Stroke[]): Triple[] {
	const strip = bareStrip(first, second);
	for (const { from, to, strength, brush } of strokes) {
		const colour = brush === 'first' ? first : brush === 'second' ? second : strip[brush.field]!;
		const loaded: Triple = [colour[0], colour[1], colour[2]];
		for (let i = Math.min(from, to); i <= Math.max(from, to); i++) strip[i] = coveredBy(strip[i]!, loaded, strength);
	}
	return strip;
}

/** The best of all strips: from the one colour to the other in equal steps of OKLab. */
export function evenStrip(first: ReadonlyTriple, second: ReadonlyTriple): Triple[] {
	const path = pathBetween([...first] as Triple, [...second] as Triple, 'oklab', false);
	return Array.from({ length: FIELDS }, (_, i) => [...pointOn(path, i / (FIELDS - 1)).linear] as Triple);
}

/** How evenly a strip goes from the one colour to the other. */
export interface StripReading {
	/** The largest step between two neighbours, ΔE00, and the field after which it comes. */
	readonly largest: number;
	readonly after: number;
	/** The largest step of the best strip. */
	readonly best: number;
	/** The mean ΔE00 of all fields from the best strip. */
	readonly off: number;
}

/** Measures a strip beside the best of all. */
export function readStrip(strip: readonly Triple[], first: ReadonlyTriple, second: ReadonlyTriple): StripReading {
	const even = evenStrip(first, second);
	const steps = (all: readonly Triple[]): number[] =>
		all.slice(1).map((field, i) => differenceOfLinear(all[i]!, field));
	const own = steps(strip);
	const largest = Math.max(...own);
	const off = strip.reduce((sum, field, i) => sum + differenceOfLinear(field, even[i]!), 0) / strip.length;
	return { largest, after: own.indexOf(largest), best: Math.max(...steps(even)), off };
}
