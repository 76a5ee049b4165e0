import { converter, differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { chromaOf, make, specOf, type Given } from '../../../../tests/support/scales';
import { type Remark } from '../remark';
import { WHEELS } from '../scheme/wheel';
import { METHODS } from './mixing';
import { fixedSteps, remarksOnRecipe } from './recipe-remarks';
import { METHOD_WORDS, WHEEL_WORDS } from './words';

const lab = converter('lab65');
const oklch = converter('oklch');

const remarks = (given: Given): Remark[] => remarksOnRecipe(specOf(given), make(given));
const keys = (given: Given): string[] => remarks(given).map(({ key }) => key);

describe('what is said of dulling', () => {
	const red: Given = { recipe: 'dulling', parents: ['#ff0000'], between: 3, method: 'oklab', spacing: 'shares' };
	/** The least chroma on the way, by many steps of it. */
	const leastChroma = (given: Given): number =>
		Math.min(...make({ ...given, between: 48, dulling: 'mixed' }).steps.map(({ linear }) => chromaOf(linear)));

	it('a grey has nothing to dull, and is offered tones; a colour with hardly any has', () => {
		expect(remarks({ ...red, parents: ['#808080'] })).toMatchObject([{ key: 'dulling.grey', mend: 'as-tones' }]);
		expect(keys({ ...red, parents: ['#8a7a78'] })).not.toContain('dulling.grey');
	});

	it('says which step is the neutral, or between which two it lies', () => {
		expect(remarks(red)[0]!.words).toBe('Step 3 is the neutral half way between a colour and its complement.');
		expect(make(red).steps[2]!.hex).toMatch(/^#(..)\1\1$/);
		expect(remarks({ ...red, between: 4 })[0]!.words).toBe(
			'The neutral lies between steps 3 and 4; with an odd number between it is a step.'
		);
		expect(keys({ ...red, pins: [{ step: 2, hex: '#b3392b' }] })).toEqual([]);
		expect(keys({ ...red, pins: [{ step: 1, hex: '#b3392b' }] })).toEqual(['dulling.neutral-step']);
		expect(keys({ ...red, oneWay: true })).toEqual(['dulling.neutral-end']);
	});

	it('as it happens to mix: says when the two do not put each other out, how much is left, and where they would', () => {
		for (const oneWay of [false, true]) {
			const [remark] = remarks({ ...red, dulling: 'mixed', oneWay });
			expect(remark).toMatchObject({ key: 'dulling.keeps-colour', verdict: 'look', mend: 'through-neutral' });
			const left = Number(/keeps a chroma of (\d\.\d\d)\./.exec(remark!.words)![1]);
			expect(left).toBeGreaterThan(0.04);
			expect(Math.abs(left - leastChroma(red))).toBeLessThan(0.01);
			expect(remark!.words).toContain(oneWay ? ': the end keeps' : ': the quietest point between them keeps');
			expect(remark!.words).toContain(`By the ${WHEEL_WORDS.painter} and mixed ${METHOD_WORDS.oklab.name},`);
			const other = WHEELS.find((wheel) => remark!.words.endsWith(`. By the ${WHEEL_WORDS[wheel]} they would.`));
			expect(other).toBeDefined();
			expect(other).not.toBe('painter');
			expect(leastChroma({ ...red, wheel: other! })).toBeLessThan(0.045);
		}
	});

	it('nothing where they do put each other out: light of opposite hues on the wheel of light adds up to white', () => {
		expect(keys({ ...red, dulling: 'mixed', wheel: 'light', method: 'light' })).toEqual([]);
	});

	it('of any colour: what it says of another wheel or mixing is so', () => {
		const said = { wheel: 0, method: 0, nowhere: 0 };
		for (const parent of ['#ff0000', '#0000ff', '#ffff00', '#b3392b', '#d9b036', '#2f5f86', '#00a060', '#c05090'])
			for (const wheel of WHEELS)
				for (const method of METHODS) {
					const given: Given = { ...red, parents: [parent], dulling: 'mixed', wheel, method };
					const [remark] = remarks(given);
					if (!remark) {
						expect(leastChroma(given), `${parent} ${wheel} ${method}`).toBeLessThan(0.06);
						continue;
					}
					const otherWheel = WHEELS.find((each) => remark.words.endsWith(`. By the ${WHEEL_WORDS[each]} they would.`));
					const otherMethod = METHODS.find((each) =>
						remark.words.endsWith(`. Mixed ${METHOD_WORDS[each].name} they would.`)
					);
					if (otherWheel) said.wheel++;
					else if (otherMethod) said.method++;
					else said.nowhere++;
					const there = { ...given, wheel: otherWheel ?? wheel, method: otherMethod ?? method };
					if (otherWheel ?? otherMethod) expect(leastChroma(there)).toBeLessThan(0.06);
					expect(otherWheel).not.toBe(wheel);
					expect(otherMethod).not.toBe(method);
				}
		expect(said.wheel).toBeGreaterThan(0);
		expect(said.method).toBeGreaterThan(0);
	});
});

describe('what is said of hue steps', () => {
	const hues = (parents: string[], more: Partial<Given> = {}): Given => ({
		recipe: 'hue-steps',
		parents,
		between: 4,
		method: 'oklab',
		spacing: 'shares',
		...more
	});

	it('without a hue to turn: why, and that an interval mixes the two', () => {
		expect(remarks(hues(['#808080', '#2f5f86']))).toMatchObject([
			{ words: 'There is no hue to turn: a grey has none. An interval mixes the two.', mend: 'as-interval' }
		]);
		expect(remarks(hues(['#b3392b', '#777777']))[0]!.words).toContain('a grey has none');
		expect(remarks(hues(['#b3392b', '#c84a3a']))[0]!.words).toContain('the two are less than 5° apart');
	});

	it('an end that is far from the purest of its hue leaps, and is said to by how much', () => {
		const given = hues(['#8a5a50', '#0000ff']);
		const [leap, ...more] = remarks(given);
		expect(more).toEqual([]);
		expect(leap).toMatchObject({ key: 'hue.leap', mend: 'use-purest' });
		const by = Number(/^The first parent is (\d+\.\d) ΔE00 from the purest of its hue/.exec(leap!.words)![1]);
		// The purest of a hue lies on an edge of the cube of codes; looked for along all of them (culori 4.0.2).
		const hue = oklch('#8a5a50')!.h!;
		const edge = Array.from({ length: 6 * 256 }, (_, i) => {
			const [side, x] = [Math.floor(i / 256), (i % 256) / 255];
			const [r, g, b] = [
				[1, x, 0],
				[1 - x, 1, 0],
				[0, 1, x],
				[0, 1 - x, 1],
				[x, 0, 1],
				[1, 0, 1 - x]
			][side]!;
			return { mode: 'rgb', r: r!, g: g!, b: b! } as const;
		});
		const apart = (h: number): number => Math.abs(((h - hue + 540) % 360) - 180);
		const purest = edge.reduce((one, other) => (apart(oklch(other)!.h!) < apart(oklch(one)!.h!) ? other : one));
		expect(Math.abs(by - differenceCiede2000()('#8a5a50', purest))).toBeLessThan(1);
		expect(remarks(hues(['#0000ff', '#8a5a50']))[0]!.words).toMatch(/^The second parent is/);
		expect(keys(hues(['#8a5a50', '#24405a']))).toEqual(['hue.leap', 'hue.leap']);
		expect(keys(hues(['#ff0000', '#0000ff']))).toEqual([]);
	});

	it('kept at the first parent’s value, an end that is not its parent is said not to be, with both values and chromas', () => {
		const given = hues(['#b3392b', '#d9b036'], { turning: 'held' });
		const [only, ...more] = remarks(given);
		expect(more).toEqual([]);
		expect(only!.words).toContain('Step 6 has the hue of the second parent and is not that parent');
		expect(only!.words).toContain('value and its chroma, as far as it fits (value');
		const numbers = /\(value ([\d.]+) instead of ([\d.]+), chroma ([\d.]+) instead of ([\d.]+)\)/.exec(only!.words)!;
		const [value, own, chroma, ownChroma] = numbers.slice(1).map(Number);
		const last = make(given).steps.at(-1)!;
		expect(value).toBe(Math.round(lab(last.hex)!.l));
		expect(own).toBe(Math.round(lab('#d9b036')!.l));
		expect(Math.abs(chroma! - oklch(last.hex)!.c)).toBeLessThan(0.01);
		expect(Math.abs(ownChroma! - oklch('#d9b036')!.c)).toBeLessThan(0.01);
	});

	it('at the greatest chroma the first is not its parent either', () => {
		const both = remarks(hues(['#8a5a50', '#d9b036'], { turning: 'greatest' }));
		expect(both.map(({ words }) => words.slice(0, 42))).toEqual([
			'Step 1 has the hue of the first parent and',
			'Step 6 has the hue of the second parent an'
		]);
		for (const { words } of both) expect(words).toContain('value and the greatest chroma that fits there (');
	});

	it('nothing where steps are set by hand, and nothing of other recipes', () => {
		expect(keys(hues(['#8a5a50', '#24405a'], { pins: [{ step: 2, hex: '#ffffff' }] }))).toEqual([]);
		expect(keys({ ...hues(['#8a5a50', '#24405a']), recipe: 'interval' })).toEqual([]);
		expect(keys({ ...hues(['#8a5a50']), recipe: 'tints' })).toEqual([]);
	});
});

describe('steps that are fixed between the ends, from 1', () => {
	const fixed = (given: Given): number[] => fixedSteps(specOf(given), make(given));
	const base = { between: 3, method: 'oklab', spacing: 'shares' } as const;

	it('are parents on their way, the neutral of dulling, and what is set by hand; never the ends', () => {
		const path: Given = { ...base, recipe: 'path', parents: ['#b3392b', '#d9b036', '#2f5f86'] };
		expect(fixed(path)).toEqual([3]);
		expect(fixed({ ...path, between: 2 })).toEqual([]);
		expect(fixed({ ...path, pins: [{ step: 1, hex: '#ffffff' }] })).toEqual([2, 3]);
		expect(fixed({ ...base, recipe: 'dulling', parents: ['#b3392b'] })).toEqual([3]);
		expect(fixed({ ...base, recipe: 'dulling', parents: ['#b3392b'], between: 4 })).toEqual([]);
		expect(fixed({ ...base, recipe: 'interval', parents: ['#b3392b', '#2f5f86'] })).toEqual([]);
		expect(fixed({ ...base, recipe: 'tints', parents: ['#b3392b'], between: 1 })).toEqual([]);
	});
});
