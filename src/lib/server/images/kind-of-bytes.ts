/** What a file is, whatever it is called. */
interface KindOfFile {
	readonly name: string;
	/** Whether it is read here. */
	readonly read: boolean;
}

/** Letters of a file, as bytes, that stand from so many on. */
type Letters = readonly [at: number, letters: string];

interface Beginning extends KindOfFile {
	/** All of these. */
	readonly has: readonly Letters[];
}

/** Beginnings of files by their published formats. */
const BEGINNINGS: readonly Beginning[] = [
	{ name: 'PNG', read: true, has: [[0, '\x89PNG\r\n\x1a\n']] },
	{ name: 'JPEG', read: true, has: [[0, '\xff\xd8\xff']] },
	{
		name: 'WebP',
		read: true,
		has: [
			[0, 'RIFF'],
			[8, 'WEBP']
		]
	},
	{ name: 'GIF', read: true, has: [[0, 'GIF87a']] },
	{ name: 'GIF', read: true, has: [[0, 'GIF89a']] },
	{ name: 'TIFF', read: true, has: [[0, 'II*\0']] },
	{ name: 'TIFF', read: true, has: [[0, 'MM\0*']] },
	{ name: 'AVIF', read: true, has: [[4, 'ftypavif']] },
	{
		name: 'AVIF',
		read: true,
		has: [
			[4, 'ftypmif1'],
			[16, 'avif']
		]
	},
	{
		name: 'AVIF',
		read: true,
		has: [
			[4, 'ftypmif1'],
			[20, 'avif']
		]
	},
	{ name: 'A moving AVIF', read: false, has: [[4, 'ftypavis']] },
	{ name: 'HEIC', read: false, has: [[4, 'ftyphe']] },
	{ name: 'HEIC', read: false, has: [[4, 'ftypmif1']] },
	{ name: 'A film', read: false, has: [[4, 'ftyp']] },
	{
		name: 'BMP',
		read: false,
		has: [
			[0, 'BM'],
			[6, '\0\0\0\0']
		]
	},
	{ name: 'A PDF', read: false, has: [[0, '%PDF-']] },
	{ name: 'A file of layers', read: false, has: [[0, '8BPS']] },
	{ name: 'JPEG XL', read: false, has: [[0, '\xff\x0a']] },
	{ name: 'JPEG XL', read: false, has: [[4, 'JXL ']] },
	{ name: 'JPEG 2000', read: false, has: [[4, 'jP  ']] },
	{ name: 'An icon', read: false, has: [[0, '\0\0\x01\0']] },
	{ name: 'SVG', read: false, has: [[0, '<svg']] }
];

const HEAD = 200;

/** What a file is by its first letters. @returns null for what is no picture at all */
export function kindOfBytes(bytes: Uint8Array): KindOfFile | null {
	const head = Buffer.from(bytes.buffer, bytes.byteOffset, Math.min(HEAD, bytes.length)).toString('latin1');
	// A drawing may say first that it is XML.
	const text = head.replace(/^<\?xml[^>]*>\s*/, '');
	const found = BEGINNINGS.find(({ has }) => has.every(([at, letters]) => text.startsWith(letters, at)));
	return found ? { name: found.name, read: found.read } : null;
}

/** The content type of what is kept, which is only ever one of two. */
export const typeOfKept = (bytes: Uint8Array): 'image/png' | 'image/jpeg' =>
	kindOfBytes(bytes)?.name === 'PNG' ? 'image/png' : 'image/jpeg';
