import { Unzlib } from 'fflate';

/** A PNG's first eight bytes, and what a chunk has beside its content (PNG, third edition, 5.2 and 5.3). */
const SIGNATURE = [137, 80, 78, 71, 13, 10, 26, 10];
const LENGTH = 4;
const BESIDE = 12;
/** Colour type 2 has three samples to a pixel (11.2.1). */
const TRUECOLOUR = 2;

/** So little is unpacked at a time that what comes out of it is never much: deflate makes at most 1032 bytes of one (RFC 1951). */
const AT_ONCE = 4096;

interface Chunk {
	readonly name: string;
	readonly content: Uint8Array;
}

function* chunksOf(png: Uint8Array): Generator<Chunk> {
	const view = new DataView(png.buffer, png.byteOffset, png.byteLength);
	for (let at = SIGNATURE.length; at < png.length;) {
		const length = view.getUint32(at);
		if (at + length + BESIDE > png.length) throw new RangeError('It is cut off.');
		const from = at + LENGTH + 4;
		const name = String.fromCharCode(...png.subarray(at + LENGTH, from));
		yield { name, content: png.subarray(from, from + length) };
		at += length + BESIDE;
	}
}

/** Whether what is packed unpacks to just so many bytes; stops as soon as there are more. */
function unpacksTo(parts: readonly Uint8Array[], bytes: number): boolean {
	let out = 0;
	const unpacking = new Unzlib((some) => void (out += some.length));
	for (const [i, part] of parts.entries())
		for (let at = 0; at < part.length; at += AT_ONCE) {
			const last = i === parts.length - 1 && at + AT_ONCE >= part.length;
			unpacking.push(part.subarray(at, at + AT_ONCE), last);
			if (out > bytes) return false;
		}
	return out === bytes;
}

/**
 * The size of a PNG in its plainest form, as ours are: eight bits to each of three samples, not interlaced, with nothing in it but its
 * head and pixels, which unpack to just as many bytes as the head says. Reckoned before a decoder sees it, so that it is never more.
 * @param mostPixels that it may have
 * @returns null for any other file
 */
export function sizeOfPlainPng(png: Uint8Array, mostPixels: number): { width: number; height: number } | null {
	if (SIGNATURE.some((byte, i) => png[i] !== byte)) return null;
	try {
		const [head, ...others] = [...chunksOf(png)];
		if (head?.name !== 'IHDR' || head.content.length !== 13) return null;
		const view = new DataView(head.content.buffer, head.content.byteOffset);
		const [width, height] = [view.getUint32(0), view.getUint32(4)];
		const [depth, type, ...ways] = head.content.subarray(8);
		if (depth !== 8 || type !== TRUECOLOUR || ways.some((way) => way !== 0)) return null;
		if (width * height === 0 || width * height > mostPixels) return null;
		const end = others.pop();
		if (end?.name !== 'IEND' || others.some(({ name }) => name !== 'IDAT')) return null;
		const packed = others.map(({ content }) => content);
		// Before each line stands a byte that says how it was filtered (9.2).
		return unpacksTo(packed, height * (1 + 3 * width)) ? { width, height } : null;
	} catch {
		// It ends in the middle of a chunk, or what is packed in it is damaged.
		return null;
	}
}
