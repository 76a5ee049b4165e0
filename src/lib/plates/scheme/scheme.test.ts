import { clampChroma, converter, differenceCiede2000 } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { numberToHex } from '$lib/core/colour/code-number';
import { fit } from '$lib/core/colour/shown';
import { DIRECTIONS } from '$lib/core/scheme/relatives';
import { WHEELS } from '$lib/core/scheme/wheel';
import { schemePlateSchema, type SchemePlate } from './schema';
import { type Shape } from '$lib/drawing/drawing';
import { barsOf, figuresOf } from '$lib/drawing/bars';
import { colourOf } from '$lib/model/resolve';
import { drawingToSvg } from '$lib/drawing/svg';
import { angleBetween } from '$lib/core/colour/vector';
import { type Box } from '$lib/drawing/box';
import { bringOverScheme } from './bring-over';
import { boxInCross, relativeAt } from './cross-layout';
import { drawScheme, schemeLayout, yarnsOf } from './draw-scheme';
import { huePatches, placeOnMap, pointOn, reachOf } from './hue-map';
import { layOutScheme } from './scheme-layout';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { relativesOfScheme, schemeOf, workers } from './scheme-of';

const lab = converter('lab65');
const hsv = converter('hsv');
const oklch = converter('oklch');

const other = { angle: 0, strength: 1, value: 0, fixed: null };
const RELATIVES = { shown: true, steps: 5, size: 4, cross: 0, chosen: [] };
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
		relatives: RELATIVES,
		inUse: true,
		roles: [0, 1, 2, 3, 4],
		keptTo: null,
		...change
	});

const shown = fc.record({
	relatives: fc.record({
		shown: fc.boolean(),
		steps: fc.integer({ min: 1, max: 12 }),
		size: fc.constant(4),
		cross: fc.nat(9),
		chosen: fc.constant([] as SchemePlate['relatives']['chosen'])
	}),
	inUse: fc.boolean(),
	kept: fc.boolean(),
	others: fc.integer({ min: 1, max: 9 }).map((count) => Array.from({ length: count }, () => other))
});

const overlaps = (one: Box, two: Box): boolean =>
	Math.min(one.x + one.width, two.x + two.width) - Math.max(one.x, two.x) > 0.001 &&
	Math.min(one.y + one.height, two.y + two.height) - Math.max(one.y, two.y) > 0.001;

describe('the layout of a scheme', () => {
	it('finds every relative again at the middle of its box, and none where no further one fits', () => {
		let tried = 0;
		fc.assert(
			fc.property(shown, fc.nat(9), fc.constantFrom(...DIRECTIONS), fc.nat(11), (asked, m, direction, s) => {
				const { crosses } = layOutScheme({ ...asked, relatives: { ...asked.relatives, shown: true } });
				const cross = crosses[m % crosses.length]!;
				const { steps } = asked.relatives;
				const step = (s % steps) + 1;
				const { x, y, width, height } = boxInCross(cross, direction, step);
				const at = (count: number) => relativeAt(crosses, () => count, x + width / 2, y + height / 2);
				expect(at(steps)).toEqual({ member: cross.member, direction, step });
				expect(at(step - 1)).toBeNull();
				tried++;
			}),
			{ seed: 4 }
		);
		expect(tried).toBe(100);
	});

	it('keeps everything on the plate, nothing over anything else, in any number', () => {
		fc.assert(
			fc.property(shown, (asked) => {
				const layout = layOutScheme(asked);
				const crossed = layout.crosses.flatMap((cross) =>
					DIRECTIONS.flatMap((direction) =>
						Array.from({ length: asked.relatives.steps }, (_, i) => boxInCross(cross, direction, i + 1))
					)
				);
				const boxes = [
					...layout.members,
					...crossed,
					...layout.designs,
					layout.map,
					layout.greys,
					layout.balance,
					...(layout.kept ? [layout.kept] : [])
				];
				expect(layout.members).toHaveLength(asked.others.length + 1);
				for (const { x, y, width, height } of boxes) {
					expect(Math.min(x, y)).toBeGreaterThanOrEqual(0);
					expect(x + width).toBeLessThanOrEqual(PLATE_WIDTH);
					expect(y + height).toBeLessThanOrEqual(layout.height);
				}
				boxes.forEach((one, i) => boxes.slice(i + 1).forEach((two) => expect(overlaps(one, two)).toBe(false)));
			}),
			{ seed: 6 }
		);
	});

	it('up to four members have a cross each; of more only the one that is asked for', () => {
		const relatives = { shown: true, steps: 4, size: 4, cross: 6, chosen: [] };
		const members = (count: number) =>
			layOutScheme({
				relatives,
				inUse: true,
				kept: false,
				others: Array.from({ length: count - 1 }, () => other)
			}).crosses.map(({ member }) => member);
		expect([members(2), members(4), members(5), members(10)]).toEqual([[0, 1], [0, 1, 2, 3], [4], [6]]);
		expect(
			layOutScheme({ relatives: { ...relatives, shown: false }, inUse: true, kept: false, others: [other] }).crosses
		).toEqual([]);
	});

	it('a place on the unrolled wheel is read back from its point on the plate, and hues go on beyond its edges', () => {
		const map = { x: 500, y: 70, width: 84, height: 396 };
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 359, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.constantFrom(1, 0.32, 0.07),
				(angle, share, reach) => {
					const [x, y] = pointOn(map, reach, { angle, distance: share * reach });
					expect(x >= map.x && x <= map.x + map.width && y >= map.y && y <= map.y + map.height).toBe(true);
					const back = placeOnMap(map, reach, x, y);
					expect(angleBetween(back.angle, angle)).toBeLessThan(1e-6);
					expect(back.distance).toBeCloseTo(share * reach, 9);
					expect(angleBetween(placeOnMap(map, reach, x, y - map.height).angle, angle)).toBeLessThan(1e-6);
				}
			),
			{ seed: 8 }
		);
		expect(placeOnMap(map, 1, 900, 100).distance).toBe(1);
		expect(placeOnMap(map, 1, 0, 100).distance).toBe(0);
	});

	it('numbers of ten members of one hue stand apart', () => {
		const drawn = drawScheme(
			plate({ scheme: 'monochromatic', others: Array.from({ length: 9 }, () => other) }),
			[],
			true
		);
		const beside = drawn.shapes.filter(
			(shape) => shape.kind === 'words' && /^\d+$/.test(shape.words) && shape.x > schemeLayout(plate()).map.x
		);
		const heights = beside.map((shape) => (shape.kind === 'words' ? shape.y : 0)).sort((one, two) => one - two);
		expect(heights.length).toBe(10);
		heights.slice(1).forEach((y, i) => expect(y - heights[i]!).toBeGreaterThan(12));
	});
});

const fills = (shapes: readonly Shape[]): string[] =>
	shapes
		.flatMap((shape) => (shape.kind === 'row' ? barsOf(shape) : shape.kind === 'mosaic' ? figuresOf(shape) : shape))
		.flatMap((shape) => ('fill' in shape ? shape.fill : []));

describe('the drawing of a scheme', () => {
	it('holds every member and every relative, on screen and in the file alike', () => {
		const chosen = [{ member: 1, direction: 'lighter', step: 2 }] as const;
		const scheme = plate({
			relatives: { ...RELATIVES, steps: 12, size: 2, chosen: [...chosen] },
			roles: [0, 1, 2, 3, 0]
		});
		const drawing = drawScheme(scheme, [], true);
		const svg = drawingToSvg(drawing);
		const all = relativesOfScheme(scheme, []);
		const codes = all.flatMap((each) => DIRECTIONS.flatMap((direction) => each[direction].map(numberToHex)));
		expect(codes.length).toBeGreaterThan(3 * 6 * 4);
		for (const code of [...codes, ...schemeOf(scheme, []).usedHexes]) {
			expect(svg).toContain(`fill="${code}"`);
			expect(fills(drawing.shapes)).toContain(code);
		}
		// The chosen one comes after the three members, and has the role that asks for a fourth.
		const fourth = numberToHex(all[1]!.lighter[1]!);
		expect(workers(scheme, [])).toEqual([...schemeOf(scheme, []).usedHexes, fourth]);
		expect(yarnsOf(scheme, workers(scheme, [])).line).toBe(fourth);
	});

	it('neighbours on an arm differ by what is asked, by the codes that are drawn (ΔE00 of culori 4.0.2)', () => {
		const scheme = plate({ relatives: { ...RELATIVES, steps: 6, size: 5 } });
		const difference = differenceCiede2000();
		let compared = 0;
		relativesOfScheme(scheme, []).forEach((each, i) =>
			DIRECTIONS.forEach((direction) => {
				const row = [schemeOf(scheme, []).members[i]!.hex, ...each[direction].map(numberToHex)];
				row.slice(1).forEach((code, at) => {
					compared++;
					// Codes are whole numbers.
					expect(Math.abs(difference(code, row[at]!) - 5)).toBeLessThan(0.9);
				});
			})
		);
		expect(compared).toBeGreaterThan(60);
	});

	it('relatives of an earlier version come over: as many as there are now at the most, a step of 4 ΔE00, none chosen', () => {
		const stored = { ...plate(), relatives: { shown: true, steps: 20, amount: 60 } };
		expect(bringOverScheme(stored)).toMatchObject({
			relatives: { shown: true, steps: 12, size: 4, cross: 0, chosen: [] }
		});
		expect(bringOverScheme(plate())).toEqual(plate());
		const broken = { ...plate(), relatives: { shown: true, steps: 'many', amount: 60 } };
		expect(schemePlateSchema.safeParse(bringOverScheme(broken)).success).toBe(false);
	});

	it('kept to a palette, relatives and designs use nothing but its colours', () => {
		const colours = [
			{ name: 'Woad', text: '#2f5f86' },
			{ name: 'Weld', text: '#d9b036' }
		];
		const kept = plate({ keptTo: { name: 'Two', colours }, relatives: { ...RELATIVES, steps: 3 } });
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

describe('the printed map of hues', () => {
	const value = (hex: string): number => lab(hex)!.l;
	const map = { x: 500, y: 70, width: 84, height: 396 };
	const anyCode = fc.integer({ min: 0, max: 0xffffff }).map((code) => `#${code.toString(16).padStart(6, '0')}`);
	const printed = (lead: string, wheel: (typeof WHEELS)[number], holdValue: boolean) => {
		const spec = { scheme: 'free', wheel, holdValue, lead: fit(colourOf(lead)).linear } as const;
		const { fills, paths } = huePatches(spec, map);
		// A dot stands where no screen shows the colour.
		return fills.filter((_, i) => !paths[i]!.includes('h1.6v'));
	};

	it('stands where its box stands, and on the perceptual wheel is as wide as a screen shows at that lightness', () => {
		const spec = { scheme: 'free', wheel: 'light', lead: fit(colourOf('#b3392b')).linear } as const;
		const [here, beside] = [huePatches(spec, map), huePatches(spec, { ...map, x: map.x + 40 })];
		expect([here.x, beside.x]).toEqual([500, 540]);
		expect(here.paths[0]).not.toBe(beside.paths[0]);
		expect(here.fills).toEqual(beside.fills);
		for (const lead of ['#1a0b08', '#b3392b', '#fbf2db']) {
			const narrow = { ...spec, wheel: 'perceptual', lead: fit(colourOf(lead)).linear } as const;
			// Outermost but one ring of five: something is shown there, however dark or light the lead is.
			const shown = huePatches(narrow, map).paths.slice(24 * 3, 24 * 4);
			expect(shown.some((path) => !path.includes('h1.6v'))).toBe(true);
			const most = Math.max(
				...Array.from({ length: 24 }, (_, i) => {
					const { l } = oklch(lead)!;
					return clampChroma({ mode: 'oklch', l, c: 0.4, h: 15 * i }, 'oklch').c;
				})
			);
			expect(Math.abs(reachOf(narrow) / Math.max(0.03, Math.min(0.32, most)) - 1)).toBeLessThan(0.06);
		}
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
				// A code of a very dark colour can only be set in steps of so much.
				const within = of(lead) < 0.3 ? 0.06 : 0.02;
				for (const patch of printed(lead, wheel, false)) expect(Math.abs(of(patch) - of(lead))).toBeLessThan(within);
			}),
			{ seed: 6, numRuns: 60 }
		);
	});
});
