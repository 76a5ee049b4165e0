import { converter, differenceCiede2000, parse, type Rgb } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { temperature } from '../scheme/temperature';
import { SURFACES } from './forms/forms';
import { litPicture, regionColours, type Lighting } from './lit-colours';
import { drawnLighting, LIT_DEGREES, type LitDegree } from './lit-degrees';
import { FINE_WIDTH, FORMS, litForm, LIT_REGIONS, PICTURE, type FormName, type LitRegion } from './lit-shares';

const linear = (text: string): Triple => toLinear(readColour(text));
const LIGHTINGS: readonly Lighting[] = [
	{
		object: linear('#b3392b'),
		key: linear('#fff0d8'),
		ambient: linear('#4a5468'),
		background: linear('#8d9a5b'),
		gloss: 0.5
	},
	{
		object: linear('#2f5f86'),
		key: linear('#cfe0ff'),
		ambient: linear('#57412c'),
		background: linear('#e9dcc0'),
		gloss: 0.15
	},
	{
		object: linear('#e9dcc0'),
		key: linear('#ffffff'),
		ambient: linear('#202020'),
		background: linear('#3c3a3f'),
		gloss: 0.9
	}
];

/**
 * A second rendering, apart from the product: Lambert (Photometria, 1760) by the angle between normal and lamp, Phong (CACM 18, 1975) by
 * the angle between the viewer and the mirrored ray, both in radians; added up over many places of the form in linear light. What the
 * regions are, where the lamp stands and how far thrown light reaches is said here again, as docs/exercises.md has it.
 */
const direction = (x: number, y: number, z: number): Triple => {
	const length = Math.sqrt(x * x + y * y + z * z);
	return [x / length, y / length, z / length];
};
const LAMP = direction(-0.62, 0.62, 0.42);
const THROWN = direction(0.78, -0.6, 0.18);
const angle = (a: Triple, b: Triple): number =>
	Math.acos(Math.max(-1, Math.min(1, a[0] * b[0] + a[1] * b[1] + a[2] * b[2])));

interface Place {
	readonly region: LitRegion;
	readonly lamp: number;
	readonly thrown: number;
	readonly gloss: number;
	/** How much of the picture it stands for. */
	readonly area: number;
}

function placeOf(normal: Triple, y: number, area: number): Place {
	const toLamp = angle(normal, LAMP);
	const lamp = toLamp < Math.PI / 2 ? Math.cos(toLamp) : 0;
	// The lamp's direction mirrored at the normal, by turning it half round about the normal.
	const [c, [nx, ny, nz]] = [Math.cos(toLamp), normal];
	const mirrored: Triple = [2 * c * nx - LAMP[0], 2 * c * ny - LAMP[1], 2 * c * nz - LAMP[2]];
	const toViewer = angle(mirrored, [0, 0, 1]);
	const gloss = lamp > 0 && toViewer < Math.PI / 2 ? Math.cos(toViewer) ** 14 : 0;
	const toThrown = angle(normal, THROWN);
	const reach = Math.min(1, Math.max(0, (0.3 - y) / 1.4));
	const thrown = toThrown < Math.PI / 2 ? Math.cos(toThrown) * reach : 0;
	const shadow = thrown >= 0.36 ? 'reflected' : 'shadow';
	const dull = lamp >= 0.6 ? 'light' : lamp >= 0.12 ? 'half-tone' : shadow;
	return { region: gloss >= 0.5 ? 'highlight' : dull, lamp, thrown, gloss, area };
}

/** A sphere by its own angles: no picture is gone through. */
function placesOfSphere(): Place[] {
	const places: Place[] = [];
	for (let i = 0; i < 300; i++)
		for (let j = 0; j < 600; j++) {
			const [out, turn] = [((i + 0.5) / 300) * (Math.PI / 2), ((j + 0.5) / 600) * 2 * Math.PI];
			const normal: Triple = [Math.sin(out) * Math.cos(turn), Math.sin(out) * Math.sin(turn), Math.cos(out)];
			const y = -0.34 + 0.82 * normal[1];
			if (y < -1.1) continue;
			places.push(placeOf(normal, y, Math.sin(out) * Math.cos(out)));
		}
	return places;
}

/** A cone by its height and the turn about its axis. */
function placesOfCone(): Place[] {
	const places: Place[] = [];
	for (let i = 0; i < 300; i++)
		for (let j = 0; j < 300; j++) {
			const [y, turn] = [0.86 - 1.96 * ((i + 0.5) / 300), ((j + 0.5) / 300 - 0.5) * Math.PI];
			const normal = direction(Math.sin(turn), 0.4, Math.cos(turn));
			places.push(placeOf(normal, y, (0.86 - y) * Math.cos(turn)));
		}
	return places;
}

/** What form a box and a cloth have is ours; what light makes of it is added up here on a grid of another measure. */
function placesOn(form: FormName): Place[] {
	const surface = SURFACES[form]();
	const places: Place[] = [];
	for (let i = 0; i < 431; i++)
		for (let j = 0; j < 467; j++) {
			const y = 1.1 - 2.2 * ((j + 0.5) / 467);
			const normal = surface(2 * ((i + 0.5) / 431) - 1, y);
			if (normal) places.push(placeOf(normal, y, 1));
		}
	return places;
}

const PLACES: Readonly<Record<FormName, readonly Place[]>> = {
	sphere: placesOfSphere(),
	cone: placesOfCone(),
	box: placesOn('box'),
	cloth: placesOn('cloth')
};

const deltaE = differenceCiede2000();
const asRgb = ([r, g, b]: Triple) => converter('rgb')({ mode: 'lrgb', r, g, b }) as Rgb;

/** The wall has 0.55 of the lamp at its side and three tenths less at the other. */
const wallOf = ({ key, ambient, background }: Lighting): Triple =>
	[0, 1, 2].map((i) => background[i]! * (key[i]! * 0.55 + ambient[i]!)) as Triple;

function rendered(form: FormName, lighting: Lighting, region: LitRegion): Triple {
	const { object, key, ambient, background, gloss } = lighting;
	const light = (i: number, place: Place): number =>
		object[i]! * (key[i]! * place.lamp + ambient[i]! + background[i]! * (key[i]! + ambient[i]!) * place.thrown) +
		key[i]! * gloss * place.gloss;
	const own = PLACES[form].filter((place) => place.region === region);
	const area = own.reduce((sum, place) => sum + place.area, 0);
	return [0, 1, 2].map((i) => own.reduce((sum, place) => sum + place.area * light(i, place), 0) / area) as Triple;
}

/** Darkened as little as makes the lightest place of all showable: the peak of each light, wherever it is. */
function exposure(form: FormName, lighting: Lighting): number {
	const most = (key: 'lamp' | 'thrown' | 'gloss') => Math.max(...PLACES[form].map((place) => place[key]));
	const { object, key, ambient, background, gloss } = lighting;
	const peak = (i: number): number =>
		object[i]! * (key[i]! * most('lamp') + ambient[i]! + background[i]! * (key[i]! + ambient[i]!) * most('thrown')) +
		key[i]! * gloss * most('gloss');
	return 1 / Math.max(1, peak(0), peak(1), peak(2), ...wallOf(lighting));
}

describe('a lit form beside a second rendering', () => {
	it.each(FORMS)('the regions of the %s are within 1 ΔE00 (culori 4.0.2) under three lights', (form) => {
		for (const lighting of LIGHTINGS) {
			const by = exposure(form, lighting);
			const ours = regionColours(lighting, litForm(form, 'left'));
			for (const region of LIT_REGIONS.slice(0, 5)) {
				const theirs = rendered(form, lighting, region).map((x) => x * by) as Triple;
				expect(deltaE(asRgb(ours[region]), asRgb(theirs)), `${form} ${region}`).toBeLessThan(1);
			}
		}
	});

	it('the picture shows in each region what its colour is in the mean, and nothing of it is clipped', () => {
		for (const form of FORMS)
			for (const [i, lighting] of LIGHTINGS.entries()) {
				const lit = litForm(form, i === 1 ? 'right' : 'left');
				const codes = litPicture(lighting, lit);
				const ours = regionColours(lighting, lit);
				const toLight = converter('lrgb');
				LIT_REGIONS.forEach((region, number) => {
					const sum = [0, 0, 0, 0];
					codes.forEach((code, pixel) => {
						const [x, y] = [pixel % PICTURE.width, Math.floor(pixel / PICTURE.width)];
						const at = 2 * y * FINE_WIDTH + 2 * x;
						const corners = [at, at + 1, at + FINE_WIDTH, at + FINE_WIDTH + 1];
						if (!corners.every((corner) => lit.regions[corner] === number)) return;
						const { r, g, b } = toLight(parse(`#${code.toString(16).padStart(6, '0')}`))!;
						[r, g, b, 1].forEach((each, channel) => (sum[channel]! += each));
					});
					const [r, g, b, count] = sum as [number, number, number, number];
					expect(count, `${form} ${region}`).toBeGreaterThan(60);
					const shown = asRgb([r / count, g / count, b / count]);
					expect(deltaE(shown, asRgb(ours[region])), `${form} ${region}`).toBeLessThan(1.5);
				});
				for (const region of LIT_REGIONS) for (const x of ours[region]) expect(x).toBeLessThanOrEqual(1);
			}
	});
});

describe('what painters know of light (common practice, no source)', () => {
	it('a dull grey body in warm light has a warm highlight, and a neutral one in white light', () => {
		const grey: Lighting = { ...LIGHTINGS[0]!, object: linear('#606060') };
		const lit = litForm('sphere', 'left');
		expect(temperature(regionColours(grey, lit).highlight)).toBe('warm');
		const white = { ...grey, key: linear('#e6e6e6'), ambient: linear('#555555') };
		expect(temperature(regionColours(white, lit).highlight)).toBe('neutral');
	});

	it('without any light all is black; a lamp from the right makes the mirrored picture', () => {
		const night: Lighting = { ...LIGHTINGS[0]!, key: [0, 0, 0], ambient: [0, 0, 0] };
		for (const region of Object.values(regionColours(night, litForm('cone', 'left'))))
			expect(region).toEqual([0, 0, 0]);
		const [left, right] = [litForm('box', 'left').regions, litForm('box', 'right').regions];
		const row = 400 * FINE_WIDTH;
		const mirrored = [...right.subarray(row, row + FINE_WIDTH)].reverse();
		expect([...left.subarray(row, row + FINE_WIDTH)]).toEqual(mirrored);
	});
});

describe('degrees', () => {
	it('at every degree, for every form, the two regions most alike differ by what it promises, as codes too (ΔE00 of culori)', () => {
		for (const form of FORMS)
			for (const degree of [0, 1, 2, 3] as const satisfies readonly LitDegree[])
				for (let seed = 1; seed <= 24; seed++) {
					const lit = litForm(form, 'left');
					const colours = regionColours(drawnLighting(lit, degree, seed), lit);
					const codes = LIT_REGIONS.map((region) => linearToHex(...colours[region]));
					const apart = codes.flatMap((one, i) => codes.slice(i + 1).map((other) => deltaE(one, other)));
					const { least, most } = LIT_DEGREES[degree];
					expect(Math.min(...apart), `${form} ${degree} ${seed}`).toBeGreaterThan(least - 0.35);
					expect(Math.min(...apart), `${form} ${degree} ${seed}`).toBeLessThan(most + 0.35);
				}
		expect(LIT_DEGREES.at(-1)!.least).toBe(3);
		expect(LIT_DEGREES[0].most).toBe(20);
	});

	it('the same seed draws the same lights, another one others', () => {
		const lit = litForm('sphere', 'left');
		expect(drawnLighting(lit, 1, 5)).toEqual(drawnLighting(lit, 1, 5));
		expect(drawnLighting(lit, 1, 6)).not.toEqual(drawnLighting(lit, 1, 5));
	});
});
