import sharp from 'sharp';
import { typeOfKept } from './kind-of-bytes';

/** What is kept of a picture as PNG, with the very same pixels; null where it is damaged. */
export async function asPng(kept: Buffer): Promise<Buffer | null> {
	const picture = sharp(kept, { failOn: 'truncated' });
	try {
		if (typeOfKept(kept) !== 'image/png') return await picture.png({ compressionLevel: 6 }).toBuffer();
		await picture.stats();
		return kept;
	} catch {
		return null;
	}
}
