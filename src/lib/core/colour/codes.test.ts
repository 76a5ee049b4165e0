import { describe, expect, it } from 'vitest';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { bytesToHex, LINEAR_OF_BYTE, linearToByte } from './bytes';
import { CODE_KINDS, codesOf } from './codes';
import { convert } from './convert';
import { readColour } from './read';
import { show } from './shown';
import { writeColour } from './write';

it('a hex code survives every trip unchanged: through every code and back', () => {
	const next = seeded(21);
	const hexes = ['#000000', '#ffffff', '#ff0000', '#00ff00', '#0000ff', '#010101', '#fefefe', '#000001', '#b3392b'];
	for (let i = 0; i < 4000; i++) hexes.push(randomHex(next));
	for (const hex of hexes) {
		const codes = codesOf(readColour(hex));
		for (const kind of CODE_KINDS) expect(show(readColour(codes[kind])).hex, `${hex} as ${codes[kind]}`).toBe(hex);
	}
});

it('codes are written in the syntax of CSS Color 4, rounded for people', () => {
	expect(codesOf(readColour('#b3392b'))).toEqual({
		hex: '#b3392b',
		rgb: 'rgb(179 57 43)',
		hsl: 'hsl(6.18 61.26% 43.53%)',
		hsb: 'hsb(6.18 75.98% 70.2%)',
		oklch: 'oklch(0.5211 0.1604 29.93)',
		lab: 'lab(42.93 49.56 37.24)'
	});
});

it('an OKLCH code comes back as it was typed, also outside the gamut', () => {
	expect(codesOf(readColour('oklch(0.7 0.3 145)')).oklch).toBe('oklch(0.7 0.3 145)');
});

it('greys have no hue', () => expect(codesOf(readColour('#808080')).oklch).toBe('oklch(0.5999 0 0)'));

it('every 8-bit code comes back from its linear light, and a hair either side of half way rounds as it should', () => {
	for (let byte = 0; byte < 256; byte++) expect(linearToByte(LINEAR_OF_BYTE[byte]!)).toBe(byte);
	expect(linearToByte(-1)).toBe(0);
	expect(linearToByte(2)).toBe(255);
	expect(linearToByte(Number.NaN)).toBe(0);
	expect(bytesToHex(1, 171, 255)).toBe('#01abff');
});

describe('colours as far out as can be read', () => {
	const SPACES = [
		'srgb',
		'srgb-linear',
		'display-p3',
		'xyz-d65',
		'xyz-d50',
		'hsl',
		'hwb',
		'lab',
		'lch',
		'oklab',
		'oklch'
	] as const;
	const ends = [-100_000, 0, 0.5, 100_000];
	const colours = SPACES.flatMap((space) =>
		ends.flatMap((x) => ends.flatMap((y) => ends.map((z) => ({ space, channels: [x, y, z], alpha: 1 }) as const)))
	);

	it('have codes that can be read, and texts in every space that can be stored', () => {
		for (const colour of colours) {
			const { hex, ...others } = codesOf(colour);
			expect(hex).toMatch(/^#[0-9a-f]{6}$/);
			for (const code of Object.values(others))
				expect(show(readColour(code)).hex, `${JSON.stringify(colour)} as ${code}`).toMatch(/^#/);
			for (const space of SPACES) readColour(writeColour(convert(colour, space)));
		}
	});
});
