import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onOneSheet } from './on-one-sheet';

const side = fc.integer({ min: 40, max: 1600 });
const size = fc.record({ width: side, height: side });

describe('drawings on one sheet', () => {
	it('one of the sheet’s own shape fills it', () => {
		expect(onOneSheet([{ width: 792, height: 560 }], { width: 198, height: 140 })).toEqual([
			{ x: 0, y: 0, width: 198, height: 140 }
		]);
	});

	it('nine stand three by three, with as much white around as between', () => {
		const plate = { width: 792, height: 560 };
		const boxes = onOneSheet(
			Array.from({ length: 9 }, () => plate),
			{ width: 400, height: 300 }
		);
		expect([...new Set(boxes.map(({ x }) => x))]).toHaveLength(3);
		expect([...new Set(boxes.map(({ y }) => y))]).toHaveLength(3);
		expect(boxes[0]!.x).toBe(8);
		expect(boxes[1]!.x - (boxes[0]!.x + boxes[0]!.width)).toBeLessThanOrEqual(9);
	});

	it('whatever their shapes: whole on the sheet, none over another, and in their own proportion', () => {
		fc.assert(
			fc.property(fc.array(size, { minLength: 1, maxLength: 40 }), (drawings) => {
				const sheet = { width: 1600, height: 1200 };
				const boxes = onOneSheet(drawings, sheet);
				boxes.forEach((box, i) => {
					expect(Math.min(box.x, box.y)).toBeGreaterThanOrEqual(0);
					expect(box.x + box.width).toBeLessThanOrEqual(sheet.width);
					expect(box.y + box.height).toBeLessThanOrEqual(sheet.height);
					const { width, height } = drawings[i]!;
					// Edges fall on whole pixels: each side is off by no more than one.
					expect(Math.abs(box.width * height - box.height * width)).toBeLessThanOrEqual(width + height);
					for (const other of boxes.slice(i + 1))
						expect(
							other.x >= box.x + box.width ||
								other.y >= box.y + box.height ||
								box.x >= other.x + other.width ||
								box.y >= other.y + other.height
						).toBe(true);
				});
			}),
			{ seed: 3, numRuns: 120 }
		);
	});
});
