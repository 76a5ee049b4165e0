import sharp, { type Metadata } from 'sharp';
import { LONGEST_KEPT, MOST_KEPT, MOST_PIXELS } from '$lib/model/picture';
import { Refusal } from '../answer';
import { kindOfBytes } from './kind-of-bytes';
import { nameOfProfile } from './profile';

/** A picture as it is kept: re-encoded, with nothing of the file but its pixels. */
export interface Kept {
	/** JPEG where it came in a form that loses, PNG where it came in one that does not, or can be seen through. */
	readonly bytes: Buffer;
	readonly width: number;
	readonly height: number;
	readonly says: readonly string[];
}

const READ = 'a PNG, JPEG, WebP, AVIF, GIF or TIFF';
/** Forms whose pixels come out as they went in. */
const LOSSLESS: readonly (string | undefined)[] = ['png', 'gif', 'tiff'];
/** Seconds that decoding may take. */
const TIME = 20;

const notRead = (what: string): Refusal =>
	new Refusal(415, 'not-read', `${what} is not read here.`, `Bring ${READ}; most programs can save one.`);
const noPicture = (): Refusal => new Refusal(415, 'no-picture', 'This is not a picture.', `Bring ${READ}.`);
const damaged = (): Refusal =>
	new Refusal(
		422,
		'damaged',
		'The picture is damaged: it cannot be read to its end.',
		'Bring it again from where it came.'
	);
const millions = (pixels: number): string => (pixels / 1e6).toFixed(pixels < 1e7 ? 1 : 0);
const tooLarge = (width: number, height: number): Refusal =>
	new Refusal(
		413,
		'too-many-pixels',
		`The picture has ${width} × ${height} pixels, ${millions(width * height)} million.`,
		`At most ${millions(MOST_PIXELS)} million are read. Save it smaller.`
	);

/** What the file says of itself, before a pixel is decoded. @throws Refusal */
async function headOf(bytes: Uint8Array): Promise<Metadata> {
	const kind = kindOfBytes(bytes);
	if (kind === null) throw noPicture();
	if (!kind.read) throw notRead(kind.name);
	try {
		return await sharp(bytes, { limitInputPixels: false }).metadata();
	} catch {
		throw damaged();
	}
}

/** Width and height of what is kept, the same shape as the whole. */
function keptSize(width: number, height: number): { width: number; height: number } {
	const scale = Math.min(1, Math.sqrt(MOST_KEPT / (width * height)), LONGEST_KEPT / Math.max(width, height));
	const side = (length: number): number => Math.max(1, Math.min(LONGEST_KEPT, Math.round(length * scale)));
	return { width: side(width), height: side(height) };
}

function sayings({ icc, pages = 1, format, width, height }: Metadata, kept: { width: number; height: number }) {
	const says: string[] = [];
	const profile = icc && nameOfProfile(icc);
	if (profile && !/srgb/i.test(profile))
		says.push(`Its colours were converted from “${profile}” to sRGB; what lies beyond sRGB is clipped to it.`);
	if (pages > 1) says.push(format === 'tiff' ? 'Only its first page is taken.' : 'Only its first picture is taken.');
	if (width * height > 1.001 * kept.width * kept.height)
		says.push(`It is kept at ${kept.width} × ${kept.height} pixels.`);
	return says;
}

/**
 * Takes a picture in: its profile converted to sRGB, turned upright as it says, reduced to what is kept, and written anew, so that
 * nothing else of the file is kept: no place where it was taken, no other private data, nothing that could be run.
 * @throws Refusal for what is no picture, a kind that is not read, one that is damaged, or too large.
 */
export async function takeIn(bytes: Uint8Array): Promise<Kept> {
	const head = await headOf(bytes);
	const { width, height, orientation = 1 } = head;
	// Said by the file itself: no bomb is unpacked to find out.
	if (width * height > MOST_PIXELS) throw tooLarge(width, height);
	const size = orientation > 4 ? keptSize(height, width) : keptSize(width, height);
	const upright = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'truncated', sequentialRead: true })
		.timeout({ seconds: TIME })
		.autoOrient()
		.resize({ ...size, fit: 'fill', kernel: 'lanczos3' })
		.toColourspace('srgb');
	const exact = LOSSLESS.includes(head.format) || head.hasAlpha;
	try {
		const written = exact
			? upright.png({ compressionLevel: 6 })
			: upright.jpeg({ quality: 95, chromaSubsampling: '4:4:4' });
		const { data, info } = await written.toBuffer({ resolveWithObject: true });
		return { bytes: data, width: info.width, height: info.height, says: sayings(head, info) };
	} catch {
		throw damaged();
	}
}
