import { crc32, deflateSync } from 'node:zlib';
import { type Sharp } from 'sharp';

/** A chunk of a PNG file (ISO/IEC 15948 §5.3). */
export function pngChunk(name: string, content: Buffer): Buffer {
	const body = Buffer.concat([Buffer.from(name, 'latin1'), content]);
	const bytes = Buffer.alloc(body.length + 8);
	bytes.writeUInt32BE(content.length);
	body.copy(bytes, 4);
	bytes.writeUInt32BE(crc32(body), body.length + 4);
	return bytes;
}

const SIGNATURE = Buffer.from('\x89PNG\r\n\x1a\n', 'latin1');

/** The head of a picture of so many pixels, 8 bits for each of three channels. */
function head(width: number, height: number): Buffer {
	const content = Buffer.alloc(13);
	content.writeUInt32BE(width);
	content.writeUInt32BE(height, 4);
	content.set([8, 2, 0, 0, 0], 8);
	return pngChunk('IHDR', content);
}

/** A picture as PNG with a profile put in as it is, unlike the image library, which would convert the pixels to it. */
export async function pngOf(picture: Sharp, profile: Buffer | null = null): Promise<Buffer> {
	const { data, info } = await picture.removeAlpha().raw().toBuffer({ resolveWithObject: true });
	const row = 3 * info.width;
	const rows = Array.from({ length: info.height }, (_, y) => [Buffer.from([0]), data.subarray(y * row, (y + 1) * row)]);
	const named = profile && pngChunk('iCCP', Buffer.concat([Buffer.from('own\0\0', 'latin1'), deflateSync(profile)]));
	const pixels = pngChunk('IDAT', deflateSync(Buffer.concat(rows.flat()), { level: 1 }));
	return Buffer.concat([
		SIGNATURE,
		head(info.width, info.height),
		...(named ? [named] : []),
		pixels,
		pngChunk('IEND', Buffer.alloc(0))
	]);
}

/** A file that says that it has so many pixels, and has these packed ones, whatever they are. */
export const pngFile = ({ width, height }: { width: number; height: number }, packed: Buffer): Buffer =>
	Buffer.concat([SIGNATURE, head(width, height), pngChunk('IDAT', packed), pngChunk('IEND', Buffer.alloc(0))]);

/** A small file that says that it holds so many pixels, all black, and does. */
export function deflatedZeros(width: number, height: number): Buffer {
	const pixels = deflateSync(Buffer.alloc((3 * width + 1) * Math.min(height, 2000)), { level: 9 });
	return pngFile({ width, height }, pixels);
}
