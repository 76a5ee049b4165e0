import { differenceEuclidean } from 'culori';
import { expect, it } from 'vitest';
import contrast from '../../../../tests/reference/contrast.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { colourSamples } from '../../../../tests/support/colours';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { srgbToLinear } from '../colour/srgb';
import { type Triple } from '../colour/vector';
import { contrastRatio } from './contrast';
import { deltaEOK, distance } from './euclidean';
import { linearToLab } from './lab-of-linear';

it('WCAG 2 contrast ratios, to their two printed digits', () => {
	checkAgainst(
		{ method: 'WCAG 2 contrast ratio', source: 'tests/reference/contrast.json (WCAG 2.x)', tolerance: 1e-4 },
		(deviation) => {
			for (const row of contrast.rows)
				if (row.kind === 'wcag2 contrast') {
					const [one, other] = [row.fg!, row.bg!].map((hex) => toLinear(readColour(hex)));
					deviation(contrastRatio(one!, other!), row.ratio!);
					deviation(contrastRatio(other!, one!), row.ratio!);
				}
		}
	);
});

it('ΔE76 and ΔEOK with culori 4.0.2', () => {
	const samples = colourSamples(2000, 4);
	const rgb = ([r, g, b]: Triple) => ({ mode: 'rgb', r, g, b }) as const;
	const linear = (c: Triple) => c.map(srgbToLinear) as Triple;
	const [e76, eok] = [differenceEuclidean('lab65'), differenceEuclidean('oklab')];
	checkAgainst({ method: 'ΔE76, ΔEOK', source: 'culori 4.0.2', tolerance: 1e-10 }, (deviation) => {
		samples.slice(1).forEach((sample, i) => {
			const before = samples[i]!;
			deviation(distance(linearToLab(linear(before)), linearToLab(linear(sample))), e76(rgb(before), rgb(sample)));
			deviation(deltaEOK(linear(before), linear(sample)), eok(rgb(before), rgb(sample)));
		});
	});
	expect(deltaEOK([1, 1, 1], [0, 0, 0])).toBeCloseTo(1, 6);
});
