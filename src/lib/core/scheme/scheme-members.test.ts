import { converter, differenceCiede2000, nearest as culoriNearest, wcagContrast } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkAgainst } from '../../../../tests/support/checks';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { turnMember } from './constraint';
import { nearestIn, readied } from './nearest';
import { anglesFrom, departureFor, makeScheme, NO_DEPARTURE, orderFrom, type MemberRule } from './scheme-members';
import { readScheme, remarksOnScheme } from './scheme-readings';
import { membersOf, SCHEME_RULES, SCHEMES, type SchemeSpec } from './schemes';
import { turnHue } from './turn-hue';
import { WHEELS } from './wheel';
import { angleBetween } from '../colour/vector';
import { colourAt, colourAtLuminance, placeOf } from './wheel-place';

const linear = (text: string): Triple => toLinear(readColour(text));
const hex = (colour: Triple): string => linearToHex(...colour);
const hsv = converter('hsv');
const oklch = converter('oklch');
const lab = converter('lab65');
const valueOf = (code: string): number => lab(code)!.l;

const channel = fc.double({ min: 0.02, max: 0.98, noNaN: true });
const colour = fc.tuple(channel, channel, channel).map(([r, g, b]): Triple => [r, g, b]);
/** A colour that has a hue, so that it stands somewhere on a wheel. */
const coloured = colour.filter((c) => Math.max(...c) - Math.min(...c) > 0.15);
const rules = fc.array(
	fc.record({
		strength: fc.double({ min: 0.3, max: 1, noNaN: true }),
		value: fc.double({ min: -8, max: 8, noNaN: true })
	}),
	{ minLength: 1, maxLength: 9 }
);
const specs = fc.record({
	lead: coloured,
	scheme: fc.constantFrom(...SCHEMES),
	wheel: fc.constantFrom(...WHEELS),
	holdValue: fc.boolean()
});

describe('places on a wheel', () => {
	it('are HSB saturation and OKLCH chroma, there and back (culori 4.0.2)', () => {
		checkAgainst({ method: 'Place on a wheel', source: 'culori 4.0.2', tolerance: 1e-12 }, (deviation) => {
			for (const code of ['#b3392b', '#2f5f86', '#d9b036', '#8f9a5b', '#5a4632', '#01fe80']) {
				const light = placeOf('light', linear(code));
				const { h = 0, s, v } = hsv(code)!;
				deviation(light.angle, h);
				deviation(light.distance, s);
				deviation(light.light, v);
				const perceptual = placeOf('perceptual', linear(code));
				const polar = oklch(code)!;
				deviation(perceptual.angle, polar.h!);
				deviation(perceptual.distance, polar.c);
				for (const wheel of WHEELS) {
					const back = colourAt(wheel, placeOf(wheel, linear(code))).linear;
					linear(code).forEach((c, i) => deviation(back[i]!, c));
				}
			}
		});
	});

	it('a colour at another luminance keeps hue and distance wherever a screen can show it', () => {
		fc.assert(
			fc.property(
				coloured,
				fc.constantFrom(...WHEELS),
				fc.double({ min: 0.02, max: 0.9, noNaN: true }),
				(c, wheel, y) => {
					const place = placeOf(wheel, c);
					const made = colourAtLuminance(wheel, place, y);
					const [r, g, b] = made.linear;
					expect(0.2126390058715 * r + 0.7151686787678 * g + 0.0721923153607 * b).toBeCloseTo(y, 5);
					if (made.mapped) return;
					const after = placeOf(wheel, made.linear);
					expect(angleBetween(after.angle, place.angle)).toBeLessThan(0.01);
					expect(after.distance).toBeCloseTo(place.distance, 4);
				}
			),
			{ seed: 5, numRuns: 400 }
		);
	});
});

/** Where the members of a scheme stand from the lead, on its own wheel, as read back from their colours. */
function anglesOf(spec: SchemeSpec, members: readonly { linear: Triple; mapped: boolean }[]): (number | null)[] {
	const lead = placeOf(spec.wheel, members[0]!.linear);
	return members.map(({ linear: c, mapped }) => {
		const place = placeOf(spec.wheel, c);
		// A grey, a dark or a drawn-in colour does not tell its angle.
		return mapped || place.distance < 0.03 || place.light < 0.08 ? null : (place.angle - lead.angle + 720) % 360;
	});
}

describe('the constraint of a scheme holds under random drags', () => {
	const drags = fc.array(fc.record({ member: fc.nat(9), degrees: fc.double({ min: -170, max: 170, noNaN: true }) }), {
		minLength: 1,
		maxLength: 6
	});

	it('opposite stays opposite, thirds stay thirds: after any drags each member stands at an angle of its scheme', () => {
		fc.assert(
			fc.property(
				specs.filter(({ scheme }) => scheme !== 'free'),
				rules,
				drags,
				(given, departures, turns) => {
					let spec: SchemeSpec = { ...given, spread: SCHEME_RULES[given.scheme].spread?.usual };
					for (const { member, degrees } of turns) {
						const turning = turnMember(spec, member % (departures.length + 1), degrees);
						const lead = turnHue(spec.lead, spec.wheel, turning.lead).linear;
						spec = { ...spec, lead, spread: turning.spread ?? spec.spread };
					}
					// The light and the painter's wheel keep distance and light, so angles can be read back there.
					if (spec.wheel === 'perceptual' || spec.holdValue) return;
					const angles = SCHEME_RULES[spec.scheme].angles(spec.spread ?? 0);
					const plain = departures.map(() => NO_DEPARTURE);
					anglesOf(spec, makeScheme(spec, plain).slice(0, angles.length)).forEach((angle, i) => {
						if (angle !== null) expect(angleBetween(angle, angles[i]!)).toBeLessThan(0.01);
					});
				}
			),
			{ seed: 11, numRuns: 400 }
		);
	});

	it('a spread never leaves its range, and the member that is turned answers by its own share of it', () => {
		const spec: SchemeSpec = { lead: linear('#b3392b'), scheme: 'analogous', wheel: 'light', spread: 30 };
		expect(turnMember(spec, 1, 6)).toEqual({ lead: 0, spread: 36 });
		// The other neighbour stands on the other side; the outer ones turn twice as far as the spread.
		expect(turnMember(spec, 2, 6)).toEqual({ lead: 0, spread: 24 });
		expect(turnMember(spec, 3, 6)).toEqual({ lead: 0, spread: 33 });
		expect(turnMember(spec, 1, 90)).toEqual({ lead: 0, spread: 45 });
		expect(turnMember({ ...spec, scheme: 'triad', spread: undefined }, 2, 12)).toEqual({ lead: 12 });
		expect(turnMember({ ...spec, scheme: 'free', free: [40, 80] }, 2, 5)).toEqual({ lead: 0, angle: 85 });
	});
});

describe('departures', () => {
	it('a member set to any colour of its own hue becomes just that colour', () => {
		fc.assert(
			fc.property(
				coloured,
				fc.constantFrom('light', 'painter', 'perceptual' as const),
				fc.double({ min: 0.25, max: 0.9, noNaN: true }),
				fc.double({ min: 0.5, max: 0.95, noNaN: true }),
				(lead, wheel, strength, light) => {
					const spec: SchemeSpec = { lead, scheme: 'complementary', wheel };
					const base = placeOf(wheel, membersOf(spec)[1]!.linear);
					const target = colourAt(wheel, { ...base, distance: base.distance * strength, light: base.light * light });
					if (target.mapped || base.distance < 0.02) return;
					const made = makeScheme(spec, [departureFor(spec, 2, 1, target.linear)])[1]!;
					expect(differenceCiede2000()(hex(made.linear), hex(target.linear))).toBeLessThan(0.6);
				}
			),
			{ seed: 3, numRuns: 300 }
		);
	});

	it('where value is held every member has the lead’s value, whatever its strength (L* of culori 4.0.2)', () => {
		fc.assert(
			fc.property(
				coloured,
				fc.constantFrom(...WHEELS),
				fc.constantFrom('triad', 'square', 'analogous' as const),
				(lead, wheel, scheme) => {
					const all: MemberRule[] = [1, 0.6, 1.3].map((strength) => ({ strength, value: 0 }));
					const members = makeScheme(
						{ lead, scheme, wheel, holdValue: true },
						scheme === 'triad' ? all.slice(0, 2) : all
					);
					for (const { linear: c } of members) expect(Math.abs(valueOf(hex(c)) - valueOf(hex(lead)))).toBeLessThan(0.8);
				}
			),
			{ seed: 9, numRuns: 200 }
		);
	});

	it('a fixed member stays as it is while the lead turns all the way round', () => {
		const fixed = linear('#8f9a5b');
		for (let degrees = 0; degrees < 360; degrees += 24) {
			const lead = turnHue(linear('#b3392b'), 'painter', degrees).linear;
			const members = makeScheme({ lead, scheme: 'triad', wheel: 'painter' }, [{ fixed }, NO_DEPARTURE]);
			expect(hex(members[1]!.linear)).toBe('#8f9a5b');
			expect(members[2]!.angle).toBe(240);
		}
	});
});

describe('another lead', () => {
	it('of a triad, a square or a pair of opposites is the same colours in another order', () => {
		for (const scheme of ['complementary', 'triad', 'square'] as const) {
			const spec: SchemeSpec = { lead: linear('#b3392b'), scheme, wheel: 'light' };
			const members = membersOf(spec);
			for (let index = 1; index < members.length; index++) {
				const order = orderFrom(spec, members, index);
				expect([...order].sort()).toEqual(members.map((_, i) => i));
				const again = membersOf({ ...spec, lead: members[index]!.linear });
				again.forEach(({ linear: c }, slot) =>
					expect(differenceCiede2000()(hex(c), hex(members[order[slot]!]!.linear))).toBeLessThan(0.7)
				);
			}
		}
	});

	it('of a free scheme keeps every angle between two members', () => {
		const spec: SchemeSpec = { lead: linear('#b3392b'), scheme: 'free', wheel: 'light', free: [35, -80, 150] };
		const members = makeScheme(spec, [NO_DEPARTURE, NO_DEPARTURE, NO_DEPARTURE]);
		const [first, second] = anglesFrom(spec, members[2]!.linear, [members[0]!, members[1]!]);
		expect(first).toBeCloseTo(80, 2);
		expect(second).toBeCloseTo(115, 2);
	});
});

describe('readings of a scheme', () => {
	const codes = ['#b3392b', '#2f5f86', '#d9b036', '#e9dcc0'];
	const members = codes.map((code) => ({ linear: linear(code), mapped: false }));
	const readings = readScheme(members);

	it('pairs: difference, value and contrast agree with another library (culori 4.0.2)', () => {
		expect(readings.pairs).toHaveLength(6);
		for (const { one, other, value, difference, ratio } of readings.pairs) {
			const [a, b] = [codes[one - 1]!, codes[other - 1]!];
			expect(difference).toBeCloseTo(differenceCiede2000()(a, b), 1);
			expect(value).toBeCloseTo(Math.abs(valueOf(a) - valueOf(b)), 6);
			expect(ratio).toBeCloseTo(wcagContrast(a, b), 2);
		}
	});

	it('say what there is much or little of', () => {
		const words = remarksOnScheme(readings, members).map((remark) => remark.words);
		expect(words[0]).toBe('A middling range of value, from 39 to 88.');
		expect(words[1]).toBe('3 warm beside 1 cool.');
		expect(words.at(-2)).toContain('2 on 4');
		const one = [members[0]!, members[0]!];
		const alike = remarksOnScheme(readScheme(one), one).map((remark) => remark.words);
		expect(alike[0]).toMatch(/^About one value, \d+: without hue/);
		expect(alike).toContain('Hard to tell apart: 1 and 2.');
		expect(alike.some((said) => said.startsWith('No pair has contrast enough'))).toBe(true);
	});
});

it('the nearest of a readied palette is the one that another library finds (culori 4.0.2)', () => {
	const palette = ['#b3392b', '#d9b036', '#2f5f86', '#5a4632', '#8f9a5b', '#3c3a3f', '#e9dcc0'];
	const nearest = culoriNearest(palette, differenceCiede2000());
	const labs = readied(palette.map(linear));
	fc.assert(
		fc.property(colour, (c) => {
			const found = nearestIn(labs, c)!;
			const theirs = nearest(hex(c))[0]!;
			const off = (code: string): number => differenceCiede2000()(hex(c), code);
			// Two nearly equally near ones may change places by the rounding of the code.
			expect(Math.abs(off(palette[found.index]!) - off(theirs))).toBeLessThan(0.2);
			expect(found.poor).toBe(found.distance > 5);
		}),
		{ seed: 2, numRuns: 300 }
	);
	expect(nearestIn([], [0, 0, 0])).toBeNull();
});
