import { converter } from 'culori';
import { expect, it } from 'vitest';
import { checkAgainst } from '../../../../tests/support/checks';
import { seeded } from '../../../../tests/support/colours';
import { labOfPixels } from './lab-of-pixels';

const lab65 = converter('lab65');

it('Lab of pixels by tables lies within 1e-3 of the exact formula, black and white and all', () => {
	const next = seeded(4);
	const COUNT = 20_000;
	const rgba = Uint8Array.from({ length: 4 * COUNT }, (_, i) => {
		// Dark pixels too, where the formula bends: every second one is drawn from the lowest codes.
		const reach = (i >> 2) % 2 === 0 ? 256 : 40;
		return i % 4 === 3 ? 255 : Math.floor(reach * next());
	});
	rgba.set([0, 0, 0, 255, 255, 255, 255, 255]);
	const ours = labOfPixels(rgba);
	const subject = { method: 'Lab of pixels, by tables', source: 'culori 4.0.2', tolerance: 1e-3 };
	checkAgainst(subject, (deviation) => {
		for (let i = 0; i < COUNT; i++) {
			const [r, g, b] = [0, 1, 2].map((c) => rgba[4 * i + c]! / 255) as [number, number, number];
			const theirs = lab65({ mode: 'rgb', r, g, b });
			deviation(ours[3 * i]!, theirs.l);
			deviation(ours[3 * i + 1]!, theirs.a);
			deviation(ours[3 * i + 2]!, theirs.b);
		}
	});
	expect(labOfPixels(rgba, ours)).toBe(ours);
});
