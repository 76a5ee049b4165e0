import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { HIGH_KEY, LOW_KEY } from '../brief/rules';
import { USUAL_STRENGTHS } from './on-ground';
import { candidateGrounds, drivenApart, proposeGrounds } from './propose';
import { oneAsTwo } from './search';

const linear = (text: string): Triple => toLinear(readColour(text));
const lab = converter('lab65');
const valueOf = (colour: Triple): number => lab(linearToHex(...colour))!.l;
const P = USUAL_STRENGTHS;

describe('grounds proposed for one colour as two', () => {
	it('the first is the best of every pair of the candidates, and none is nearly another', () => {
		const palette = ['#b3392b', '#2f5f86', '#d9b036', '#5a4632', '#8f9a5b', '#e9dcc0', '#000000', '#ffffff'].map(
			linear
		);
		const figure = linear('#9a8f7d');
		const proposals = proposeGrounds(figure, palette, P, 4)!;
		const { first, second, apart } = oneAsTwo(figure, palette, P);
		expect(proposals[0]!.apart).toBeCloseTo(apart, 12);
		expect(new Set(proposals[0]!.grounds)).toEqual(new Set([palette[first], palette[second]]));
		proposals.slice(1).forEach((proposal, i) => expect(proposal.apart).toBeLessThanOrEqual(proposals[i]!.apart));
		for (const { grounds, apart: told } of proposals) expect(told).toBeCloseTo(drivenApart(figure, grounds, P), 12);
		expect(() => proposeGrounds(figure, [figure], P, 4)).toThrow('too few');
	});

	it('in a key every ground keeps to it (L* of culori 4.0.2), and asked to stop it stops', () => {
		for (const ground of candidateGrounds('high')) expect(valueOf(ground)).toBeGreaterThan(HIGH_KEY - 0.5);
		for (const ground of candidateGrounds('low')) expect(valueOf(ground)).toBeLessThan(LOW_KEY + 0.5);
		let asked = 0;
		expect(proposeGrounds(linear('#808080'), candidateGrounds('low'), P, 3, () => ++asked < 3)).toBeNull();
		expect(asked).toBe(3);
	});

	it('a grey is driven apart most by grounds far apart in value (common practice, no source: Chevreul’s contrast of tone)', () => {
		const greys = Array.from({ length: 9 }, (_, i): Triple => [i / 8, i / 8, i / 8]);
		const [best] = proposeGrounds([0.2, 0.2, 0.2], greys, P, 1)!;
		const values = best!.grounds.map(([y]) => y).sort();
		expect(values[0]).toBeLessThan(0.13);
		expect(values[1]).toBe(1);
	});
});
