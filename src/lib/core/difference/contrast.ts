import { type ReadonlyTriple } from '../colour/vector';

/** WCAG 2 prints the luminance weights to four digits and light scattered on the screen as 0.05. */
const FLARE = 0.05;
const brightness = ([r, g, b]: ReadonlyTriple): number => 0.2126 * r + 0.7152 * g + 0.0722 * b + FLARE;

/** Contrast ratio of WCAG 2, 1 to 21, between two colours in linear sRGB 0–1. Text needs 4.5, large text and controls 3. */
export function contrastRatio(one: ReadonlyTriple, other: ReadonlyTriple): number {
	const [first, second] = [brightness(one), brightness(other)];
	return Math.max(first, second) / Math.min(first, second);
}
