import sharp from 'sharp';
import { typeOfKept } from './kind-of-bytes';

/** What is kept of a picture as PNG, with the very same pixels. */
export const asPng = async (kept: Buffer): Promise<Buffer> =>
	typeOfKept(kept) === 'image/png' ? kept : sharp(kept).png({ compressionLevel: 6 }).toBuffer();
