import { decode, encode } from 'fast-png';
import { type Of } from './drawing';
import { sizeOfPlainPng } from './plain-png';

/** A raster as a PNG file, eight bits to a channel. */
function rasterPng({ columns, codes }: Of<'raster'>): Uint8Array {
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

function bytesOf(address: string): Uint8Array {
	const letters = atob(address.slice(ADDRESS.length));
	const bytes = new Uint8Array(letters.length);
	for (let i = 0; i < bytes.length; i++) bytes[i] = letters.charCodeAt(i);
	return bytes;
}

/** The pixels of a PNG that carries its own data and was written by us; null where it is another, or has more pixels than that. */
export function rasterOfAddress(address: string, mostPixels: number): Pick<Of<'raster'>, 'columns' | 'codes'> | null {
	try {
		const bytes = bytesOf(address);
		if (!sizeOfPlainPng(bytes, mostPixels)) return null;
		const { width, height, data } = decode(bytes);
		const codes = new Uint32Array(width * height);
		for (let i = 0; i < codes.length; i++) codes[i] = (data[3 * i]! << 16) | (data[3 * i + 1]! << 8) | data[3 * i + 2]!;
		return { columns: width, codes };
	} catch {
		return null;
	}
}
