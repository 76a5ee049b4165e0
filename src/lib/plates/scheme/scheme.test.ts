import { converter } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { numberToHex } from '$lib/core/colour/code-number';
import { fit } from '$lib/core/colour/shown';
import { DIRECTIONS } from '$lib/core/scheme/relatives';
import { RIM } from '$lib/core/scheme/wheel-place';
import { WHEELS } from '$lib/core/scheme/wheel';
import { schemePlateSchema, type SchemePlate } from './schema';
import { type Shape } from '$lib/drawing/drawing';
import { barsOf } from '$lib/drawing/bars';
import { colourOf } from '$lib/model/resolve';
import { drawingToSvg } from '$lib/drawing/svg';
import { drawScheme, schemeLayout, yarnsOf } from './draw-scheme';
import { flagsOf } from './draw-scheme-wheel';
import { boxOfRelative, layOutScheme, placeAt, pointOf, relativeAt } from './scheme-layout';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { relativesOfScheme, schemeOf } from './scheme-of';
import { COARSE, FINE, wheelPatches } from './wheel-patches';

const lab = converter('lab65');
const hsv = converter('hsv');
const oklch = converter('oklch');

const other = { angle: 0, strength: 1, value: 0, fixed: null };
const plate = (change: Partial<SchemePlate> = {}): SchemePlate =>
	schemePlateSchema.parse({
		id: 'scheme000001',
		kind: 'scheme',
		title: 'A scheme',
		wheel: 'light',
		scheme: 'triad',
		holdValue: false,
		lead: { text: '#b3392b' },
		others: [other, other],
		relatives: { shown: true, steps: 5, amount: 60 },
		inUse: true,
		roles: [0, 1, 2, 3, 4],
		keptTo: null,
		...change
	});

const shown = fc.record({
	relatives: fc.record({
		shown: fc.constant(true),
		steps: fc.integer({ min: 1, max: 20 }),
		amount: fc.constant(50)
	}),
	inUse: fc.boolean(),
	kept: fc.boolean(),
	members: fc.integer({ min: 2, max: 10 })
});

describe('the layout of a scheme', () => {
	it('finds every relative again at the middle of its box', () => {
		fc.assert(
			fc.property(shown, fc.nat(9), fc.constantFrom(...DIRECTIONS), fc.nat(19), (asked, m, direction, s) => {
				const { relatives } = layOutScheme(asked);
				const cell = { member: m % asked.members, direction, step: (s % asked.relatives.steps) + 1 };
				const { x, y, width, height } = boxOfRelative(relatives!, cell);
				expect(relativeAt(relatives!, x + width / 2, y + height / 2)).toEqual(cell);
			}),
			{ seed: 4 }
		);
	});

	it('keeps everything on the plate, nothing over anything else, in any number', () => {
		fc.assert(
			fc.property(shown, (asked) => {
				const layout = layOutScheme(asked);
				const column = [layout.members, layout.kept, layout.greys, layout.balance, layout.designs[0]].filter(
					(box) => box !== null && box !== undefined
				);
				column.slice(1).forEach((box, i) => expect(box.y).toBeGreaterThanOrEqual(column[i]!.y + column[i]!.height));
				const first = layout.relatives!.blocks[0]!;
				for (const { x, width, y, height } of [...column, ...layout.designs]) {
					expect(x + width).toBeLessThanOrEqual(PLATE_WIDTH);
					expect(y + height).toBeLessThanOrEqual(first.y - 20);
				}
				const last = layout.relatives!.blocks.at(-1)!;
				expect(last.y + last.height).toBeLessThanOrEqual(layout.height);
			}),
			{ seed: 6 }
		);
	});

	it('a place on the wheel is read back from its point on the plate', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...WHEELS),
				fc.double({ min: 0, max: 359, noNaN: true }),
				fc.double({ min: 0.05, max: 1, noNaN: true }),
				(wheel, angle, share) => {
					const circle = { cx: 190, cy: 220, rim: 106 };
					const [x, y] = pointOf(circle, wheel, { angle, distance: share * RIM[wheel], light: 0.5 });
					const back = placeAt(circle, wheel, x, y);
					expect(back.angle).toBeCloseTo(angle, 6);
					expect(back.distance).toBeCloseTo(share * RIM[wheel], 9);
				}
			),
			{ seed: 8 }
		);
	});

	it('flags of ten members of one hue do not cover each other', () => {
		const made = schemeOf(plate({ scheme: 'monochromatic', others: Array.from({ length: 9 }, () => other) }), []);
		const flags = flagsOf('light', made.members, { cx: 190, cy: 220, rim: 106 });
		flags.forEach((one, i) =>
			flags.slice(i + 1).forEach((two) => expect(Math.hypot(one.x - two.x, one.y - two.y)).toBeGreaterThan(15))
		);
	});
});

const fills = (shapes: readonly Shape[]): string[] =>
	shapes
		.flatMap((shape) => (shape.kind === 'row' ? barsOf(shape) : shape))
		.flatMap((shape) => ('fill' in shape ? shape.fill : []));

describe('the drawing of a scheme', () => {
	it('holds every member and every relative, on screen and in the file alike', () => {
		const scheme = plate({ relatives: { shown: true, steps: 20, amount: 80 } });
		const drawing = drawScheme(scheme, [], true);
		const svg = drawingToSvg(drawing);
		const codes = relativesOfScheme(scheme, []).flatMap((each) =>
			DIRECTIONS.flatMap((direction) => each[direction].map(numberToHex))
		);
		expect(codes).toHaveLength(3 * 6 * 20);
		for (const code of [...codes, ...schemeOf(scheme, []).usedHexes]) {
			expect(svg).toContain(`fill="${code}"`);
			expect(fills(drawing.shapes)).toContain(code);
		}
	});

	it('kept to a palette, relatives and designs use nothing but its colours', () => {
		const colours = [
			{ name: 'Woad', text: '#2f5f86' },
			{ name: 'Weld', text: '#d9b036' }
		];
		const kept = plate({ keptTo: { name: 'Two', colours }, relatives: { shown: true, steps: 3, amount: 50 } });
		const palette = colours.map(({ text }) => text);
		for (const each of relativesOfScheme(kept, []))
			for (const direction of DIRECTIONS)
				each[direction].forEach((code) => expect(palette).toContain(numberToHex(code)));
		for (const code of Object.values(yarnsOf(kept, schemeOf(kept, []).usedHexes))) expect(palette).toContain(code);
		// Both stand side by side: the members as the scheme has them are still drawn.
		const drawn = fills(drawScheme(kept, [], true).shapes);
		for (const { hex } of schemeOf(kept, []).members) expect(drawn).toContain(hex);
	});

	it('a number of members or a spread that no longer fits is brought to what fits', () => {
		const wide = plate({ scheme: 'split-complementary', spread: 200, roles: [9, 8, 7, 6, 5] });
		expect(schemeOf(wide, []).spec.spread).toBe(60);
		expect(() => drawScheme(wide, [], true)).not.toThrow();
		expect(schemeLayout(wide).designs).toHaveLength(3);
	});
});

describe('the printed wheel', () => {
	const value = (hex: string): number => lab(hex)!.l;
	const circle = { cx: 190, cy: 220, rim: 106 };
	const anyCode = fc.integer({ min: 0, max: 0xffffff }).map((code) => `#${code.toString(16).padStart(6, '0')}`);
	const printed = (lead: string, wheel: (typeof WHEELS)[number], holdValue: boolean) => {
		const spec = { scheme: 'free', wheel, holdValue, lead: fit(colourOf(lead)).linear } as const;
		const { fills, paths } = wheelPatches(spec, circle, FINE);
		// A dot stands where no screen shows the colour.
		return fills.filter((_, i) => paths[i]!.includes('A'));
	};

	it('stands where its circle stands, however often it was printed elsewhere, and is as fine as it is asked to be', () => {
		const spec = { scheme: 'free', wheel: 'light', lead: fit(colourOf('#b3392b')).linear } as const;
		const here = wheelPatches(spec, circle, FINE);
		const beside = wheelPatches(spec, { ...circle, cx: circle.cx + 40 }, FINE);
		expect(beside.x).toBe(here.x + 40);
		expect(beside.paths[0]).not.toBe(here.paths[0]);
		expect(wheelPatches(spec, circle, COARSE).paths).toHaveLength(COARSE.hues * COARSE.rings);
		expect(wheelPatches(spec, circle, FINE).paths).toHaveLength(FINE.hues * FINE.rings);
	});

	it('has every patch at the value of the lead where value is held, within what an 8-bit code can hold (culori 4.0.2)', () => {
		fc.assert(
			fc.property(anyCode, fc.constantFrom(...WHEELS), (lead, wheel) => {
				for (const patch of printed(lead, wheel, true)) expect(Math.abs(value(patch) - value(lead))).toBeLessThan(1.2);
			}),
			{ seed: 5, numRuns: 60 }
		);
	});

	it('has the lightness of the lead on the perceptual wheel, and its brightness on the others (culori 4.0.2)', () => {
		const lightness = { light: (hex: string) => hsv(hex)!.v, perceptual: (hex: string) => oklch(hex)!.l };
		fc.assert(
			fc.property(anyCode, fc.constantFrom(...WHEELS), (lead, wheel) => {
				const of = lightness[wheel === 'perceptual' ? 'perceptual' : 'light'];
				for (const patch of printed(lead, wheel, false)) expect(Math.abs(of(patch) - of(lead))).toBeLessThan(0.02);
			}),
			{ seed: 6, numRuns: 60 }
		);
	});
});
