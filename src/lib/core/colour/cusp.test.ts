import { converter } from 'culori';
import { expect, it } from 'vitest';
import { linearToHex } from './bytes';
import { cuspOf } from './cusp';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { linearToOklch } from './oklab';

const oklch = converter('oklch');
const PURE = ['#ff0000', '#ffff00', '#00ff00', '#00ffff', '#0000ff', '#ff00ff', '#ff8000', '#8000ff', '#0080ff'];

it('the purest of a pure hue is that hue (OKLCH hues of culori 4.0.2)', () => {
	for (const hex of PURE) expect(linearToHex(...cuspOf(oklch(hex)!.h!)), hex).toBe(hex);
});

it('has the hue that was asked, and no screen colour of that hue has more chroma', () => {
	const most = new Float64Array(360);
	// Every hue's strongest colour, looked for among all codes of a grid over the cube's six sides.
	for (let i = 0; i < 64; i++)
		for (let j = 0; j < 64; j++)
			for (const [r, g, b] of [
				[0, i, j],
				[i, 0, j],
				[i, j, 0],
				[63, i, j],
				[i, 63, j],
				[i, j, 63]
			]) {
				const { c, h = 0 } = oklch({ mode: 'rgb', r: r! / 63, g: g! / 63, b: b! / 63 });
				most[Math.floor(h) % 360] = Math.max(most[Math.floor(h) % 360]!, c);
			}
	for (let hue = 0; hue < 360; hue++) {
		const [, chroma, found] = linearToOklch(cuspOf(hue + 0.5));
		const off = Math.abs(((found - hue - 0.5 + 540) % 360) - 180);
		expect(off, `${hue}`).toBeLessThan(hue > 260 && hue < 265 ? 0.35 : 1e-6);
		// Within one degree of hue the greatest chroma itself goes up or down by a little.
		if (hue < 261 || hue > 265) expect(chroma, `${hue}`).toBeGreaterThan(most[hue]! - 0.006);
	}
});

it('goes round without a leap: a hundredth of a degree on is never plainly another colour', () => {
	for (let hue = 0; hue < 360; hue += 0.01)
		expect(differenceOfLinear(cuspOf(hue), cuspOf(hue + 0.01)), `${hue}`).toBeLessThan(1.5);
});
