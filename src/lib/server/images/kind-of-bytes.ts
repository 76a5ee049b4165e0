/** What a file is by its first bytes, whatever it is called. */
interface KindOfFile {
	readonly name: string;
	/** Whether it is read here. */
	readonly read: boolean;
}

const HEAD = 64;

/** Beginnings of files by their published formats, as text with bytes for letters; `.` stands for any. */
const BEGINNINGS: readonly (readonly [beginning: RegExp, name: string, read: boolean])[] = [
	[/^\x89PNG\r\n\x1a\n/, 'PNG', true],
	[/^\xff\xd8\xff/, 'JPEG', true],
	[/^RIFF....WEBP/s, 'WebP', true],
	[/^GIF8[79]a/, 'GIF', true],
	[/^(?:II[*+]\0|MM\0[*+])/, 'TIFF', true],
	[/^....ftyp(?:avif|avis)/s, 'AVIF', true],
	[/^....ftyp.{4,40}avif/s, 'AVIF', true],
	[/^....ftyp(?:hei|hev|mif|msf)/s, 'HEIC', false],
	[/^BM.{4}\0\0\0\0/s, 'BMP', false],
	[/^%PDF-/, 'A PDF', false],
	[/^8BPS/, 'A file of layers', false],
	[/^(?:\xff\x0a|\0\0\0\x0cJXL )/, 'JPEG XL', false],
	[/^\0\0\0\x0cjP {2}/, 'JPEG 2000', false],
	[/^\s*(?:<\?xml[^>]*>\s*)?(?:<!--.*?-->\s*)?<svg/is, 'SVG', false],
	[/^(?:\0\0\x01\0|\0\0\x02\0)/, 'An icon', false]
];

/** @returns null for what is no picture at all. */
export function kindOfBytes(bytes: Uint8Array): KindOfFile | null {
	const head = Buffer.from(bytes.buffer, bytes.byteOffset, Math.min(HEAD, bytes.length)).toString('latin1');
	const found = BEGINNINGS.find(([beginning]) => beginning.test(head));
	return found ? { name: found[1], read: found[2] } : null;
}

/** The content type of what is kept, which is only ever one of two. */
export const typeOfKept = (bytes: Uint8Array): 'image/png' | 'image/jpeg' =>
	kindOfBytes(bytes)?.name === 'PNG' ? 'image/png' : 'image/jpeg';
