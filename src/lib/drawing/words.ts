import { type Of, type Shape } from './drawing';

/** The neutrals of a plate. */
export const INK = '#1c1c1c';
export const SOFT = '#5f5f5f';
export const PAPER = '#ffffff';
export const PAPER_LINEAR = [1, 1, 1] as const;

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
