import { type Of, type Shape } from './drawing';

/**
 * The neutrals of a plate, by what they are for: words and fine lines, what is of less weight, and the sheet itself. A room draws with
 * these names; what they are on the plate's own ground is found when the drawing is done (`inked`).
 */
export const INK = 'ink';
export const SOFT = 'soft';
export const PAPER = 'paper';

type Words = Of<'words'>;

/** Words on a plate, small and soft unless said otherwise. */
export const words = (x: number, y: number, text: string, more: Partial<Words> = {}): Shape => ({
	kind: 'words',
	x,
	y,
	words: text,
	size: 12,
	face: 'sans',
	strong: false,
	anchor: 'start',
	fill: SOFT,
	...more
});

export const shortened = (text: string, most: number): string =>
	text.length > most ? `${text.slice(0, most - 1).trimEnd()}…` : text;
