import sharp from 'sharp';
import { type Pixels } from '$lib/core/picture/square';
import { type Drawing, type Of, type SeenAs } from '$lib/drawing/drawing';
import { seenPixels } from '$lib/drawing/seen-pixels';
import { type PictureSource } from '$lib/drawing/svg';
import { pictureBytes } from './kept-pictures';
import { typeOfKept } from './kind-of-bytes';

/** The plain pixels of what is kept, no longer than so many along its longer side. */
async function pixelsOf(bytes: Buffer, longest: number): Promise<Pixels> {
	const { data, info } = await sharp(bytes)
		.resize({ width: longest, height: longest, fit: 'inside', withoutEnlargement: true })
		.ensureAlpha()
		.raw()
		.toBuffer({ resolveWithObject: true });
	return { rgba: data, width: info.width, height: info.height };
}

const isPlain = (seen: SeenAs): boolean => seen.as === 'itself' && (!seen.view || seen.view.kind === 'colour');

/** Whether a file can be read to its end: decoded as a stream into a few pixels, which takes no memory. */
async function isWhole(bytes: Buffer): Promise<boolean> {
	const few = sharp(bytes, { failOn: 'truncated', sequentialRead: true })
		.resize(8, 8, { fit: 'fill' })
		.raw()
		.toBuffer();
	return few.then(
		() => true,
		() => false
	);
}

/** A picture as it is seen, as the bytes of a JPEG or a PNG file; null where it is not here, or damaged: it is drawn as missing. */
async function fileOf({ id, seen }: Of<'image'>, longest: number): Promise<Buffer | null> {
	const bytes = await pictureBytes(id);
	if (!bytes || !(await isWhole(bytes))) return null;
	if (isPlain(seen) && longest === Infinity) return bytes;
	const picture = await pixelsOf(bytes, Math.min(longest, MOST_SIDE));
	const { width, height } = picture;
	const image = sharp(seenPixels(picture, seen), { raw: { width, height, channels: 4 } });
	return isPlain(seen) && typeOfKept(bytes) === 'image/jpeg'
		? image.flatten().jpeg({ quality: 86 }).toBuffer()
		: image.png({ compressionLevel: 6 }).toBuffer();
}

/** No kept picture is longer. */
const MOST_SIDE = 6000;

/** The pictures of a drawing as files, by their shapes. @param longest pixels along the longer side of each */
export async function pictureFiles({ shapes }: Drawing, longest = Infinity): Promise<ReadonlyMap<object, Buffer>> {
	const found = new Map<object, Buffer>();
	for (const shape of shapes) {
		if (shape.kind !== 'image') continue;
		const file = await fileOf(shape, longest);
		if (file) found.set(shape, file);
	}
	return found;
}

/** The same as data that stands in an SVG. */
export async function pictureSources(drawing: Drawing, longest = Infinity): Promise<PictureSource> {
	const files = await pictureFiles(drawing, longest);
	return (shape) => {
		const file = files.get(shape);
		return file ? `data:${typeOfKept(file)};base64,${file.toString('base64')}` : null;
	};
}
