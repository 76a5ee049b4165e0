import { Clipper, FillRule } from 'clipper2-ts';
import { type Outline } from './outline';

/** Corners are reckoned as whole millionths of a plate unit: two cells have the same one where they touch. */
const FINE = 1e6;

type Rings = readonly Outline[];

const toClipper = (rings: Rings) =>
	rings.map((ring) => ring.map(([x, y]) => ({ x: Math.round(x * FINE), y: Math.round(y * FINE) })));
const fromClipper = (rings: ReturnType<typeof toClipper>): Outline[] =>
	rings.map((ring) => ring.map(({ x, y }) => [x / FINE, y / FINE] as const));

/**
 * Outlines that touch, joined into few: shapes and holes, which go the other way round, so that they are filled by the non-zero rule.
 * Corners on a straight line are left out.
 */
export const joined = (rings: Rings): Outline[] =>
	fromClipper(Clipper.union(toClipper(rings), FillRule.NonZero).map((ring) => Clipper.trimCollinear(ring)));

/** What two shapes have in common, and what of the first is not in the second; each by the non-zero rule. */
export const common = (one: Rings, other: Rings): Outline[] =>
	fromClipper(Clipper.intersect(toClipper(one), toClipper(other), FillRule.NonZero));
export const without = (one: Rings, other: Rings): Outline[] =>
	fromClipper(Clipper.difference(toClipper(one), toClipper(other), FillRule.NonZero));
/** The shape that rings make by one rule or the other, without crossings of its own. */
export const cleaned = (rings: Rings, evenOdd: boolean): Outline[] =>
	fromClipper(Clipper.union(toClipper(rings), evenOdd ? FillRule.EvenOdd : FillRule.NonZero));
