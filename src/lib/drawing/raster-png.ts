import { decode, encode } from 'fast-png';
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

const ADDRESS = 'data:image/png;base64,';

/** Bytes to a call: a function takes only so many arguments. */
const CHUNK = 0x8000;

/** A raster as the address of a picture that carries its own data. */
export function rasterAddress(shape: Of<'raster'>): string {
	const bytes = rasterPng(shape);
	let text = '';
	for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
	return `${ADDRESS}${btoa(text)}`;
}

/** Where a PNG says how many pixels it has (PNG, third edition, 11.2.1), in bytes from its beginning. */
const WIDTH_AT = 16;

/** The pixels of a PNG that carries its own data and was written by us; null where it is another, or has more pixels than that. */
export function rasterOfAddress(address: string, mostPixels: number): Pick<Of<'raster'>, 'columns' | 'codes'> | null {
	try {
		const bytes = Uint8Array.from(atob(address.slice(ADDRESS.length)), (letter) => letter.charCodeAt(0));
		// Read from its head, before anything is unpacked.
		const head = new DataView(bytes.buffer);
		if (head.getUint32(WIDTH_AT) * head.getUint32(WIDTH_AT + 4) > mostPixels) return null;
		const { width, height, data, channels, depth } = decode(bytes);
		if (channels !== 3 || depth !== 8) return null;
		const codes = Uint32Array.from(
			{ length: width * height },
			(_, i) => (data[3 * i]! << 16) | (data[3 * i + 1]! << 8) | data[3 * i + 2]!
		);
		return { columns: width, codes };
	} catch {
		return null;
	}
}
