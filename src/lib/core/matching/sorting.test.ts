import { converter, differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { CHIPS, chipErrors, drawnRow, orderError, SORTED_BY } from './sorting';

const lab = converter('lab65');
const oklch = converter('oklch');
const TRUE_ORDER = Array.from({ length: CHIPS }, (_, i) => i);

describe('rows of chips', () => {
	it('rise in value, or turn in hue at one value, in steps that can be told apart and are alike (culori 4.0.2)', () => {
		for (let seed = 1; seed < 40; seed++) {
			const values = drawnRow('value', seed).codes.map((code) => lab(code)!.l);
			expect(values.slice(1).every((value, i) => value - values[i]! > 1.5)).toBe(true);
			const row = drawnRow('hue', seed).codes;
			const light = row.map((code) => lab(code)!.l);
			expect(Math.max(...light) - Math.min(...light)).toBeLessThan(1);
			const hues = row.map((code) => oklch(code)!.h!);
			const turns = hues.slice(1).map((hue, i) => (((hue - hues[i]!) % 360) + 360) % 360);
			expect(Math.max(...turns)).toBeLessThan(12);
			expect(Math.min(...turns)).toBeGreaterThan(1);
			const apart = row.slice(1).map((code, i) => differenceCiede2000()(code, row[i]!));
			expect(Math.min(...apart)).toBeGreaterThan(0.7);
		}
	});

	it('lie in another order at first, every chip once, both ends in their places; the same again from the same seed', () => {
		for (const by of SORTED_BY)
			for (let seed = 1; seed < 40; seed++) {
				const { mixed } = drawnRow(by, seed);
				expect([...mixed].sort((one, other) => one - other)).toEqual(TRUE_ORDER);
				expect([mixed[0], mixed.at(-1)]).toEqual([0, CHIPS - 1]);
				expect(orderError(mixed)).toBeGreaterThan(20);
				expect(drawnRow(by, seed)).toEqual(drawnRow(by, seed));
			}
	});
});

describe('the error of an order', () => {
	it('is 0 in the true order', () => {
		expect(orderError(TRUE_ORDER)).toBe(0);
	});

	it('two neighbours exchanged cost 4 (worked by hand after Farnsworth: 1, 1, 1 and 1 on the four chips about the exchange)', () => {
		const order = [...TRUE_ORDER];
		[order[6], order[7]] = [order[7]!, order[6]!];
		expect(chipErrors(order).slice(4, 8)).toEqual([1, 1, 1, 1]);
		expect(orderError(order)).toBe(4);
	});

	it('a chip three places off costs more than one a place off, and the reverse of a part costs only at its ends', () => {
		const moved = (by: number): number[] => {
			const order = [...TRUE_ORDER];
			const [chip] = order.splice(5, 1);
			order.splice(5 + by, 0, chip!);
			return order;
		};
		expect(orderError(moved(3))).toBeGreaterThan(orderError(moved(1)));
		const turned = [...TRUE_ORDER.slice(0, 5), ...TRUE_ORDER.slice(5, 15).reverse(), ...TRUE_ORDER.slice(15)];
		// By hand: 4 to 14 and 5 to 15 are ten apart, where one belongs: 9 on each of the four chips at the two gaps.
		expect(orderError(turned)).toBe(36);
	});
});
