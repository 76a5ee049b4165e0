import fc from 'fast-check';
import { linearToOklch } from '../../src/lib/core/colour/oklab';
import { readColour } from '../../src/lib/core/colour/read';
import { METHODS } from '../../src/lib/core/scale/mixing';
import { RECIPES } from '../../src/lib/core/scale/recipe';
import { ROUTES } from '../../src/lib/core/scale/route';
import { makeScale, MOST_BETWEEN, type Scale } from '../../src/lib/core/scale/scale';
import { SPACINGS } from '../../src/lib/core/scale/spacing';
import { type ScaleSpec } from '../../src/lib/core/scale/spec';

/** Any code. */
export const hex = fc.integer({ min: 0, max: 0xffffff }).map((code) => `#${code.toString(16).padStart(6, '0')}`);

/** Any scale of three parents. */
export const spec = fc.record({
	recipe: fc.constantFrom(...RECIPES),
	parents: fc.tuple(hex, hex, hex),
	between: fc.integer({ min: 0, max: MOST_BETWEEN }),
	method: fc.constantFrom(...METHODS),
	spacing: fc.constantFrom(...SPACINGS),
	route: fc.constantFrom(...ROUTES)
});

/** What decides a scale, with its colours as codes. */
export type Given = Omit<ScaleSpec, 'parents' | 'pins'> & {
	parents: readonly string[];
	pins?: { step: number; hex: string }[];
};

export const specOf = ({ pins, ...given }: Given): ScaleSpec => ({
	...given,
	parents: given.parents.map(readColour),
	...(pins ? { pins: pins.map(({ step, hex: text }) => ({ step, colour: readColour(text) })) } : {})
});

export const make = (given: Given): Scale => makeScale(specOf(given));

export const WHITE = [1, 1, 1] as const;
export const chromaOf = (linear: readonly [number, number, number]): number => linearToOklch(linear)[1];
export const hueOf = (linear: readonly [number, number, number]): number => linearToOklch(linear)[2];
