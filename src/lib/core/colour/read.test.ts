import fc from 'fast-check';
import { converter, parse } from 'culori';
import { describe, expect, it } from 'vitest';
import cssTable from '../../../../tests/reference/css-color-4.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { colourSamples } from '../../../../tests/support/colours';
import { Problem } from '../problem';
import { toLinear } from './colour';
import { readColour } from './read';
import { show } from './shown';
import { linearToSrgb } from './srgb';

const problemOf = (text: string): Problem => {
	try {
		readColour(text);
	} catch (error) {
		if (error instanceof Problem) return error;
		throw error;
	}
	throw new Error(`${text} was read`);
};

describe('CSS colour text', () => {
	it('gives the sRGB of the samples of CSS Color 4 and its tests', () => {
		const rows = cssTable.rows.filter((row) => row.kind === 'conversion to sRGB' && row.srgb);
		const subject = {
			method: 'CSS colour text to sRGB',
			source: 'CSS Color 4 samples (tests/reference)',
			tolerance: 2e-6
		};
		checkAgainst(subject, (deviation) => {
			for (const row of rows) {
				toLinear(readColour(row.css!)).forEach((x, i) => deviation(linearToSrgb(x), row.srgb![i]!));
			}
		});
	});

	it('reads the wide spaces as culori 4.0.2 has them: a98-rgb, prophoto-rgb, rec2020 by the curve of BT.2020', () => {
		const subject = { method: 'color() in wide spaces to sRGB', source: 'culori 4.0.2', tolerance: 5e-6 };
		const toRgb = converter('rgb');
		checkAgainst(subject, (deviation) => {
			for (const space of ['a98-rgb', 'prophoto-rgb', 'rec2020'])
				for (const [r, g, b] of colourSamples(200, 4)) {
					const css = `color(${space} ${r} ${g} ${b})`;
					const theirs = toRgb(css)!;
					const ours = toLinear(readColour(css)).map(linearToSrgb);
					[theirs.r, theirs.g, theirs.b].forEach((channel, i) => deviation(ours[i]!, channel));
				}
		});
	});

	it('knows the named colours of CSS Color 4', () => {
		for (const row of cssTable.rows)
			if (row.kind === 'named colour') expect(show(readColour(row.name!)).hex).toBe(row.hex);
	});

	it.each([
		['#b3392b', '#b3392b'],
		[' #B32 ', '#bb3322'],
		['#b3392bff', '#b3392b'],
		['rgb(179, 57, 43)', '#b3392b'],
		['rgb(70.2% 22.4% 16.9%)', '#b3392b'],
		['RGBA(179 57 43 / 100%)', '#b3392b'],
		['hsb(6.2 76% 70.2%)', '#b3392b'],
		['hsl(6.18deg 61.26% 43.53%)', '#b3392b'],
		['hwb(0.5turn 0% 0%)', '#00ffff'],
		['rgb(none 255 0)', '#00ff00'],
		['color(srgb-linear 1 1 1)', '#ffffff']
	])('reads %s', (text, hex) => expect(show(readColour(text)).hex).toBe(hex));

	it('keeps alpha', () => {
		expect(readColour('rgb(1 2 3 / 25%)').alpha).toBe(0.25);
		expect(readColour('#00000080').alpha).toBeCloseTo(128 / 255, 12);
		expect(readColour('transparent').alpha).toBe(0);
	});
});

describe('what is not a colour', () => {
	it.each([
		['', 0, 'a colour such as'],
		['#12345', 0, '3, 4, 6 or 8 hexadecimal digits'],
		['madder', 0, 'a colour name'],
		['rgb(1 2)', 7, 'a number'],
		['rgb(1, 2 3)', 9, 'a comma'],
		['hsl(10furlong 1% 1%)', 6, 'deg, grad, rad or turn'],
		['color(cmyk 1 1 1)', 6, 'srgb'],
		['oklch(0.5 0.1 30', 16, 'a closing bracket'],
		['red blue', 4, 'nothing more'],
		['constructor(1 2 3)', 0, 'rgb, hsl'],
		['rgb(1e999 0 0)', 4, 'from −100000 to 100000']
	])('“%s” says where (%i) and what was expected', (text, place, expected) => {
		const problem = problemOf(text);
		expect(problem.code).toBe('colour-text');
		expect(problem.place).toBe(place);
		expect(problem.expected).toContain(expected);
	});

	it('refuses a very long text unread', () => expect(problemOf(`#${'f'.repeat(5000)}`).message).toContain('5001'));

	it('never throws anything but its own error on random and mutated texts', () => {
		const pieces = fc.constantFrom(
			'rgb(',
			'oklch(',
			'color(',
			'hsb(',
			'#',
			')',
			',',
			'/',
			'%',
			'none',
			'deg',
			' ',
			'1',
			'-.5',
			'1e9',
			'red',
			'é'
		);
		const text = fc.oneof(
			fc.string(),
			fc.array(pieces, { maxLength: 12 }).map((parts) => parts.join(''))
		);
		fc.assert(
			fc.property(text, (candidate) => {
				try {
					const colour = readColour(candidate);
					expect(toLinear(colour).every(Number.isFinite)).toBe(true);
				} catch (error) {
					expect(error).toBeInstanceOf(Problem);
				}
			}),
			{ numRuns: 100_000, seed: 11 }
		);
	});

	it('accepts nothing in the hex and rgb forms that culori 4.0.2 refuses', () => {
		const digits = fc.stringMatching(/^#[0-9a-g]{0,9}$/);
		fc.assert(
			fc.property(digits, (text) => {
				let read = true;
				try {
					readColour(text);
				} catch {
					read = false;
				}
				expect(read).toBe(parse(text) !== undefined);
			}),
			{ numRuns: 3000, seed: 3 }
		);
	});
});
