import { describe, expect, it } from 'vitest';
import { checkAgainst } from '../../../../tests/support/checks';
import { seeded } from '../../../../tests/support/colours';
import { hueAngle } from './hue-angle';

describe('hue as an angle', () => {
	it('agrees with the arc tangent of ECMAScript (ECMA-262, Math.atan2) all round, near the axes and far out', () => {
		const next = seeded(31);
		const subject = { method: 'Hue as an angle', source: 'Math.atan2 (ECMA-262)', tolerance: 1e-12 };
		checkAgainst(subject, (deviation) => {
			for (let i = 0; i < 20_000; i++) {
				const size = 10 ** (8 * next() - 6);
				const squash = i % 3 === 0 ? 1e-7 : 1;
				const a = size * (2 * next() - 1);
				const b = size * squash * (2 * next() - 1);
				const theirs = (Math.atan2(b, a) * 180) / Math.PI;
				deviation(hueAngle(a, b), theirs < 0 ? theirs + 360 : theirs);
			}
		});
	});

	it('is 0, 90, 180 and 270 on the axes, and always under 360', () => {
		expect([hueAngle(1, 0), hueAngle(0, 2), hueAngle(-3, 0), hueAngle(0, -4)]).toEqual([0, 90, 180, 270]);
		expect(hueAngle(0, 0)).toBe(0);
		expect(hueAngle(1, -1e-300)).toBe(0);
		expect(hueAngle(-1, -0)).toBe(180);
	});
});
