import { type Emphasis } from '$lib/core/picture/group';
import { type Order } from '$lib/core/picture/order';
import { type Large } from './schema';

/** What people read for each choice. */
export const EMPHASIS_WORDS: Readonly<Record<Emphasis, { name: string; says: string }>> = {
	area: { name: 'By area', says: 'What covers most of the picture.' },
	strong: { name: 'Strong', says: 'The purest colours count most.' },
	quiet: { name: 'Quiet', says: 'What is near grey counts most.' },
	light: { name: 'Light', says: 'What is lightest counts most.' },
	dark: { name: 'Dark', says: 'What is darkest counts most.' },
	spread: { name: 'Far apart', says: 'Colours that differ most, however little there is of them.' },
	'one-hue': { name: 'One hue', says: 'The hue of which there is most, in all its values.' }
};

export const ORDER_WORDS: Readonly<Record<Order, string>> = {
	value: 'by value',
	hue: 'by hue',
	place: 'from left to right',
	hand: 'by hand'
};

export const LARGE_WORDS: Readonly<Record<Large, string>> = {
	picture: 'the picture',
	colours: 'it in these colours',
	values: 'it in few values'
};

const NUMBERS = [
	'no',
	'one',
	'two',
	'three',
	'four',
	'five',
	'six',
	'seven',
	'eight',
	'nine',
	'ten',
	'eleven',
	'twelve',
	'thirteen',
	'fourteen',
	'fifteen',
	'sixteen'
] as const;

/** A small number in words. */
export const inWords = (count: number): string => NUMBERS[count] ?? String(count);

/** "seven colours" */
export const coloursInWords = (count: number): string => `${inWords(count)} colour${count === 1 ? '' : 's'}`;

/** A share as it is read: whole per cents, and "under 1 %" for what is less. */
export const perCent = (share: number): string =>
	share > 0 && share < 0.005 ? 'under 1 %' : `${Math.round(100 * share)} %`;
