import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { BLOBS, fieldsOf, stripes } from '../../../../tests/support/pictures';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { densityOf, PLANE_SIDE, VALUE_CELLS } from './density';
import { inOrder, type Placed } from './order';
import { keyOf, toneOf } from './tone';

const lab = converter('lab65');
const oklab = converter('oklab');
const oklch = converter('oklch');

describe('what a picture is made of', () => {
	it('warm, cool and near grey are shares of the area (hues by the light wheel, common practice)', () => {
		const { warm, cool, grey } = toneOf(
			fieldsOf([
				['#b3392b', 40],
				['#d9b036', 10],
				['#2f5f86', 30],
				['#8a8a8a', 20]
			])
		);
		expect([warm, cool, grey].map((share) => share.toFixed(3))).toEqual(['0.500', '0.300', '0.200']);
	});

	it('values are what lies under each part of the area, counted pixel by pixel (L* by culori 4.0.2)', () => {
		const picture = { rgba: stripes(272, 40, 30), width: 272, height: 40 };
		const values = Array.from({ length: 272 * 40 }, (_, i) => {
			const [r, g, b] = [0, 1, 2].map((c) => picture.rgba[4 * i + c]! / 255);
			return lab({ mode: 'rgb', r: r!, g: g!, b: b! })!.l;
		}).sort((one, other) => one - other);
		const { values: said } = toneOf(picture);
		[0.05, 0.25, 0.5, 0.75, 0.95].forEach((part, i) =>
			expect(Math.abs(said[i]! - values[Math.floor(part * values.length)]!)).toBeLessThan(0.5)
		);
	});

	it('its key is high or low where three quarters of the area are (common practice, no source)', () => {
		const keyWith = (light: number) =>
			keyOf(
				toneOf(
					fieldsOf([
						['#e8e8e8', light],
						['#202020', 100 - light]
					])
				)
			);
		expect([keyWith(80), keyWith(70), keyWith(30), keyWith(20)]).toEqual(['high', null, null, 'low']);
	});

	it('a transparent part counts for nothing', () => {
		const picture = fieldsOf([
			['#b3392b', 50],
			['#2f5f86', 50]
		]);
		for (let i = 0; i < picture.rgba.length / 4; i++) if (i % 100 >= 50) picture.rgba[4 * i + 3] = 0;
		expect(toneOf(picture).warm).toBe(1);
		expect(densityOf(picture).plane.filter((cell) => cell !== null)).toHaveLength(1);
	});

	it('pixels lie on the hue–chroma plane and along value where culori 4.0.2 has them', () => {
		const codes = ['#b3392b', '#2f5f86', '#8d9a5b'];
		const { plane, values, reach } = densityOf(fieldsOf(codes.map((code, i) => [code, 10 * (i + 1)] as const)));
		expect(reach).toBe(0.18);
		const full = plane.flatMap((cell, i) =>
			cell ? [{ ...cell, x: i % PLANE_SIDE, y: Math.floor(i / PLANE_SIDE) }] : []
		);
		expect(full).toHaveLength(3);
		const at = (each: number): number => ((each + reach) / (2 * reach)) * PLANE_SIDE;
		codes.forEach((code, i) => {
			const { a, b } = oklab(code)!;
			const found = full.find(({ hex }) => hex === code)!;
			expect(Math.abs(found.x + 0.5 - at(a))).toBeLessThan(0.51);
			expect(Math.abs(PLANE_SIDE - found.y - 0.5 - at(b))).toBeLessThan(0.51);
			expect(found.share).toBeCloseTo((i + 1) / 3, 9);
			const cell = values[Math.floor((lab(code)!.l / 100) * VALUE_CELLS)];
			expect(cell).not.toBeNull();
		});
	});
});

describe('an order of places', () => {
	const placed = BLOBS.map((code, i): Placed & { code: string } => ({
		code,
		x: (i * 7) % 16,
		y: i,
		linear: toLinear(readColour(code))
	}));

	it('by value it falls (L* by culori 4.0.2), by place it goes from left to right, by hand it stays', () => {
		const values = inOrder(placed, 'value').map(({ code }) => lab(code)!.l);
		expect(values).toEqual([...values].sort((one, other) => other - one));
		const xs = inOrder(placed, 'place').map(({ x }) => x);
		expect(xs).toEqual([...xs].sort((one, other) => one - other));
		expect(inOrder(placed, 'hand')).toEqual(placed);
	});

	it('by hue it goes once round from where the widest gap ends, and greys come last (OKLCH by culori 4.0.2)', () => {
		const all = inOrder(placed, 'hue').map(({ code }) => oklch(code)!);
		const hued = all.filter(({ c }) => c >= 0.02);
		expect(all.slice(hued.length).every(({ c }) => c < 0.02)).toBe(true);
		const turns = hued.map(({ h }, i) => (h! - hued.at(i - 1)!.h! + 360) % 360);
		expect(turns.slice(1).reduce((sum, turn) => sum + turn, 0)).toBeLessThan(360);
		expect(Math.max(...turns)).toBe(turns[0]);
	});
});
