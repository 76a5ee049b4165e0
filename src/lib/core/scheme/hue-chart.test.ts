import { converter, formatHex, interpolate, samples } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { layDiscs } from '../mix/layer';
import { Problem } from '../problem';
import { HUE_COUNTS, makeChart, MAKINGS, RING_RECIPES, type ChartSpec } from './hue-chart';
import { WHEELS } from './wheel';

const linear = (text: string): Triple => toLinear(readColour(text));
const lab = converter('lab65');
const oklch = converter('oklch');
const oklab = converter('oklab');
const valueOf = (hex: string): number => lab(hex)!.l;

const PLAIN: ChartSpec = {
	wheel: 'painter',
	hues: 12,
	strength: { kind: 'lead', lead: linear('#ff0000'), holdValue: false },
	inside: { recipe: 'tints', count: 0 },
	outside: { recipe: 'shades', count: 0 },
	making: 'mixed',
	method: 'oklab',
	discStrength: 0.5
};
const chart = (change: Partial<ChartSpec>) => makeChart({ ...PLAIN, ...change });
const hexes = (change: Partial<ChartSpec>): string[][] => chart(change).map(({ steps }) => steps.map(({ hex }) => hex));
const within = (ours: string, theirs: string, codes = 1) =>
	[1, 3, 5].forEach((at) =>
		expect(
			Math.abs(parseInt(ours.slice(at, at + 2), 16) - parseInt(theirs.slice(at, at + 2), 16)),
			`${ours} beside ${theirs}`
		).toBeLessThanOrEqual(codes)
	);

describe('a chart of hues', () => {
	it('the light wheel of six has red, yellow, green, cyan, blue, magenta (HSB hues at 60°, Smith 1978)', () => {
		expect(hexes({ wheel: 'light', hues: 6 }).flat()).toEqual([
			'#ff0000',
			'#ffff00',
			'#00ff00',
			'#00ffff',
			'#0000ff',
			'#ff00ff'
		]);
	});

	it('the painter’s wheel has red, yellow and blue as its thirds, and green opposite red (Chevreul 1839, Itten 1961)', () => {
		const hues = hexes({}).flat();
		expect([hues[0], hues[4], hues[8]]).toEqual(['#ff0000', '#ffff00', '#0000ff']);
		expect(hues[6]).toBe('#00ff00');
	});

	it('on the perceptual wheel hues stand at equal angles of OKLCH (culori)', () => {
		for (const hues of HUE_COUNTS) {
			const strength = { kind: 'given', value: 60, chroma: 0.04 } as const;
			chart({ wheel: 'perceptual', hues, strength }).forEach(({ steps }, i) => {
				const { h = 0 } = oklch(steps[0]!.hex)!;
				const miss = Math.abs(((h - (360 * i) / hues + 540) % 360) - 180);
				expect(miss).toBeLessThan(2.5);
			});
		}
	});

	it('a whole wheel of given value keeps it at every hue, whatever its chroma (L* by culori)', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 8, max: 96 }),
				fc.double({ min: 0, max: 0.3, noNaN: true }),
				fc.constantFrom(...WHEELS),
				(value, chroma, wheel) => {
					for (const [hex] of hexes({ wheel, strength: { kind: 'given', value, chroma } }))
						expect(Math.abs(valueOf(hex!) - value)).toBeLessThan(0.5);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('a lead colour whose value is held makes a wheel of one value (L* by culori)', () => {
		const lead = linear('#2f5f86');
		for (const [hex] of hexes({ strength: { kind: 'lead', lead, holdValue: true } }))
			expect(Math.abs(valueOf(hex!) - valueOf('#2f5f86'))).toBeLessThan(0.5);
	});

	it('rings are the steps of true mixes, in order from the middle outwards (culori’s interpolation in OKLab)', () => {
		const rows = hexes({ inside: { recipe: 'tints', count: 3 }, outside: { recipe: 'shades', count: 2 } });
		for (const row of rows) {
			expect(row).toHaveLength(6);
			const hue = row[3]!;
			const tints = samples(5).map((share) => formatHex(interpolate([hue, '#ffffff'], 'oklab')(share)));
			const shades = samples(4).map((share) => formatHex(interpolate([hue, '#000000'], 'oklab')(share)));
			row.slice(0, 4).forEach((hex, i) => within(hex, tints[3 - i]!));
			row.slice(3).forEach((hex, i) => within(hex, shades[i]!));
		}
	});

	it('rings of level tones keep the value of their hue (common practice, no source; L* by culori)', () => {
		for (const row of hexes({ inside: { recipe: 'tones-level', count: 4 } }))
			for (const hex of row) expect(Math.abs(valueOf(hex) - valueOf(row.at(-1)!))).toBeLessThan(0.5);
	});

	it('a hue dulled by the opposite one loses chroma ring by ring (common practice, no source)', () => {
		for (const wheel of WHEELS)
			for (const row of hexes({ wheel, inside: { recipe: 'dulling', count: 4 } })) {
				const chromas = row.map((hex) => oklch(hex)!.c);
				expect([...chromas].sort((one, other) => one - other)).toEqual(chromas);
			}
	});

	it('opposite hues dulled by each other meet in one neutral, whatever makes their strength (common practice, no source)', () => {
		const given = { kind: 'given', value: 60, chroma: 0.1 } as const;
		for (const wheel of WHEELS)
			for (const strength of [PLAIN.strength, given]) {
				const rows = hexes({ wheel, strength, inside: { recipe: 'dulling', count: 8 } });
				// By equal shares in OKLab, one more ring would be the neutral where they meet: half way in value, and without chroma.
				const next = (row: readonly string[]) => {
					const [one, two] = [oklab(row[0]!)!, oklab(row[1]!)!];
					return [2 * one.l - two.l, 2 * one.a - two.a, 2 * one.b - two.b] as const;
				};
				rows.slice(0, 6).forEach((row, i) => {
					const [here, across] = [next(row), next(rows[i + 6]!)];
					here.forEach((x, k) => expect(Math.abs(x - across[k]!)).toBeLessThan(0.012));
					expect(Math.hypot(here[1], here[2])).toBeLessThan(0.012);
				});
			}
	});

	it('discs laid over each other are what W3C Compositing and Blending Level 1 says (§5.1, §10.1.2)', () => {
		const under = linear('#c08040');
		const codes = (colour: Triple) => colour.map((c) => Math.round(formatByte(c)));
		// co = cs·αs + cb·(1 − αs); multiply: B = cb·cs. Worked by hand on the 8-bit codes, c0 = 192, 80 = 128, 40 = 64.
		expect(codes(layDiscs(under, linear('#ffffff'), 'over', 0.5, 1))).toEqual([224, 192, 160]);
		expect(codes(layDiscs(under, linear('#ffffff'), 'over', 0.5, 2))).toEqual([239, 223, 207]);
		expect(codes(layDiscs(under, linear('#808080'), 'multiplied', 1, 1))).toEqual([96, 64, 32]);
		expect(codes(layDiscs(under, linear('#000000'), 'multiplied', 0.5, 2))).toEqual([48, 32, 16]);
	});

	it('white discs multiplied change nothing; black ones over or multiplied are the same (W3C, as above)', () => {
		const discs = { discStrength: 0.35 } as const;
		for (const row of hexes({ ...discs, making: 'multiplied', inside: { recipe: 'tints', count: 3 } }))
			expect(new Set(row).size).toBe(1);
		const shades = { ...discs, outside: { recipe: 'shades', count: 4 } } as const;
		expect(hexes({ ...shades, making: 'over' })).toEqual(hexes({ ...shades, making: 'multiplied' }));
	});

	it('every chart has as many cells as asked for, all of them in the gamut', () => {
		const rings = fc.record({ recipe: fc.constantFrom(...RING_RECIPES), count: fc.integer({ min: 0, max: 8 }) });
		fc.assert(
			fc.property(
				fc.record({ inside: rings, outside: rings, making: fc.constantFrom(...MAKINGS) }),
				fc.constantFrom(...HUE_COUNTS),
				fc.constantFrom(...WHEELS),
				fc.integer({ min: 0, max: 0xffffff }),
				(change, hues, wheel, code) => {
					const lead = linear(`#${code.toString(16).padStart(6, '0')}`);
					const made = chart({ ...change, hues, wheel, strength: { kind: 'lead', lead, holdValue: false } });
					expect(made).toHaveLength(hues);
					for (const { steps } of made) {
						expect(steps).toHaveLength(change.inside.count + 1 + change.outside.count);
						expect(steps.filter(({ parent }) => parent === 0)).toHaveLength(1);
						for (const { linear: c } of steps) for (const x of c) expect(x >= -1e-4 && x <= 1 + 1e-4).toBe(true);
					}
				}
			),
			{ numRuns: 60 }
		);
	});

	it('asks for 0 to 8 rings and discs of a strength from 0 to 1', () => {
		expect(() => chart({ inside: { recipe: 'tints', count: 9 } })).toThrow(Problem);
		expect(() => chart({ outside: { recipe: 'tints', count: 1.5 } })).toThrow(/rings/);
		expect(() => chart({ making: 'over', discStrength: 1.2 })).toThrow(/strength/);
	});
});

/** IEC 61966-2-1, written out here. */
const formatByte = (c: number): number => 255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055);
