import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { numberToHex } from '$lib/core/colour/code-number';
import { type Box } from '$lib/drawing/box';
import { barsOfShares, blanketOfShares } from './draw-balance';
import { drawMixes } from './draw-mixes';
import { mixesPlate } from '../../../../tests/support/plates';

const BOX: Box = { x: 20, y: 30, width: 356, height: 290 };
const areaOf = ({ width, height }: Box): number => width * height;
/** Two to six shares that make one whole. */
const shares = fc.array(fc.double({ min: 0.02, max: 1, noNaN: true }), { minLength: 2, maxLength: 6 }).map((parts) => {
	const whole = parts.reduce((sum, part) => sum + part, 0);
	return parts.map((part) => part / whole);
});

describe('areas in balance', () => {
	it('as the fields of a blanket: what is seen of each field, without those that lie on it, is its share (plane geometry)', () => {
		fc.assert(
			fc.property(shares, (parts) => {
				const fields = blanketOfShares(BOX, parts);
				fields.forEach((field, i) => {
					const within = i === 0 ? 0 : areaOf(fields[i - 1]!);
					expect((areaOf(field) - within) / areaOf(BOX)).toBeCloseTo(parts[i]!, 9);
				});
				const last = fields.at(-1)!;
				for (const side of ['x', 'y', 'width', 'height'] as const) expect(last[side]).toBeCloseTo(BOX[side], 6);
			}),
			{ seed: 1, numRuns: 100 }
		);
	});

	it('as bars: as wide as their shares, side by side without gap', () => {
		fc.assert(
			fc.property(shares, (parts) => {
				const bars = barsOfShares(BOX, parts);
				bars.forEach((bar, i) => expect(areaOf(bar) / areaOf(BOX)).toBeCloseTo(parts[i]!, 9));
				bars.slice(1).forEach((bar, i) => expect(bar.x).toBeCloseTo(bars[i]!.x + bars[i]!.width, 9));
			}),
			{ seed: 1, numRuns: 100 }
		);
	});
});

const parents = ['#d9b036', '#2f5f86', '#b3392b'].map((text, i) => ({ colour: { text }, parts: i + 1 }));

describe('a question before its answer', () => {
	it('shows the parents, and less than the answer, in every exercise of mixes but the middle, which hides by itself', () => {
		for (const exercise of ['ways', 'halving', 'overlap', 'optical', 'balance'] as const)
			for (const laid of ['bars', 'blanket'] as const) {
				const given = mixesPlate({ exercise, laid, parents });
				const asked = drawMixes(given, [], true, { answered: false });
				const told = drawMixes(given, [], true);
				expect(asked.shapes.length).toBeLessThan(told.shapes.length);
				const fills = asked.shapes.flatMap((shape) =>
					'fill' in shape ? [shape.fill] : shape.kind === 'row' ? shape.codes.map(numberToHex) : []
				);
				expect(fills).toContain('#d9b036');
				expect(fills).toContain('#2f5f86');
				expect(JSON.stringify(asked.shapes)).not.toMatch(/In balance|transparent|the mean of/);
			}
	});
});
