import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { temperature } from '../scheme/temperature';
import { relativesOf } from '../scheme/relatives';
import { litRegions } from './lit-form';
import { scoreMatch } from './score';

const linear = (text: string): Triple => toLinear(readColour(text));
const colour = fc.integer({ min: 0, max: 0xffffff }).map((code) => linear(`#${code.toString(16).padStart(6, '0')}`));

describe('scores in words', () => {
	it('a perfect match has nothing to say against it', () => {
		expect(scoreMatch(linear('#b3392b'), linear('#b3392b'))).toMatchObject({
			difference: 0,
			words: 'value right, strength right, hue right'
		});
		expect(scoreMatch(linear('#808080'), linear('#808080')).words).toBe(
			'value right, strength right, no hue to compare'
		);
	});

	it('names each error by its direction', () => {
		const target = linear('#7a6a50');
		expect(scoreMatch(relativesOf(target, 'lighter', 1, 30)[0]!.linear, target).words).toMatch(/^\d+ lighter, /);
		expect(scoreMatch(relativesOf(target, 'quieter', 1, 90)[0]!.linear, target).words).toMatch(
			/^value right, (a little )?too quiet/
		);
		expect(scoreMatch(relativesOf(target, 'stronger', 1, 80)[0]!.linear, target).words).toContain('too strong');
		expect(scoreMatch(linear('#b35a2b'), linear('#b3392b')).words).toContain('towards yellow');
		expect(scoreMatch(linear('#b32b50'), linear('#b3392b')).words).toContain('towards red');
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

describe('a lit form (Lambert 1760)', () => {
	const lighting = {
		object: linear('#b3392b'),
		keyLight: [0.9, 0.85, 0.7] as Triple,
		ambient: [0.1, 0.12, 0.18] as Triple,
		background: linear('#8d9a5b'),
		gloss: 0.5
	};
	const y = (c: Triple) => luminance(...c);

	it('grows darker from highlight over light and half-tone to shadow, with reflected light between', () => {
		const { highlight, light, halfTone, reflectedLight, shadow } = litRegions(lighting);
		const values = [highlight, light, halfTone, reflectedLight, shadow].map(y);
		expect(values).toEqual([...values].sort((a, b) => b - a));
	});

	it('the half-tone at 60° has half of the key light, and without lights all is black', () => {
		const { light, halfTone, shadow } = litRegions(lighting);
		light.forEach((x, i) => expect(halfTone[i]! - shadow[i]!).toBeCloseTo((x - shadow[i]!) / 2, 12));
		const night = litRegions({ ...lighting, keyLight: [0, 0, 0], ambient: [0, 0, 0] });
		for (const region of Object.values(night)) expect(region).toEqual([0, 0, 0]);
	});

	it('under a warm light the highlight of a dull grey body is warm, not white; under white light it is neutral', () => {
		const grey = { ...lighting, object: linear('#606060') };
		expect(temperature(litRegions(grey).highlight)).toBe('warm');
		const white = { ...grey, keyLight: [0.8, 0.8, 0.8] as Triple, ambient: [0.1, 0.1, 0.1] as Triple };
		expect(temperature(litRegions(white).highlight)).toBe('neutral');
	});
});
