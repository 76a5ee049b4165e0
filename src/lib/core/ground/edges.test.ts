import { converter, differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { edgeBetween } from './edges';
import { candidateGrounds } from './propose';
import { vanishingPartner } from './partners';

const linear = (text: string): Triple => toLinear(readColour(text));
const edge = (one: string, other: string) => edgeBetween(linear(one), linear(other));
const lch = (value: number, chroma: number, hue: number): string => `lch(${value} ${chroma} ${hue})`;
const lab = converter('lab65');
const oklch = converter('oklch');

describe('what keeps an edge from vanishing and from vibrating', () => {
	it('numbers are those of another library (L*, ΔE00 and OKLCH of culori 4.0.2)', () => {
		for (const [one, other] of [
			['#b3392b', '#2f5f86'],
			['#d9b036', '#8f9a5b'],
			['#c8402e', '#006fd7']
		] as const) {
			const { valueDifference, difference, chroma, hueAngle } = edge(one, other);
			expect(valueDifference).toBeCloseTo(Math.abs(lab(one)!.l - lab(other)!.l), 3);
			expect(difference).toBeCloseTo(differenceCiede2000()(one, other), 3);
			const [a, b] = [oklch(one)!, oklch(other)!];
			expect(chroma).toBeCloseTo(Math.min(a.c, b.c), 5);
			const turn = Math.abs(a.h! - b.h!);
			expect(hueAngle).toBeCloseTo(Math.min(turn, 360 - turn), 2);
		}
	});

	it('a colour beside itself vanishes wholly and does not vibrate; black beside white does neither (facts of the trade)', () => {
		expect(edge('#b3392b', '#b3392b')).toMatchObject({ vanishing: 1, vibrating: 0, difference: 0, valueDifference: 0 });
		expect(edge('#000000', '#ffffff')).toMatchObject({ vanishing: 0, vibrating: 0, hueAngle: null });
	});

	it('six L* apart and otherwise alike, half of it is left; twelve apart, nothing', () => {
		const { vanishing } = edge('lab(50 0 0)', 'lab(56 0 0)');
		const difference = differenceCiede2000()('lab(50 0 0)', 'lab(56 0 0)');
		expect(vanishing).toBeCloseTo(0.5 * (1 - difference / 24), 2);
		expect(edge('lab(50 0 0)', 'lab(62.1 0 0)').vanishing).toBe(0);
	});

	it('names the value where values differ most, the difference where the colours do', () => {
		expect(edge('lab(50 0 0)', 'lab(60 0 0)').keepsFromVanishing).toBe('value');
		expect(edge('#c8402e', '#006fd7').keepsFromVanishing).toBe('difference');
	});

	it('names what is weakest of value, strength and angle of hues', () => {
		expect(edge('#ff0000', '#00ff00').keepsFromVibrating).toBe('value');
		// Of one value and opposite hues, but quiet; with a grey there is no angle, and it is the strength that lacks.
		expect(edge(lch(50, 10, 40), lch(50, 10, 220)).keepsFromVibrating).toBe('chroma');
		expect(edge(lch(50, 60, 40), lch(50, 0, 0))).toMatchObject({ keepsFromVibrating: 'chroma', hueAngle: null });
		expect(edge(lch(50, 60, 40), lch(50, 60, 60)).keepsFromVibrating).toBe('hues');
	});

	it('vibrates most where both are strong, of one value and opposed', () => {
		const strong = edge(lch(50, 60, 40), lch(50, 45, 270)).vibrating;
		for (const less of [edge(lch(50, 20, 40), lch(50, 45, 270)), edge(lch(58, 60, 40), lch(50, 45, 270))])
			expect(less.vibrating).toBeLessThan(strong * 0.7);
		expect(edge(lch(50, 60, 40), lch(50, 60, 60)).vibrating).toBeLessThan(strong / 2);
	});
});

it('of the partners that differ as asked the vanishing one has the hue farthest away', () => {
	const first = linear('#b3392b');
	const { linear: partner } = vanishingPartner(first, 8);
	const turned = (text: string): number => {
		const away = Math.abs(oklch(text)!.h! - oklch('#b3392b')!.h!);
		return Math.min(away, 360 - away);
	};
	const own = lab('#b3392b')!;
	// A rival: the same value, moved by a* and b* until it differs by 8 ΔE00, in each of 24 directions.
	const rivals = Array.from({ length: 24 }, (_, i) => (i * Math.PI) / 12).flatMap((angle) => {
		for (let reach = 1; reach < 60; reach += 0.25) {
			const rival = { ...own, a: own.a + reach * Math.cos(angle), b: own.b + reach * Math.sin(angle) };
			const { r, g, b } = converter('rgb')(rival);
			if (Math.min(r, g, b) < 0 || Math.max(r, g, b) > 1) return [];
			if (differenceCiede2000()(rival, own) >= 8) return [converter('rgb')(rival)];
		}
		return [];
	});
	expect(rivals.length).toBeGreaterThan(10);
	const most = Math.max(...rivals.map(({ r, g, b }) => turned(`rgb(${255 * r} ${255 * g} ${255 * b})`)));
	expect(turned(linearToHex(...partner))).toBeGreaterThan(most - 1.5);
});

it('grounds to choose from: seven of each light, from black to white, each once; of a key only what keeps to it', () => {
	const all = candidateGrounds('free').map((colour) => linearToHex(...colour));
	expect(new Set(all).size).toBe(343);
	for (const code of ['#000000', '#ffffff', '#ff0000', '#00ffff', '#2b5580', '#808080', '#d52b00'])
		expect(all).toContain(code);
	const [high, low] = [candidateGrounds('high').length, candidateGrounds('low').length];
	// Codes are whole numbers, so one at the very limit may fall on either side.
	expect(Math.abs(high - all.filter((code) => lab(code)!.l >= 65).length)).toBeLessThanOrEqual(1);
	expect(Math.abs(low - all.filter((code) => lab(code)!.l <= 40).length)).toBeLessThanOrEqual(1);
});
