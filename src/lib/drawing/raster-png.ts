import { encode } from 'fast-png';
import { type Of } from './drawing';

/** A raster as a PNG file, eight bits to a channel. */
export function rasterPng({ columns, codes }: Of<'raster'>): Uint8Array {
	const data = new Uint8Array(3 * codes.length);
	codes.forEach((code, i) => {
		data[3 * i] = code >> 16;
		data[3 * i + 1] = (code >> 8) & 0xff;
		data[3 * i + 2] = code & 0xff;
	});
	return encode({ width: columns, height: codes.length / columns, data, channels: 3, depth: 8 });
}

/** Bytes to a call: a function takes only so many arguments. */
const CHUNK = 0x8000;

/** A raster as the address of a picture that carries its own data. */
export function rasterAddress(shape: Of<'raster'>): string {
	const bytes = rasterPng(shape);
	let text = '';
	for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
	return `data:image/png;base64,${btoa(text)}`;
}
