import { deflateSync } from 'node:zlib';
import { type Of } from '$lib/drawing/drawing';

/** An image as `PDFDocument.image` takes one that stands in the document already. */
interface EmbeddedImage {
	readonly width: number;
	readonly height: number;
	readonly label: string;
	readonly obj: ReturnType<PDFKit.PDFDocument['ref']>;
}

/**
 * Puts the pixels of a raster into a document (ISO 32000-1, 8.9.5: an image XObject of eight bits a sample, packed by FlateDecode). A
 * PNG file made of them would be taken apart again byte by byte, which takes ten times their memory.
 */
export function rasterImage(pdf: PDFKit.PDFDocument, { columns, codes }: Of<'raster'>): EmbeddedImage {
	const samples = new Uint8Array(3 * codes.length);
	for (let i = 0; i < codes.length; i++) {
		const code = codes[i]!;
		samples[3 * i] = code >> 16;
		samples[3 * i + 1] = (code >> 8) & 0xff;
		samples[3 * i + 2] = code & 0xff;
	}
	const [width, height] = [columns, codes.length / columns];
	const obj = pdf.ref({
		Type: 'XObject',
		Subtype: 'Image',
		BitsPerComponent: 8,
		Width: width,
		Height: height,
		ColorSpace: 'DeviceRGB',
		Filter: 'FlateDecode'
	});
	(obj as unknown as { end(content: Uint8Array): void }).end(deflateSync(samples));
	return { width, height, label: `Raster${obj.id}`, obj };
}
