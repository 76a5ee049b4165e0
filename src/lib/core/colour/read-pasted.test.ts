import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Problem } from '../problem';
import { readPasted } from './read-pasted';
import { show } from './shown';

const hexOf = (text: string): string => show(readPasted(text).colour).hex;
const problemOf = (text: string): Problem => {
	try {
		readPasted(text);
	} catch (error) {
		if (error instanceof Problem) return error;
		throw error;
	}
	throw new Error(`${text} was read`);
};

describe('a colour as people paste it', () => {
	it.each([
		['b3392b', '#b3392b'],
		['B32', '#bb3322'],
		['0xB3392B', '#b3392b'],
		['#b3392b;', '#b3392b'],
		['color: #b3392b;', '#b3392b'],
		['background-color: rgb(179 57 43);', '#b3392b'],
		['"#b3392b",', '#b3392b'],
		['179, 57, 43', '#b3392b'],
		['179 57 43', '#b3392b'],
		['0.702, 0.2235, 0.1686', '#b3392b'],
		['hsv(6, 76%, 70%)', '#b3382b'],
		['hsb(6 76% 70%)', '#b3382b'],
		['oklch(0.52, 0.16, 30)', '#b2392b'],
		['teal', '#008080'],
		['  rgb(179, 57, 43)  ', '#b3392b']
	])('reads %s', (text, hex) => expect(hexOf(text)).toBe(hex));

	it('reads inks in per cent in every common way of writing them, as the plain estimate (R = (1 − C)(1 − K), common practice)', () => {
		// 255 · (1 − 0.68) · (1 − 0.3) = 57, 255 · (1 − 0.76) · 0.7 = 43, 255 · 0.7 = 179: reckoned by hand.
		for (const text of [
			'cmyk(0% 68% 76% 30%)',
			'cmyk(0, 68, 76, 30)',
			'CMYK 0 68 76 30',
			'C0 M68 Y76 K30',
			'C: 0% M: 68% Y: 76% K: 30%',
			'0% 68% 76% 30%',
			'device-cmyk(0 0.68 0.76 0.3)'
		]) {
			const { text: kept, inks } = readPasted(text);
			expect(kept, text).toBe('#b3392b');
			expect(inks, text).toEqual([0, 0.68, 0.76, 0.3]);
		}
		expect(readPasted('#b3392b').inks).toBeNull();
		expect(problemOf('cmyk(0 168 76 30)').message).toBe('An ink lies outside 0 to 100 %.');
	});

	it('says in words what is none', () => {
		for (const text of ['', 'heathery', '179 57', '12345', 'cmyk(1 2 3)', 'madder: red: blue', '300 20 1e999'])
			expect(problemOf(text).expected.length, text).toBeGreaterThan(10);
	});

	it('keeps what it reads in a text that CSS reads as the same colour, and never throws anything but its own problem', () => {
		fc.assert(
			fc.property(fc.string({ maxLength: 60, unit: 'binary' }), (text) => {
				try {
					const { text: kept, colour } = readPasted(text);
					expect(show(readPasted(kept).colour).hex).toBe(show(colour).hex);
				} catch (error) {
					expect(error).toBeInstanceOf(Problem);
				}
			}),
			{ numRuns: 2000, seed: 9 }
		);
	});
});
