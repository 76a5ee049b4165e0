import { converter, differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { HIGH_KEY, LOW_KEY } from '../brief/rules';
import { seenColour, USUAL_STRENGTHS } from './on-ground';
import { candidateGrounds, proposeGrounds } from './propose';

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
		const looks = palette
			.map((ground) => seenColour(figure, ground, P))
			.map(([r, g, b]) => ({ mode: 'lrgb' as const, r, g, b }));
		const apart = (one: number, other: number) => differenceCiede2000()(looks[one]!, looks[other]!);
		const all = palette.flatMap((_, i) => palette.slice(i + 1).map((__, k) => apart(i, i + k + 1)));
		expect(proposals[0]!.apart).toBeCloseTo(Math.max(...all), 4);
		proposals.slice(1).forEach((proposal, i) => expect(proposal.apart).toBeLessThanOrEqual(proposals[i]!.apart));
		for (const { grounds, apart: told } of proposals)
			expect(told).toBeCloseTo(apart(palette.indexOf(grounds[0]), palette.indexOf(grounds[1])), 4);
		// The corners of the screen's colours give four pairs that have none in common.
		const corners = ['#000', '#fff', '#f00', '#0f0', '#00f', '#0ff', '#f0f', '#ff0'].map(linear);
		const unlike = proposeGrounds(figure, corners, P, 3)!;
		expect(new Set(unlike.flatMap(({ grounds }) => grounds)).size).toBe(6);
		expect(() => proposeGrounds(figure, [figure], P, 4)).toThrow('too few');
	});

	it('where too few differ in both grounds, those that differ in one follow', () => {
		const palette = ['#b3392b', '#2f5f86', '#d9b036'].map(linear);
		const proposals = proposeGrounds(linear('#9a8f7d'), palette, P, 5)!;
		expect(proposals).toHaveLength(3);
		expect(
			new Set(
				proposals.map(({ grounds }) =>
					[...grounds]
						.map((ground) => palette.indexOf(ground))
						.sort()
						.join()
				)
			).size
		).toBe(3);
		const twins = ['#b3392b', '#b43a2c', '#2f5f86', '#306087'].map(linear);
		expect(proposeGrounds(linear('#9a8f7d'), twins, P, 5)).toHaveLength(3);
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
