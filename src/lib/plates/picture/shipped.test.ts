import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { differenceEuclidean } from 'culori';
import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { linearToHex } from '$lib/core/colour/bytes';
import { meanOfSquare, spotsAlong, type Pixels } from '$lib/core/picture/square';
import { findPlaces, knownOf, standFor } from '$lib/core/picture/taking';
import { plateOfPicture, plateOfShipped } from './make';
import { ordered } from './picture-edits';
import { picturePlateSchema } from './schema';
import { SHIPPED, type Shipped } from './shipped';
import { type Start } from './start';

const FOLDER = join(import.meta.dirname, '../../server/images/shipped');
const nameOf = ({ picture }: Shipped): string => picture.id.replace(/^shipped/, '');

async function pixelsOf(shipped: Shipped): Promise<Pixels> {
	const { data, info } = await sharp(join(FOLDER, `${nameOf(shipped)}.jpg`))
		.ensureAlpha()
		.raw()
		.toBuffer({ resolveWithObject: true });
	return { rgba: data, width: info.width, height: info.height };
}

/** What is taken from a picture that ships, before it ships. */
async function startOf(shipped: Shipped): Promise<Start> {
	const pixels = await pixelsOf(shipped);
	const { count, emphasis, seed, size, line, order } = plateOfPicture(shipped.picture);
	const found = findPlaces(pixels, { count, emphasis, seed, size, kept: [] });
	const places = ordered(
		found.map((place, i) => ({ id: `place${i}`, ...place })),
		order
	).map(({ x, y, text }) => ({ x, y, text }));
	const of = places.map(({ text }) => text);
	return {
		places,
		known: knownOf(pixels) as Start['known'],
		measured: { of, ...standFor(pixels, of) } as Start['measured'],
		line: spotsAlong(line.from, line.to, line.texts.length).map((spot) =>
			linearToHex(...meanOfSquare(pixels, spot, size)!)
		)
	};
}

// npm run shipped writes what is then checked here.
const WRITES = process.env.RICERCAR_WRITES_STARTS === 'yes';

const asModule = (shipped: Shipped, start: Start): string => {
	const rounded = (_: string, value: unknown): unknown =>
		typeof value === 'number' ? Number(value.toPrecision(6)) : value;
	const content = JSON.stringify(start, rounded, '\t');
	return `import { type Start } from '../start';\n\n/** Written by npm run shipped. */\nexport const ${nameOf(shipped)}: Start = ${content};\n`;
};

describe('pictures that ship', () => {
	it.each(SHIPPED)('$picture.id begins with what is found in its file', async (shipped) => {
		const start = await startOf(shipped);
		if (WRITES)
			await writeFile(join(import.meta.dirname, 'shipped', `${nameOf(shipped)}.ts`), asModule(shipped, start));
		else {
			expect(shipped.start.places).toEqual(start.places);
			expect(shipped.start.line).toEqual(start.line);
			expect(shipped.start.measured.difference).toBeCloseTo(start.measured.difference, 3);
			shipped.start.known.tone.values.forEach((value, i) => expect(value).toBeCloseTo(start.known.tone.values[i]!, 3));
		}
		expect(start.places).toHaveLength(6);
	});

	it.each(SHIPPED)('$picture.id has the size that it says, and light and shade in it', async (shipped) => {
		const { width, height } = await pixelsOf(shipped);
		expect({ width, height }).toEqual({ width: shipped.picture.width, height: shipped.picture.height });
		const [dark, , , , light] = shipped.start.known.tone.values;
		expect(light - dark).toBeGreaterThan(40);
		expect(picturePlateSchema.safeParse(plateOfShipped(shipped)).error).toBeUndefined();
	});

	it('each place has the colour that the picture shows there (culori, mean of light of its square)', async () => {
		const pixels = await pixelsOf(SHIPPED[0]!);
		const apart = differenceEuclidean('rgb');
		for (const { x, y, text } of SHIPPED[0]!.start.places) {
			const sums = [0, 0, 0];
			for (let dy = -6; dy <= 6; dy++)
				for (let dx = -6; dx <= 6; dx++) {
					const at = 4 * ((y + dy) * pixels.width + x + dx);
					[0, 1, 2].forEach((c) => {
						const v = pixels.rgba[at + c]! / 255;
						sums[c] = sums[c]! + (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
					});
				}
			const mean = { mode: 'lrgb' as const, r: sums[0]! / 169, g: sums[1]! / 169, b: sums[2]! / 169 };
			expect(apart(mean, text)).toBeLessThan(0.005);
			expect(linearToHex(...toLinear(readColour(text)))).toBe(text);
		}
	});
});
