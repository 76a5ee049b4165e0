import { converter, interpolate } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import weberFechner from '../../../../tests/reference/weber-fechner.json';
import { checkAgainst } from '../../../../tests/support/checks';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { luminanceToValue } from '../colour/lab';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { Problem } from '../problem';
import { METHODS } from '../scale/mixing';
import { makeScale } from '../scale/scale';
import { multipliedOnScreen, throughFilters } from './filter';
import { halve, layStrokes, middleMixture } from './halving';
import { addLights, meanOfLight } from './light';
import { judgeOverlap, overlapOf } from './overlap';

const linear = (text: string): Triple => toLinear(readColour(text));
const colour = fc.integer({ min: 0, max: 0xffffff }).map((code) => linear(`#${code.toString(16).padStart(6, '0')}`));
const weight = fc.double({ min: 0.01, max: 20, noNaN: true });
const near = (one: readonly number[], other: readonly number[], digits = 9) =>
	one.forEach((x, i) => expect(x).toBeCloseTo(other[i]!, digits));

describe('lights', () => {
	it('red and green light give yellow, all three white, blue and yellow white (additive mixing, Smith 1978)', () => {
		const lights = (...names: string[]) => addLights(names.map((name) => ({ linear: linear(name), weight: 1 })));
		near(lights('red', 'lime').linear, linear('yellow'));
		near(lights('red', 'lime', 'blue').linear, [1, 1, 1]);
		near(lights('blue', 'yellow').linear, [1, 1, 1]);
		expect(lights('red', 'lime').clipped).toBe(false);
		expect(lights('red', 'yellow').clipped).toBe(true);
	});

	it('a colour mixed with itself is itself, in any parts; order and common factors of the parts do not matter', () => {
		fc.assert(
			fc.property(colour, colour, weight, weight, weight, (c, d, a, b, factor) => {
				near(
					meanOfLight([
						{ linear: c, weight: a },
						{ linear: c, weight: b }
					]),
					c
				);
				const one = meanOfLight([
					{ linear: c, weight: a },
					{ linear: d, weight: b }
				]);
				near(
					meanOfLight([
						{ linear: d, weight: b * factor },
						{ linear: c, weight: a * factor }
					]),
					one
				);
			}),
			{ seed: 1 }
		);
	});

	it('the mean of light is culori 4.0.2’s interpolation in linear light', () => {
		const lrgb = converter('lrgb');
		checkAgainst({ method: 'Mix by light', source: 'culori 4.0.2 interpolate lrgb', tolerance: 1e-12 }, (deviation) => {
			for (const share of [0.1, 0.37, 0.5, 0.9]) {
				const { r, g, b } = lrgb(interpolate(['#b3392b', '#2f5f86'], 'lrgb')(share));
				const ours = meanOfLight([
					{ linear: linear('#b3392b'), weight: 1 - share },
					{ linear: linear('#2f5f86'), weight: share }
				]);
				[r, g, b].forEach((x, i) => deviation(ours[i]!, x));
			}
		});
	});

	it('refuses parts that are no parts', () => {
		for (const w of [-1, 0, Number.NaN, Infinity])
			expect(() => meanOfLight([{ linear: [1, 1, 1], weight: w }])).toThrow(Problem);
		expect(() => addLights([])).toThrow(Problem);
	});
});

describe('filters', () => {
	it('yellow and cyan let green through, yellow and blue nothing (subtractive mixing, common practice)', () => {
		near(
			throughFilters([
				{ linear: linear('yellow'), weight: 1 },
				{ linear: linear('cyan'), weight: 1 }
			]),
			linear('lime')
		);
		near(
			throughFilters([
				{ linear: linear('yellow'), weight: 1 },
				{ linear: linear('blue'), weight: 1 }
			]),
			[0, 0, 0]
		);
	});

	it('a filter twice as thick is the filter laid over itself; a clear one changes nothing (Beer–Lambert)', () => {
		fc.assert(
			fc.property(colour, (c) => {
				const single = { linear: c, weight: 1 };
				near(throughFilters([{ linear: c, weight: 2 }]), throughFilters([single, single]));
				near(throughFilters([single, { linear: [1, 1, 1], weight: 1 }]), c);
				near(multipliedOnScreen(c, [1, 1, 1]), c);
			}),
			{ seed: 2 }
		);
	});

	it('layers of one filter on white follow the tables of Weber and Fechner’s law', () => {
		checkAgainst(
			{ method: 'Layers of a filter, L*', source: 'tests/reference/weber-fechner.json', tolerance: 1e-3 },
			(deviation) => {
				for (const row of weberFechner.rows) {
					if (!row.id.startsWith('layers-')) continue;
					row.layers!.forEach((layers, i) => {
						const [y] = layers === 0 ? [1] : throughFilters([{ linear: [row.T!, row.T!, row.T!], weight: layers }]);
						deviation(luminanceToValue(y), row.Lstar![i]!);
					});
				}
			}
		);
	});
});

describe('middles and halving', () => {
	it('the middle mixture looks equally far from both parents, for any parents', () => {
		fc.assert(
			fc.property(colour, colour, (one, other) => {
				const { linear: middle } = middleMixture(one, other);
				const [a, b] = [differenceOfLinear(one, middle), differenceOfLinear(middle, other)];
				fc.pre(a + b > 1);
				// CIEDE2000 jumps at opposite hues, and a middle cannot stand on a jump.
				if (Math.abs(a - b) > 1e-6) expect(Math.abs(a - b)).toBeLessThan(0.12 * (a + b));
			}),
			{ seed: 3, numRuns: 400 }
		);
	});

	it('halving again and again is the scale by equal shares: 1, 3, 7 between', () => {
		for (const method of METHODS.filter((name) => !['oklch', 'lch', 'hsb', 'paint'].includes(name))) {
			const tree = halve(linear('#b3392b'), linear('#6f5f76'), method, 3);
			expect(tree.map((level) => level.length)).toEqual([1, 3, 7]);
			const parents = ['#b3392b', '#6f5f76'].map(readColour);
			const { steps } = makeScale({ recipe: 'interval', parents, between: 7, method, spacing: 'shares' });
			tree[2]!.forEach((colourOfTree, i) => near(colourOfTree, steps[i + 1]!.linear, 6));
		}
		for (const levels of [7, 0, -1, 1.5])
			expect(() => halve([0, 0, 0], [1, 1, 1], 'oklab', levels), `${levels}`).toThrow(Problem);
		expect(halve([0, 0, 0], [1, 1, 1], 'oklab', 1).map(({ length }) => length)).toEqual([1]);
		expect(halve([0, 0, 0], [1, 1, 1], 'oklab', 6).map(({ length }) => length)).toEqual([1, 3, 7, 15, 31, 63]);
	});

	it('a stroke laid again covers the same share of what is left', () => {
		fc.assert(
			fc.property(
				colour,
				colour,
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.integer({ min: 1, max: 12 }),
				(ground, stroke, strength, n) => {
					near(
						layStrokes(layStrokes(ground, stroke, strength, n - 1), stroke, strength, 1),
						layStrokes(ground, stroke, strength, n)
					);
					near(layStrokes(ground, stroke, strength, 0), ground);
					near(layStrokes(ground, stroke, 1, n), stroke);
				}
			),
			{ seed: 4 }
		);
	});
});

describe('overlap (Metelli 1974)', () => {
	const [dark, light] = [linear('#5b4636'), linear('#c9b28a')];

	it('a crossing between its parents reads as transparent, and the figure it looks like lies in front', () => {
		const at = (front: number) => judgeOverlap(dark, light, overlapOf(dark, light, front));
		expect(at(-0.8)).toMatchObject({ transparency: 'reads', front: 'first' });
		expect(at(0.4)).toMatchObject({ transparency: 'reads', front: 'second' });
		expect(at(-0.25)).toMatchObject({ transparency: 'reads', front: 'level' });
	});

	it('half of the light of each is no middle for the eye: a pink between red and white lies nearer to the white', () => {
		const [red, white] = [linear('#d0202a'), linear('#ffffff')];
		expect(judgeOverlap(red, white, overlapOf(red, white, 0))).toMatchObject({ front: 'second' });
		const eye = converter('oklab');
		const pink = linearToHex(...overlapOf(red, white, 0));
		const [from, to, at] = ['#d0202a', '#ffffff', pink].map((code) => eye(code)!);
		const away = (one: typeof from, other: typeof from) =>
			Math.hypot(one!.l - other!.l, one!.a - other!.a, one!.b - other!.b);
		expect(away(at, to)).toBeLessThan(0.9 * away(at, from));
	});

	it('what the slider makes never reads as a third figure, and swapping the figures swaps which is in front', () => {
		const degrees = new Set<string>();
		fc.assert(
			fc.property(colour, colour, fc.double({ min: -0.9, max: 0.9, noNaN: true }), (one, other, front) => {
				fc.pre(differenceOfLinear(one, other) > 15);
				const crossing = overlapOf(one, other, front);
				const verdict = judgeOverlap(one, other, crossing);
				degrees.add(verdict.transparency);
				if (verdict.transparency === 'does-not') expect(verdict.reason).toMatch(/covers the other/);
				const swapped = judgeOverlap(other, one, overlapOf(other, one, -front)).front;
				expect(swapped).toBe({ first: 'second', second: 'first', level: 'level' }[verdict.front]);
			}),
			{ seed: 5, numRuns: 400 }
		);
		expect(degrees.has('reads')).toBe(true);
	});

	it('of one value, or with a tint of its own, it may: light and dark do not help, or the light of the two does not make it', () => {
		const [red, green] = [linear('#b3392b'), linear('#3a7340')];
		expect(judgeOverlap(red, green, overlapOf(red, green, 0))).toMatchObject({
			transparency: 'may',
			reason: expect.stringContaining('nearly one value')
		});
		const [blue, yellow] = [linear('#203080'), linear('#f0e060')];
		expect(judgeOverlap(blue, yellow, linear('#50d065'))).toMatchObject({
			transparency: 'may',
			reason: expect.stringContaining('tint of its own')
		});
	});

	it('a crossing lighter or darker than both, or of another hue, reads as a third figure, with the reason', () => {
		expect(judgeOverlap(dark, light, [1, 1, 1])).toMatchObject({ transparency: 'does-not' });
		expect(judgeOverlap(dark, light, [0, 0, 0]).reason).toContain('change places');
		expect(judgeOverlap(dark, light, linear('#2f8f86')).reason).toContain('does not lie between');
	});

	it('wholly in front means opaque: the crossing is the figure itself, and nothing shows through it', () => {
		near(overlapOf(dark, light, -1), dark);
		near(overlapOf(dark, light, 1), light);
		expect(judgeOverlap(dark, light, dark)).toMatchObject({ transparency: 'does-not', front: 'first' });
		expect(judgeOverlap(dark, light, light).reason).toContain('the second figure’s own colour');
		expect(judgeOverlap(dark, dark, dark).reason).toContain('one colour');
	});
});

describe('what a crossing can be seen as, and why (Metelli 1974; the cases by hand)', () => {
	// Greys by their share of light, so that the cases can be followed: of 0.5 the value is 76, of 0.2 it is 52, of 0.05 it is 27.
	const grey = (light: number): Triple => [light, light, light];
	const judged = (first: Triple, second: Triple, crossing: Triple) => {
		const { transparency, front, reason } = judgeOverlap(first, second, crossing);
		return [transparency, front, reason];
	};
	const [dark, middle, light] = [grey(0.05), grey(0.2), grey(0.5)];

	it('one colour shows nothing through; a figure’s own colour covers the other', () => {
		const one = 'The two figures are one colour: nothing shows through anything.';
		expect(judged(middle, grey(0.202), light)[2]).toBe(one);
		expect(judged(middle, middle, middle)).toEqual(['does-not', 'level', one]);
		const covers = (which: string): string =>
			`The crossing is the ${which} figure’s own colour, which covers the other.`;
		expect(judged(dark, light, dark)).toEqual(['does-not', 'first', covers('first')]);
		expect(judged(dark, light, light)).toEqual(['does-not', 'second', covers('second')]);
	});

	it('a crossing on the other side of the layer, or with more contrast than outside it, is none', () => {
		const changes = 'Inside the layer light and dark change places, which no transparent layer does.';
		// Nearest to the light figure and lighter than it, while the other is darker than it.
		expect(judged(light, dark, grey(0.8))).toEqual(['does-not', 'first', changes]);
		expect(judged(dark, light, grey(0.8))).toEqual(['does-not', 'second', changes]);
		expect(judged(dark, light, grey(0.01))).toEqual(['does-not', 'first', changes]);
		// Blue light of its own at the same value: neither changes places nor has more contrast.
		const outside = judged([0.2, 0.2, 0.2], [0.5, 0.5, 0.5], [0.28, 0.28, 0.9]);
		expect(outside[0]).toBe('does-not');
		expect(outside[2]).toBe(
			'The crossing does not lie between its two figures in red, green and blue light, so neither can lie over the other.'
		);
	});

	it('between the two it reads, with the figure in front that it looks more like', () => {
		const front = (crossing: Triple) => judged(dark, light, crossing);
		expect(front(grey(0.08))).toEqual([
			'reads',
			'first',
			'It lies between the two; the first figure seems to lie in front.'
		]);
		expect(front(grey(0.4))).toEqual([
			'reads',
			'second',
			'It lies between the two; the second figure seems to lie in front.'
		]);
		// The cube of the mean of the cube roots: midway for the eye between two greys (OKLab).
		const midway = ((Math.cbrt(0.05) + Math.cbrt(0.5)) / 2) ** 3;
		expect(front(grey(midway))).toEqual([
			'reads',
			'level',
			'It lies between the two; it looks midway, so either may lie in front.'
		]);
	});

	it('of one value, or with a tint that their light does not have, it only may', () => {
		const [red, green] = [linear('#b3392b'), linear('#3a7340')];
		const [transparency, , reason] = judged(red, green, overlapOf(red, green, 0));
		expect(transparency).toBe('may');
		expect(reason).toContain('nearly one value');
		const tinted = judged([0.5, 0.5, 0.5], [0.1, 0.1, 0.1], [0.45, 0.2, 0.2]);
		expect(tinted[0]).toBe('may');
		expect(tinted[2]).toContain('a tint of its own');
	});

	it('weights below nothing, or none at all, are no mix', () => {
		for (const weights of [[-1, 2], [0, 0], [NaN, 1], []])
			expect(() => addLights(weights.map((weight) => ({ linear: light, weight }))), `${weights}`).toThrow(Problem);
		expect(addLights([{ linear: grey(0.5), weight: 2 }])).toEqual({ linear: [1, 1, 1], clipped: false });
		expect(addLights([{ linear: grey(0.25), weight: 3 }]).linear).toEqual([0.75, 0.75, 0.75]);
	});
});
