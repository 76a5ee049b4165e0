import { expect, it } from 'vitest';
import { checkAgainst } from '../../../../tests/support/checks';
import { seeded } from '../../../../tests/support/colours';
import { cubeRoot } from './cube-root';

it('the quick cube root agrees with Math.cbrt of ECMAScript (ECMA-262), for light of any strength and sign', () => {
	const next = seeded(9);
	const subject = { method: 'Cube root', source: 'Math.cbrt (ECMA-262)', tolerance: 1e-12 };
	checkAgainst(subject, (deviation) => {
		for (let i = 0; i < 50_000; i++) {
			const x = i % 10 === 0 ? 4 * next() - 2 : next();
			deviation(cubeRoot(x), Math.cbrt(x));
		}
		for (const x of [0, 0.008, 0.00799999, 1, 1 + 1e-12, 1e-300, -1]) deviation(cubeRoot(x), Math.cbrt(x));
	});
	expect(cubeRoot(Number.NaN)).toBeNaN();
});
