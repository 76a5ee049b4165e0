import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Box } from '$lib/drawing/box';
import { barsOfShares, blanketOfShares } from './draw-balance';
import { mixesPlate } from '../../../../../../tests/support/plates';
import { mixExercises } from '../../exercises';
import { balance } from './balance';

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

it('areas in balance: yellow to violet as 1 to 3, orange to blue as 1 to 2, red to green as 1 to 1 (Goethe, after Itten 1961)', () => {
	const ratio = (one: string, other: string): number => {
		const parents = [one, other].map((text) => ({ colour: { text }, parts: 1 }));
		const [first, second] = mixExercises.on(balance, mixesPlate(balance, {}, { parents }), [])!.made.shares;
		return second! / first!;
	};
	expect(ratio('#ffff00', '#aa00ff')).toBeCloseTo(3, 0);
	expect(ratio('#ff8000', '#0000ff')).toBeCloseTo(2, 1);
	expect(ratio('#ff0000', '#00ff00')).toBeCloseTo(1, 6);
});
