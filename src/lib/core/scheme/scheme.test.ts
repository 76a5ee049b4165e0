import { greatestChroma } from '../colour/greatest-chroma';
import { nearest as culoriNearest, differenceCiede2000 } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import wheels from '../../../../tests/reference/hue-wheels.json';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { luminanceToValue } from '../colour/lab';
import { toLinear } from '../colour/colour';
import { inGamut } from '../colour/gamut';
import { linearToOklch } from '../colour/oklab';
import { readColour } from '../colour/read';
import { show } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { nearestOf } from './nearest';
import { departed, DIRECTIONS, relativesOf } from './relatives';
import { membersOf, SCHEME_RULES, SCHEMES } from './schemes';
import { areAdjacent, temperature } from './temperature';
import { angleOn, complement, turnHue } from './turn-hue';
import { lightToPainter, painterToLight, WHEELS } from './wheel';
import { angleBetween } from '../colour/vector';

const linear = (text: string): Triple => toLinear(readColour(text));
const colour = fc.integer({ min: 0, max: 0xffffff }).map((code) => linear(`#${code.toString(16).padStart(6, '0')}`));
const wheel = fc.constantFrom(...WHEELS);
const chromaOf = (c: Triple): number => linearToOklch(c)[1];
const valueOf = (c: Triple): number => luminanceToValue(luminance(...c));
const near = (one: Triple, other: readonly number[], digits = 7) =>
	one.forEach((x, i) => expect(x).toBeCloseTo(other[i]!, digits));

describe('wheels', () => {
	it('the six hues of the light wheel stand at 60° (Smith 1978; angles confirmed by culori)', () => {
		for (const row of wheels.rows)
			if (row.kind.startsWith('additive')) expect(angleOn('light', linear(row.hex!))).toBeCloseTo(row.angle!, 9);
	});

	it('complements on the light wheel: red–cyan, yellow–blue, green–magenta (Smith 1978)', () => {
		for (const [one, other] of [
			['red', 'cyan'],
			['yellow', 'blue'],
			['lime', 'magenta']
		] as const)
			near(complement(linear(one), 'light').linear, linear(other));
	});

	it('complements on the painter’s wheel: red–green, yellow–violet, blue–orange (Chevreul 1839, Itten 1961)', () => {
		const places = new Map(
			wheels.rows.filter((row) => row.kind.startsWith('painter')).map((row) => [row.name!, row.angle!])
		);
		for (const row of wheels.rows) {
			if (row.kind !== 'complementary pair' || row.wheel !== 'ryb') continue;
			expect(angleBetween(places.get(row.a as string)!, places.get(row.b as string)!)).toBe(180);
		}
		near(complement(linear('red'), 'painter').linear, linear('lime'));
		near(complement(linear('blue'), 'painter').linear, linear('#ff8000'), 2);
		expect(angleOn('painter', linear('yellow'))).toBeCloseTo(120, 9);
		expect(angleOn('painter', complement(linear('yellow'), 'painter').linear)).toBeCloseTo(300, 6);
	});

	it('the painter’s wheel goes there and back and never turns round', () => {
		let before = -1;
		for (let angle = 0; angle < 360; angle += 0.5) {
			const hue = painterToLight(angle);
			expect(lightToPainter(hue)).toBeCloseTo(angle, 9);
			expect(hue).toBeGreaterThan(before);
			before = hue;
		}
	});

	it('turning by 360° is identity, there and back is too, for any colour on any wheel', () => {
		fc.assert(
			fc.property(colour, wheel, fc.integer({ min: -720, max: 720 }), (c, on, degrees) => {
				near(turnHue(c, on, 360).linear, c);
				const there = turnHue(c, on, degrees);
				if (!there.mapped && chromaOf(c) > 0.001) near(turnHue(there.linear, on, -degrees).linear, c, 5);
			}),
			{ seed: 1 }
		);
	});

	it('holding value keeps L* on any wheel, and what comes out can be shown', () => {
		fc.assert(
			fc.property(colour, wheel, fc.integer({ min: 0, max: 360 }), (c, on, degrees) => {
				const turned = turnHue(c, on, degrees, true).linear;
				expect(valueOf(turned)).toBeCloseTo(valueOf(c), 5);
				expect(inGamut(...turned)).toBe(true);
			}),
			{ seed: 2 }
		);
	});
});

describe('schemes', () => {
	it.each(
		wheels.rows
			.filter((row) => row.kind.startsWith('scheme as offsets'))
			.map((row) => [row.name!, row.offsets!] as const)
	)('%s by its published offsets %j', (name, offsets) => {
		const id =
			{ 'square (tetrad)': 'square', triadic: 'triad', 'rectangle (double complementary)': 'rectangle' }[name] ?? name;
		const scheme = SCHEMES.find((candidate) => candidate === id)!;
		const ours = SCHEME_RULES[scheme]
			.angles(SCHEME_RULES[scheme].spread?.usual ?? 0)
			.map((angle) => ((angle % 360) + 360) % 360);
		for (const offset of offsets) expect(ours).toContain((offset + 360) % 360);
	});

	it('angles are exact on their wheel for any lead colour with a hue', () => {
		fc.assert(
			fc.property(colour, wheel, fc.constantFrom(...SCHEMES), (lead, on, scheme) => {
				fc.pre(chromaOf(lead) > 0.03);
				const places = SCHEME_RULES[scheme].angles(SCHEME_RULES[scheme].spread?.usual ?? 0);
				for (const member of membersOf({ lead, scheme, wheel: on, members: Math.max(2, places.length) }).slice(
					0,
					places.length
				)) {
					if (member.mapped || chromaOf(member.linear) < 0.01) continue;
					expect(angleBetween(angleOn(on, member.linear), angleOn(on, lead) + member.angle)).toBeLessThan(0.01);
				}
			}),
			{ seed: 3, numRuns: 300 }
		);
	});

	it('gives 2 to 10 members, all different, the lead first and untouched', () => {
		for (const scheme of SCHEMES)
			for (let members = 2; members <= 10; members++) {
				const made = membersOf({ lead: linear('#b3392b'), scheme, wheel: 'painter', members });
				expect(made).toHaveLength(members);
				near(made[0]!.linear, linear('#b3392b'), 12);
				const shown = made.map(
					({ linear: [r, g, b] }) => show({ space: 'srgb-linear', channels: [r, g, b], alpha: 1 }).hex
				);
				expect(new Set(shown).size, `${scheme} ${members}: ${shown.join()}`).toBe(members);
			}
	});

	it('refuses what it cannot do', () => {
		const spec = { lead: linear('red'), scheme: 'split-complementary', wheel: 'light' } as const;
		expect(() => membersOf({ ...spec, spread: 61 })).toThrow(Problem);
		expect(() => membersOf({ ...spec, members: 11 })).toThrow(Problem);
		expect(membersOf({ ...spec, scheme: 'free', free: [17, 200] }).map(({ angle }) => angle)).toEqual([0, 17, 200]);
	});
});

describe('temperature and adjacency (common practice, no source)', () => {
	it.each([
		['red', 'warm'],
		['orange', 'warm'],
		['yellow', 'warm'],
		['magenta', 'warm'],
		['cyan', 'cool'],
		['blue', 'cool'],
		['lime', 'cool'],
		['grey', 'neutral']
	] as const)('%s is %s', (name, expected) => expect(temperature(linear(name))).toBe(expected));

	it('from blue, cyan is the adjacent hue and green is not', () => {
		expect(areAdjacent(linear('blue'), linear('cyan'))).toBe(true);
		expect(areAdjacent(linear('blue'), linear('lime'))).toBe(false);
	});
});

describe('relatives', () => {
	const measure: Record<(typeof DIRECTIONS)[number], (c: Triple, lead: Triple) => number> = {
		lighter: (c) => linearToOklch(c)[0],
		darker: (c) => -linearToOklch(c)[0],
		warmer: (c) => -angleBetween(linearToOklch(c)[2], 55),
		cooler: (c) => -angleBetween(linearToOklch(c)[2], 235),
		stronger: chromaOf,
		quieter: (c) => -chromaOf(c)
	};

	const size = fc.double({ min: 1, max: 12, noNaN: true });
	const steps = fc.integer({ min: 1, max: 12 });
	const exact = ([r, g, b]: Triple) => ({ mode: 'lrgb', r, g, b }) as const;
	const difference = differenceCiede2000();

	it('each is as far from the one before as asked (ΔE00 of culori 4.0.2), for any colour, count and size', () => {
		let seen = 0;
		fc.assert(
			fc.property(colour, fc.constantFrom(...DIRECTIONS), steps, size, (c, direction, asked, apart) => {
				const row = [c, ...relativesOf(c, direction, asked, apart).map(({ linear: l }) => l)];
				expect(row.length).toBeLessThanOrEqual(asked + 1);
				row.slice(1).forEach((relative, i) => {
					seen++;
					expect(Math.abs(difference(exact(relative), exact(row[i]!)) - apart)).toBeLessThan(0.05);
				});
			}),
			{ seed: 4, numRuns: 600 }
		);
		expect(seen).toBeGreaterThan(1500);
	});

	it('are monotonic in the dimension they move, and can all be shown', () => {
		fc.assert(
			fc.property(colour, fc.constantFrom(...DIRECTIONS), steps, size, (c, direction, asked, apart) => {
				const row = [c, ...relativesOf(c, direction, asked, apart).map(({ linear: l }) => l)];
				row.forEach((relative) => expect(inGamut(...relative)).toBe(true));
				const hue = direction === 'warmer' || direction === 'cooler';
				const amounts = row
					.filter((relative) => !hue || chromaOf(relative) > 0.02)
					.map((relative) => measure[direction](relative, c));
				const slack = hue ? 4 : 0.0025;
				amounts.slice(1).forEach((x, i) => expect(x).toBeGreaterThanOrEqual(amounts[i]! - slack));
			}),
			{ seed: 4, numRuns: 400 }
		);
	});

	it('end where no further one fits: what is left of the way is less than one step', () => {
		const ends = { lighter: '#ffffff', darker: '#000000' } as const;
		for (const code of ['#b3392b', '#2f5f86', '#e9dcc0', '#808080'])
			for (const direction of ['lighter', 'darker'] as const) {
				const all = relativesOf(linear(code), direction, 12, 12);
				expect(all.length).toBeLessThan(12);
				const last = all.at(-1)?.linear ?? linear(code);
				expect(difference(exact(last), ends[direction])).toBeLessThan(12.05);
			}
		// Wool is nearly white: it has no lighter relative 12 ΔE00 off, and black no darker one.
		expect(relativesOf(linear('#f7f4ee'), 'lighter', 4, 12)).toEqual([]);
		expect(relativesOf([0, 0, 0], 'darker', 4, 1)).toEqual([]);
	});

	it('a grey has lighter and darker relatives only: it has no hue to turn or to strengthen', () => {
		for (const direction of DIRECTIONS)
			expect(relativesOf(linear('#808080'), direction, 3, 3).length > 0).toBe(
				direction === 'lighter' || direction === 'darker'
			);
	});

	it('warmer, cooler and quieter hold the value, and no hue passes its pole', () => {
		for (const direction of ['warmer', 'cooler', 'quieter'] as const)
			for (const { linear: l } of relativesOf(linear('#2f5f86'), direction, 12, 2))
				expect(valueOf(l)).toBeCloseTo(valueOf(linear('#2f5f86')), 6);
		const orange = linear('#c9762f');
		const from = angleBetween(linearToOklch(orange)[2], 55);
		const warmer = relativesOf(orange, 'warmer', 12, 1).map(({ linear: l }) => angleBetween(linearToOklch(l)[2], 55));
		for (const angle of warmer) expect(angle).toBeLessThan(from + 1e-6);
	});

	it('a share of the way goes wholly to white, black, the own grey and the edge of the gamut', () => {
		const madder = linear('#b3392b');
		near(departed(madder, 'lighter', 1).linear, [1, 1, 1], 6);
		near(departed(madder, 'darker', 1).linear, [0, 0, 0], 6);
		near(departed(madder, 'warmer', 0).linear, madder, 12);
		expect(chromaOf(departed(madder, 'quieter', 1).linear)).toBeLessThan(1e-6);
		const [lightness, , hue] = linearToOklch(madder);
		expect(chromaOf(departed(madder, 'stronger', 1).linear)).toBeCloseTo(greatestChroma(lightness, hue), 4);
		expect(() => departed(madder, 'lighter', 1.01)).toThrow(Problem);
		for (const [asked, apart] of [
			[0, 4],
			[13, 4],
			[2.5, 4],
			[3, 0.9],
			[3, 12.1],
			[3, NaN]
		] as const)
			expect(() => relativesOf(madder, 'lighter', asked, apart), `${asked}, ${apart}`).toThrow(Problem);
	});
});

it('the nearest of a palette is culori 4.0.2’s, and poor matches are marked', () => {
	const next = seeded(12);
	const palette = Array.from({ length: 40 }, () => randomHex(next));
	const theirs = culoriNearest(palette, differenceCiede2000());
	for (let i = 0; i < 150; i++) {
		const given = randomHex(next);
		const found = nearestOf(palette.map(linear), linear(given))!;
		// culori reckons in Lab D50; where two candidates are all but equally far it may choose the other.
		const other = palette.indexOf(theirs(given)[0]!);
		const between = nearestOf([linear(palette[other]!)], linear(given))!.distance - found.distance;
		expect(between).toBeLessThan(1.5);
		expect(found.poor).toBe(found.distance > 5);
	}
	expect(nearestOf([], linear('red'))).toBeNull();
});
