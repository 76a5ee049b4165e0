import { linearToByte } from '../colour/bytes';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { LIT_REGIONS, PER_PIXEL, PICTURE, WALL, type LitForm, type LitRegion, type LitShares } from './lit-shares';

/** A lit body: its own colour, the two lights and what stands behind it, all linear sRGB. */
export interface Lighting {
	readonly object: ReadonlyTriple;
	/** The lamp. */
	readonly key: ReadonlyTriple;
	/** What comes from everywhere, as from the sky. */
	readonly ambient: ReadonlyTriple;
	readonly background: ReadonlyTriple;
	/** How much of the lamp a glossy place throws back: 0 is dull, 1 and a little over as on silk. */
	readonly gloss: number;
}

/** So much of the light that the surroundings take is thrown back into the shadow (our choice). */
export const THROWN_BACK = 1;

type Channel = 0 | 1 | 2;

/** One channel of a place of the form, before the exposure. */
const onForm = ({ object, key, ambient, background, gloss }: Lighting, i: Channel, shares: LitShares): number => {
	const thrownBack = THROWN_BACK * background[i] * (key[i] + ambient[i]);
	return object[i] * (key[i] * shares.lamp + ambient[i] + thrownBack * shares.thrown) + key[i] * gloss * shares.gloss;
};
const onWall = ({ key, ambient, background }: Lighting, i: Channel, lamp: number): number =>
	background[i] * (key[i] * lamp + ambient[i]);

/** By how much all is darkened so that nothing is lighter than a screen can show; 1 where that is not needed. */
export function exposureOf(lighting: Lighting, { most }: LitForm): number {
	const peaks = ([0, 1, 2] as const).flatMap((i) => [onForm(lighting, i, most), onWall(lighting, i, WALL.cosine)]);
	return 1 / Math.max(1, ...peaks);
}

/** The mean colour of each region, in linear light: Lambert's cosine law with a glossy lobe. Linear sRGB 0–1. */
export function regionColours(lighting: Lighting, form: LitForm): Record<LitRegion, Triple> {
	const exposure = exposureOf(lighting, form);
	const colour = (region: LitRegion): Triple =>
		([0, 1, 2] as const).map(
			(i) =>
				exposure *
				(region === 'background'
					? onWall(lighting, i, form.means.background.lamp)
					: onForm(lighting, i, form.means[region]))
		) as Triple;
	return Object.fromEntries(LIT_REGIONS.map((region) => [region, colour(region)])) as Record<LitRegion, Triple>;
}

/** How far one pixel of the wall differs from the next, as a grain: without it a screen shows its steps as bands. */
const GRAIN = 0.02;
const grainAt = (pixel: number): number => 1 + GRAIN * (((Math.imul(pixel + 1, 2654435761) >>> 16) & 255) / 255 - 0.5);

/** The form as it is seen, smooth: a code 0xrrggbb for each pixel, row by row from the top. */
export function litPicture(lighting: Lighting, form: LitForm): Uint32Array {
	const exposure = exposureOf(lighting, form);
	const codes = new Uint32Array(PICTURE.width * PICTURE.height);
	const { pixels } = form;
	// A colour is a sum over shares, so a pixel that the form's edge runs through is the sum over both its parts.
	const parts = ([0, 1, 2] as const).map((i) => {
		const of = (lamp: number, thrown: number, gloss: number): number =>
			exposure * (onForm(lighting, i, { lamp, thrown, gloss }) - onForm(lighting, i, { lamp: 0, thrown: 0, gloss: 0 }));
		return {
			still: exposure * onForm(lighting, i, { lamp: 0, thrown: 0, gloss: 0 }),
			lamp: of(1, 0, 0),
			thrown: of(0, 1, 0),
			gloss: of(0, 0, 1),
			wallStill: exposure * onWall(lighting, i, 0),
			wallLamp: exposure * (onWall(lighting, i, 1) - onWall(lighting, i, 0))
		};
	});
	for (let pixel = 0, at = 0; pixel < codes.length; pixel++, at += PER_PIXEL) {
		let code = 0;
		const grain = grainAt(pixel);
		for (const { still, lamp, thrown, gloss, wallStill, wallLamp } of parts) {
			const covered = pixels[at]!;
			const light =
				still * covered +
				lamp * pixels[at + 1]! +
				thrown * pixels[at + 2]! +
				gloss * pixels[at + 3]! +
				grain * (wallStill * (1 - covered) + wallLamp * pixels[at + 4]!);
			code = (code << 8) | linearToByte(light);
		}
		codes[pixel] = code;
	}
	return codes;
}
