import { converter, differenceCiede2000 } from 'culori';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { MOST_KEPT, MOST_PIXELS } from '$lib/model/picture';
import { matrixProfile } from '../../../../tests/support/profiles';
import { deflatedZeros, pngOf } from '../../../../tests/support/png-chunks';
import { Refusal } from '../answer';
import { kindOfBytes } from './kind-of-bytes';
import { takeIn } from './take-in';

const rgb = converter('rgb');
const apart = differenceCiede2000();

/** A plain picture of one colour, by its bytes in whatever space the file says. */
const plain = (bytes: readonly [number, number, number], width = 40, height = 30) =>
	sharp(Buffer.from(Array.from({ length: width * height }, () => bytes).flat()), {
		raw: { width, height, channels: 3 }
	});

const firstPixel = async (bytes: Buffer): Promise<{ mode: 'rgb'; r: number; g: number; b: number }> => {
	const { data } = await sharp(bytes).removeAlpha().raw().toBuffer({ resolveWithObject: true });
	return { mode: 'rgb', r: data[0]! / 255, g: data[1]! / 255, b: data[2]! / 255 };
};

async function refusalOf(bytes: Uint8Array): Promise<Refusal> {
	const found = await takeIn(bytes).then(
		() => null,
		(error: unknown) => error
	);
	expect(found).toBeInstanceOf(Refusal);
	return found as Refusal;
}

/** A code as a share. */
const clip = (x: number): number => Math.min(1, Math.max(0, x));

describe('profiles', () => {
	// The codes of dyes, of greys, and of colours at the edge; in display-p3 some of them lie beyond sRGB.
	const CODES: readonly (readonly [number, number, number])[] = [
		[179, 57, 43],
		[217, 176, 54],
		[47, 95, 134],
		[128, 128, 128],
		[250, 250, 250],
		[20, 18, 25],
		[255, 0, 0],
		[0, 255, 0],
		[40, 230, 90]
	];

	it.each(CODES)(
		'display-p3 %i %i %i comes out as culori converts it, clipped to sRGB, within 1 ΔE00',
		async (...code) => {
			const file = await plain(code).withIccProfile('p3', { attach: true }).png().toBuffer();
			// The file's own bytes: the image library has converted them when it wrote the profile.
			const { data } = await sharp(file, { ignoreIcc: true }).raw().toBuffer({ resolveWithObject: true });
			const wanted = rgb({ mode: 'p3', r: data[0]! / 255, g: data[1]! / 255, b: data[2]! / 255 });
			const { bytes, says } = await takeIn(file);
			const clipped = { mode: 'rgb' as const, r: clip(wanted.r), g: clip(wanted.g), b: clip(wanted.b) };
			expect(apart(await firstPixel(bytes), clipped)).toBeLessThan(1);
			expect(says.join()).toMatch(/converted from “.*P3.*” to sRGB; what lies beyond sRGB is clipped/);
		}
	);

	it.each(CODES)('ITU-R BT.2020 %i %i %i by a matrix profile, clipped to sRGB, within 1 ΔE00', async (...code) => {
		const file = pngOf(plain(code), matrixProfile());
		const { bytes, says } = await takeIn(await file);
		// The profile's curve is that of sRGB, so that only the primaries are judged: linear light from culori's rec2020 by its matrix.
		const linear = code.map((byte) => {
			const v = byte / 255;
			return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
		});
		// Primaries of ITU-R BT.2020 to those of ITU-R BT.709, both D65 (ITU-R BT.2087-0, annex 2).
		const M = [
			[1.660491, -0.587641, -0.07285],
			[-0.12455, 1.1329, -0.008349],
			[-0.018151, -0.100579, 1.11873]
		];
		const [r, g, b] = M.map((row) => clip(row.reduce((sum, each, i) => sum + each * linear[i]!, 0)));
		expect(apart(await firstPixel(bytes), rgb({ mode: 'lrgb', r: r!, g: g!, b: b! }))).toBeLessThan(1);
		expect(says.join()).toContain('Test primaries');
	});

	it('says nothing where there is nothing to say', async () => {
		expect((await takeIn(await plain([179, 57, 43]).png().toBuffer())).says).toEqual([]);
		expect((await takeIn(await plain([1, 2, 3]).withIccProfile('srgb').png().toBuffer())).says).toEqual([]);
	});
});

describe('what becomes of a picture', () => {
	/** Left half red, right half blue. */
	const halves = () => {
		const row = [
			...Array.from({ length: 20 }, () => [200, 30, 30]),
			...Array.from({ length: 20 }, () => [30, 30, 200])
		];
		return sharp(Buffer.from(Array.from({ length: 20 }, () => row).flat(2)), {
			raw: { width: 40, height: 20, channels: 3 }
		});
	};
	// Exif 2.3, tag 274: where row 0 and column 0 of the file lie in the picture as it is to be seen.
	const RED: Readonly<Record<number, 'left' | 'right' | 'top' | 'bottom'>> = {
		1: 'left',
		2: 'right',
		3: 'right',
		4: 'left',
		5: 'top',
		6: 'top',
		7: 'bottom',
		8: 'bottom'
	};

	it.each(Object.entries(RED))('orientation %s is followed: the red is at the %s', async (orientation, where) => {
		const file = await halves()
			.withMetadata({ orientation: Number(orientation) })
			.png()
			.toBuffer();
		const { bytes, width, height } = await takeIn(file);
		expect([width, height]).toEqual(where === 'left' || where === 'right' ? [40, 20] : [20, 40]);
		const { data, info } = await sharp(bytes).raw().toBuffer({ resolveWithObject: true });
		const at = { left: [2, 10], right: [37, 10], top: [10, 2], bottom: [10, 37] }[where]!;
		const pixel = (at[1]! * info.width + at[0]!) * info.channels;
		expect(data[pixel]!).toBeGreaterThan(150);
		expect(data[pixel + 2]!).toBeLessThan(60);
	});

	it('nothing but pixels is kept: no position, no camera, no text, no profile', async () => {
		const exif = {
			IFD0: { Artist: 'Somebody', Copyright: 'Secret' },
			IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' }
		};
		for (const file of [
			await plain([90, 90, 20]).withExif(exif).jpeg().toBuffer(),
			await plain([90, 90, 20]).withExif(exif).webp().toBuffer(),
			await plain([90, 90, 20]).withExif(exif).png().toBuffer()
		]) {
			expect(file.includes('Secret')).toBe(true);
			const { bytes } = await takeIn(file);
			const { exif: kept, xmp, iptc, icc } = await sharp(bytes).metadata();
			expect([kept, xmp, iptc, icc]).toEqual([undefined, undefined, undefined, undefined]);
			expect(bytes.includes('Secret')).toBe(false);
		}
	});

	it.each(['png', 'jpeg', 'webp', 'avif', 'gif', 'tiff'] as const)(
		'%s is read, and comes out as it went in',
		async (format) => {
			const file = await plain([60, 120, 180]).toFormat(format, { quality: 100 }).toBuffer();
			const { bytes, width, height } = await takeIn(file);
			expect([width, height]).toEqual([40, 30]);
			expect(apart(await firstPixel(bytes), { mode: 'rgb', r: 60 / 255, g: 120 / 255, b: 180 / 255 })).toBeLessThan(
				1.5
			);
			const kept = kindOfBytes(bytes)!.name;
			expect(kept).toBe(['png', 'gif', 'tiff'].includes(format) ? 'PNG' : 'JPEG');
		}
	);

	it('pixels of a lossless file are kept to the code, transparent ones as transparent', async () => {
		const pixels = Buffer.from(
			Array.from({ length: 64 }, (_, i) => [(i * 37) % 256, (i * 91) % 256, (i * 11) % 256, i % 3 ? 255 : 0]).flat()
		);
		const { bytes } = await takeIn(
			await sharp(pixels, { raw: { width: 8, height: 8, channels: 4 } })
				.png()
				.toBuffer()
		);
		const kept = await sharp(bytes).raw().toBuffer();
		for (let i = 0; i < 64; i++) {
			expect(kept[4 * i + 3]).toBe(i % 3 ? 255 : 0);
			if (i % 3) expect([...kept.subarray(4 * i, 4 * i + 3)]).toEqual([...pixels.subarray(4 * i, 4 * i + 3)]);
		}
	});

	it('a grey file, one of four inks, and one of 16 bits become plain sRGB', async () => {
		const grey = await plain([128, 128, 128]).toColourspace('b-w').png().toBuffer();
		const inks = await plain([128, 128, 128]).toColourspace('cmyk').jpeg({ quality: 100 }).toBuffer();
		const deep = await plain([128, 128, 128]).toColourspace('rgb16').png().toBuffer();
		// Inks without a profile mean different colours on every press: the library's estimate is taken.
		for (const [file, near] of [
			[grey, 1],
			[inks, 8],
			[deep, 1]
		] as const) {
			const { bytes } = await takeIn(file);
			const { channels, space, depth } = await sharp(bytes).metadata();
			expect([channels, space, depth]).toEqual([3, 'srgb', 'uchar']);
			expect(apart(await firstPixel(bytes), { mode: 'rgb', r: 0.502, g: 0.502, b: 0.502 })).toBeLessThan(near);
		}
	});

	it('a large one is reduced to two million pixels, its shape kept, and that is said; of several the first is taken', async () => {
		const large = await takeIn(await plain([9, 99, 199], 3000, 2000).jpeg().toBuffer());
		expect(large.width * large.height).toBeLessThanOrEqual(MOST_KEPT * 1.001);
		expect(large.width / large.height).toBeCloseTo(1.5, 2);
		expect(large.says).toEqual([`It is kept at ${large.width} × ${large.height} pixels.`]);
		const frames = Buffer.from(
			[...Array.from({ length: 100 }, () => [250, 0, 0]), ...Array.from({ length: 100 }, () => [0, 0, 250])].flat()
		);
		const moving = await sharp(frames, { raw: { width: 10, height: 20, channels: 3, pageHeight: 10 } })
			.gif()
			.toBuffer();
		const first = await takeIn(moving);
		expect([first.height, (await firstPixel(first.bytes)).r > 0.9]).toEqual([10, true]);
		expect(first.says).toEqual(['Only its first picture is taken.']);
	});
});

describe('what is refused', () => {
	it('tells apart what is no picture, a kind that is not read, one that is damaged, and one that is too large', async () => {
		const text = await refusalOf(Buffer.from('Madder, weld, woad'));
		expect([text.status, text.title]).toEqual([415, 'This is not a picture.']);
		expect((await refusalOf(new Uint8Array())).code).toBe('no-picture');
		for (const [file, name] of [
			['<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>', 'SVG'],
			['<?xml version="1.0"?>\n<svg/>', 'SVG'],
			[`BM${'\0'.repeat(60)}`, 'BMP'],
			['\0\0\0\x18ftypheic\0\0\0\0mif1heic', 'HEIC'],
			['%PDF-1.7\n', 'A PDF']
		] as const) {
			const refusal = await refusalOf(Buffer.from(file, 'latin1'));
			expect([refusal.status, refusal.title]).toEqual([415, `${name} is not read here.`]);
			expect(refusal.detail).toContain('Bring a PNG, JPEG, WebP, AVIF, GIF or TIFF');
		}
		for (const whole of [
			await sharp({
				create: {
					width: 300,
					height: 300,
					channels: 3,
					background: '#b3392b',
					noise: { type: 'gaussian', mean: 128, sigma: 40 }
				}
			})
				.jpeg()
				.toBuffer(),
			await sharp({
				create: {
					width: 300,
					height: 300,
					channels: 3,
					background: '#b3392b',
					noise: { type: 'gaussian', mean: 128, sigma: 40 }
				}
			})
				.png()
				.toBuffer()
		]) {
			const cut = await refusalOf(whole.subarray(0, Math.floor(whole.length / 3)));
			expect([cut.status, cut.code]).toEqual([422, 'damaged']);
		}
		const large = await refusalOf(
			await pngOf(sharp({ create: { width: 7100, height: 7100, channels: 3, background: '#fff' } }))
		);
		expect(large.title).toBe('The picture has 7100 × 7100 pixels, 50 million.');
		expect(7100 * 7100).toBeGreaterThan(MOST_PIXELS);
	});

	it('a bomb of 30 000 × 30 000 pixels is refused by what it says, before a pixel of it is unpacked', async () => {
		const bomb = deflatedZeros(30_000, 30_000);
		expect(bomb.length).toBeLessThan(5_000_000);
		// Twice, so that loading the library is not counted.
		await refusalOf(bomb);
		const before = process.memoryUsage().rss;
		const refusal = await refusalOf(bomb);
		expect(refusal.code).toBe('too-many-pixels');
		expect(process.memoryUsage().rss - before).toBeLessThan(100_000_000);
	});
});
