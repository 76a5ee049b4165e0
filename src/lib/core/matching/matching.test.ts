import { converter } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { departed } from '../scheme/relatives';
import { seenColour } from '../ground/on-ground';
import { scoreMatch, shiftWords } from './score';

const linear = (text: string): Triple => toLinear(readColour(text));
const code = fc.integer({ min: 0, max: 0xffffff }).map((number) => `#${number.toString(16).padStart(6, '0')}`);
const colour = code.map(linear);
const oklch = converter('oklch');

describe('scores in words', () => {
	it('a perfect match has nothing to say against it', () => {
		expect(scoreMatch(linear('#b3392b'), linear('#b3392b'))).toMatchObject({
			difference: 0,
			words: 'value right, strength right, hue right'
		});
		expect(scoreMatch(linear('#808080'), linear('#808080')).words).toBe(
			'value right, strength right, a grey as it should be'
		);
	});

	it('names each error by its direction', () => {
		const target = linear('#7a6a50');
		expect(scoreMatch(departed(target, 'lighter', 0.3).linear, target).words).toMatch(/^\d+ lighter, /);
		expect(scoreMatch(departed(target, 'quieter', 0.9).linear, target).words).toMatch(
			/^value right, (a little )?too quiet/
		);
		expect(scoreMatch(departed(target, 'stronger', 0.8).linear, target).words).toContain('too strong');
		expect(scoreMatch(linear('#b35a2b'), linear('#b3392b')).words).toContain('towards orange');
		expect(scoreMatch(linear('#b32b50'), linear('#b3392b')).words).toContain('towards purple');
		// A green that is matched by a yellow-green is off towards yellow, not towards green.
		expect(scoreMatch(linear('#7aa52b'), linear('#3f9a3a')).words).toContain('towards yellow');
		expect(scoreMatch(linear('#7f9a8f'), linear('#8c8c8c')).words).toContain('it looks green where there is a grey');
		expect(scoreMatch(linear('#8c8c8c'), linear('#3f9a3a')).words).toContain('it is a grey where there is green');
	});

	it('no hue is named that the attempt is farther from than the target was (hues and distances of culori 4.0.2)', () => {
		const anchors = { red: '#ff0000', orange: '#ff8000', yellow: '#ffff00', green: '#00ff00', 'blue-green': '#00ffff' };
		const more = { blue: '#0000ff', violet: '#8000ff', purple: '#ff00ff' };
		const hueOf = (text: string): number => oklch(text)!.h!;
		const away = (one: number, other: number): number => Math.abs(((one - other + 540) % 360) - 180);
		const words: Readonly<Record<string, string>> = { ...anchors, ...more };
		let named = 0;
		fc.assert(
			fc.property(code, code, (attempt, target) => {
				for (const said of [
					scoreMatch(linear(attempt), linear(target)).words,
					shiftWords(linear(attempt), linear(target))
				]) {
					const word = /towards ([a-z-]+)/.exec(said)?.[1];
					if (!word) continue;
					named++;
					const hue = hueOf(words[word]!);
					expect(away(hueOf(attempt), hue), `${said}: ${attempt} for ${target}`).toBeLessThan(
						away(hueOf(target), hue) + 0.5
					);
				}
			}),
			{ seed: 7, numRuns: 4000 }
		);
		expect(named).toBeGreaterThan(4000);
	});

	it('errors turn their sign when attempt and target change places', () => {
		fc.assert(
			fc.property(colour, colour, (one, other) => {
				const [there, back] = [scoreMatch(one, other), scoreMatch(other, one)];
				expect(there.difference).toBeCloseTo(back.difference, 9);
				expect(there.value).toBeCloseTo(-back.value, 9);
				expect(there.chroma).toBeCloseTo(-back.chroma, 9);
			}),
			{ seed: 1 }
		);
	});
});

describe('a shift on a ground, in words', () => {
	const grey: Triple = [0.2, 0.2, 0.2];

	it('a grey is lighter on black and darker on white than on a neutral board (Chevreul 1839)', () => {
		expect(shiftWords(seenColour(grey, [0, 0, 0]), grey)).toMatch(/^\d+ lighter than on a neutral board$/);
		expect(shiftWords(seenColour(grey, [1, 1, 1]), grey)).toMatch(/^\d+ darker than on a neutral board$/);
		expect(shiftWords(grey, grey)).toBe('as on a neutral board');
	});

	it('a grey that takes colour looks that colour, and is not said to be stronger', () => {
		const onRed = shiftWords(seenColour(linear('#808080'), linear('#ff0000')), linear('#808080'));
		expect(onRed).toBe('as light as on a neutral board, looking blue-green');
		expect(shiftWords(grey, linear('#7f5f5a'))).toContain('looking grey');
	});

	it('stronger and quieter, a little and plainly, as much as the chroma has moved', () => {
		const grown = (chroma: number) => linear(`oklch(0.6 ${chroma} 30)`);
		expect(shiftWords(grown(0.12), grown(0.1))).toBe('a little stronger than on a neutral board');
		expect(shiftWords(grown(0.1), grown(0.12))).toBe('a little quieter than on a neutral board');
		expect(shiftWords(grown(0.15), grown(0.1))).toMatch(/^(\d+ (lighter|darker) and )?stronger than/);
		expect(shiftWords(grown(0.1), grown(0.105))).toBe('as on a neutral board');
		expect(scoreMatch(grown(0.12), grown(0.1)).words).toBe('value right, a little too strong, hue right');
		expect(scoreMatch(grown(0.1), grown(0.16)).words).toMatch(
			/^(value right|\d+ (lighter|darker)), too quiet, hue right$/
		);
		expect(scoreMatch(grown(0.1), grown(0.12)).words).toBe('value right, a little too quiet, hue right');
		expect(scoreMatch(linear('oklch(0.6 0.1 50)'), grown(0.1)).words).toContain('hue towards orange');
		expect(scoreMatch(linear('oklch(0.6 0.1 40)'), grown(0.1)).words).toContain('hue a little towards orange');
	});

	it('says value, strength and the hue that it goes towards', () => {
		expect(shiftWords(linear('#c8552f'), linear('#b3392b'))).toMatch(
			/^\d+ lighter( and a little stronger)? than on a neutral board, a little towards orange$/
		);
	});
});
