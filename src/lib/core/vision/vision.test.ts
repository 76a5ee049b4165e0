import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import cvd from '../../../../tests/reference/cvd.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { luminanceToValue } from '../colour/lab';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { DEFICIENCIES, simulateDeficiency, type Deficiency } from './deficiency';
import { MACHADO } from './machado';
import { valueOnly } from './value-only';

const linear = (hex: string): Triple => toLinear(readColour(hex));

describe('colour-vision deficiency (Machado, Oliveira & Fernandes 2009)', () => {
	it('has the published matrices', () => {
		checkAgainst(
			{
				method: 'Colour-vision deficiency, matrices',
				source: 'Machado et al. 2009 (tests/reference)',
				tolerance: 1e-12
			},
			(deviation) => {
				for (const row of cvd.rows)
					if (row.kind === 'matrix' && row.model === 'Machado 2009')
						row
							.matrix!.flat()
							.forEach((x, i) => deviation(MACHADO[row.type as Deficiency][Math.round(row.severity! * 10)]![i]!, x));
			}
		);
	});

	it('gives the sample colours, applied in linear light, within one 8-bit code', () => {
		checkAgainst(
			{ method: 'Colour-vision deficiency, codes', source: 'tests/reference/cvd.json', tolerance: 0 },
			(deviation) => {
				for (const row of cvd.rows) {
					if (row.kind !== 'sample' || row.model !== 'Machado 2009') continue;
					const ours = linearToHex(...simulateDeficiency(linear(row.hex!), row.type as Deficiency, row.severity!));
					for (const i of [1, 3, 5])
						deviation(parseInt(ours.slice(i, i + 2), 16), parseInt(row.hex_out_linear!.slice(i, i + 2), 16));
				}
			}
		);
	});

	it('leaves greys grey and, at severity 0, everything as it is', () => {
		const share = fc.double({ min: 0, max: 1, noNaN: true });
		fc.assert(
			fc.property(share, share, share, share, fc.constantFrom(...DEFICIENCIES), (r, g, b, severity, kind) => {
				simulateDeficiency([r, r, r], kind, severity).forEach((x) => expect(x).toBeCloseTo(r, 4));
				simulateDeficiency([r, g, b], kind, 0).forEach((x, i) => expect(x).toBeCloseTo([r, g, b][i]!, 9));
			}),
			{ seed: 1 }
		);
	});
});

it('by value only, every colour keeps its L* and loses its chroma', () => {
	for (const hex of ['#b3392b', '#d9b036', '#2f5f86']) {
		const grey = valueOnly(linear(hex));
		expect(luminanceToValue(luminance(...grey))).toBeCloseTo(luminanceToValue(luminance(...linear(hex))), 9);
		expect(new Set(grey).size).toBe(1);
	}
});
