import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { WHEELS } from './wheel';
import { angleBetween } from '../colour/vector';
import { temperature } from './temperature';
import { angleOn } from './turn-hue';
import { isWarmAngle, warmHalf, wheelColours } from './wheel-colours';

const linear = (hex: string) => toLinear(readColour(hex));

describe('the hues of a printed wheel', () => {
	it.each(WHEELS)('%s: each of 24 stands in the middle of its part, within the rounding of codes', (wheel) => {
		wheelColours(wheel, 24).forEach((hex, i) =>
			expect(angleBetween(angleOn(wheel, linear(hex)), 15 * (i + 0.5)), hex).toBeLessThan(2)
		);
	});

	it('the warm half is half of the light wheel, and the hues on it are those that are called warm', () => {
		expect(warmHalf('light')).toEqual([270, 90]);
		for (const wheel of WHEELS)
			wheelColours(wheel, 12).forEach((hex, i) => {
				const angle = 30 * (i + 0.5);
				const [from, to] = warmHalf(wheel);
				// On the borders themselves, and where the gamut bends a perceptual hue, either word may stand.
				if (Math.min(angleBetween(angle, from), angleBetween(angle, to)) < 8) return;
				expect(isWarmAngle(wheel, angle), `${wheel} ${angle}`).toBe(temperature(linear(hex)) === 'warm');
			});
	});
});
