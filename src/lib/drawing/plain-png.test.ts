import { deflateSync } from 'node:zlib';
import fc from 'fast-check';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { pngChunk, pngFile } from '../../../tests/support/png-chunks';
import { sizeOfPlainPng } from './plain-png';
import { rasterAddress, rasterOfAddress } from './raster-png';

const MOST = 1_000_000;
const address = (bytes: Buffer): string => `data:image/png;base64,${bytes.toString('base64')}`;
const raw = (width: number, height: number): Buffer => Buffer.alloc((3 * width + 1) * height);

describe('pixels out of a file', () => {
	it('are what was written, whatever the size, and what another library reads', async () => {
		await fc.assert(
			fc.asyncProperty(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 }), async (columns, rows) => {
				const codes = Uint32Array.from({ length: columns * rows }, (_, i) => (i * 7919) & 0xffffff);
				const written = rasterAddress({ kind: 'raster', x: 0, y: 0, width: 1, height: 1, columns, codes });
				expect(rasterOfAddress(written, MOST)).toEqual({ columns, codes });
				const { data } = await sharp(Buffer.from(written.split(',')[1]!, 'base64'))
					.raw()
					.toBuffer({ resolveWithObject: true });
				expect(data.readUIntBE(data.length - 3, 3)).toBe(codes.at(-1));
			}),
			{ numRuns: 40 }
		);
	});

	it('a file that says 1 × 1 and unpacks to 300 MB is refused in a moment, and so is one that says too little or too much', () => {
		const bomb = pngFile({ width: 1, height: 1 }, deflateSync(Buffer.alloc(300_000_000), { level: 9 }));
		expect(bomb.length).toBeLessThan(400_000);
		const before = process.memoryUsage().arrayBuffers;
		expect(rasterOfAddress(address(bomb), MOST)).toBeNull();
		// As little comes out as is needed to see that it is too much.
		expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(50_000_000);
		const packed = deflateSync(raw(20, 10));
		expect(sizeOfPlainPng(pngFile({ width: 20, height: 10 }, packed), MOST)).toEqual({ width: 20, height: 10 });
		for (const size of [
			{ width: 19, height: 10 },
			{ width: 20, height: 11 },
			{ width: 0, height: 10 },
			{ width: 2 ** 31, height: 2 ** 31 }
		])
			expect(sizeOfPlainPng(pngFile(size, packed), MOST), JSON.stringify(size)).toBeNull();
		expect(sizeOfPlainPng(pngFile({ width: 20, height: 10 }, packed), 199)).toBeNull();
	});

	it('nothing else is unpacked: no profile, no text, no other kind of pixels, nothing cut off', () => {
		const packed = deflateSync(raw(20, 10));
		const profile = pngChunk(
			'iCCP',
			Buffer.concat([Buffer.from('p\0\0', 'latin1'), deflateSync(Buffer.alloc(50_000_000))])
		);
		const plain = pngFile({ width: 20, height: 10 }, packed);
		const withProfile = Buffer.concat([plain.subarray(0, 33), profile, plain.subarray(33)]);
		for (const bytes of [
			withProfile,
			plain.subarray(0, -1),
			plain.subarray(0, 60),
			Buffer.from('no picture'),
			Buffer.alloc(0)
		])
			expect(rasterOfAddress(address(bytes), MOST)).toBeNull();
		// Eight bits to each of four samples, or interlaced.
		for (const [at, value] of [
			[25, 6],
			[24, 16],
			[28, 1]
		] as const) {
			const other = Buffer.from(plain);
			other[at] = value;
			expect(sizeOfPlainPng(other, MOST)).toBeNull();
		}
	});
});
