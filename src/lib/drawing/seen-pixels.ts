import { hexToNumber } from '$lib/core/colour/code-number';
import { LINEAR_OF_BYTE, linearToByte } from '$lib/core/colour/bytes';
import { luminanceToValue } from '$lib/core/colour/lab';
import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { luminance } from '$lib/core/colour/xyz';
import { reducedTo } from '$lib/core/picture/reduced';
import { type Pixels } from '$lib/core/picture/square';
import { type SeenAs } from './drawing';
import { seenLinear } from './view';
import { type View } from './view-kinds';

/** The pixels of a picture as they are seen, as new bytes; transparent ones stay so. */
export function seenPixels(picture: Pixels, seen: SeenAs): Uint8ClampedArray<ArrayBuffer> {
	if (seen.as === 'itself')
		return seen.view && seen.view.kind !== 'colour' ? inView(picture, seen.view) : new Uint8ClampedArray(picture.rgba);
	const shown = seen.shown.map(hexToNumber);
	if (seen.as === 'values') return painted(picture, shown, valueBand(picture, seen.borders));
	const colours = seen.colours.map((code) => toLinear(readColour(code)));
	const { indices } = reducedTo(picture, colours);
	return painted(picture, shown, (pixel) => indices[pixel]!);
}

/** Each pixel in the code of its number. */
function painted({ rgba }: Pixels, codes: readonly number[], numberOf: (pixel: number) => number) {
	const out = new Uint8ClampedArray(rgba.length);
	for (let pixel = 0, at = 0; at < rgba.length; pixel++, at += 4) {
		out[at + 3] = rgba[at + 3]!;
		if (rgba[at + 3]! < 128) continue;
		const code = codes[numberOf(pixel)]!;
		out[at] = code >> 16;
		out[at + 1] = (code >> 8) & 0xff;
		out[at + 2] = code & 0xff;
	}
	return out;
}

/** Between which borders of value a pixel lies, from 0. */
function valueBand({ rgba }: Pixels, borders: readonly number[]): (pixel: number) => number {
	return (pixel) => {
		const at = 4 * pixel;
		const light = luminance(LINEAR_OF_BYTE[rgba[at]!]!, LINEAR_OF_BYTE[rgba[at + 1]!]!, LINEAR_OF_BYTE[rgba[at + 2]!]!);
		const value = luminanceToValue(light);
		let band = 0;
		while (band < borders.length && value >= borders[band]!) band++;
		return band;
	};
}

function inView({ rgba }: Pixels, view: View): Uint8ClampedArray<ArrayBuffer> {
	const out = new Uint8ClampedArray(rgba.length);
	for (let at = 0; at < rgba.length; at += 4) {
		const [r, g, b] = seenLinear(view, [
			LINEAR_OF_BYTE[rgba[at]!]!,
			LINEAR_OF_BYTE[rgba[at + 1]!]!,
			LINEAR_OF_BYTE[rgba[at + 2]!]!
		]);
		out[at] = linearToByte(r);
		out[at + 1] = linearToByte(g);
		out[at + 2] = linearToByte(b);
		out[at + 3] = rgba[at + 3]!;
	}
	return out;
}

/** A picture so wide at most, by leaving out columns and rows: its pixels are the picture's own. */
export function smaller(picture: Pixels, width: number): Pixels {
	if (picture.width <= width) return picture;
	const height = Math.max(1, Math.round((picture.height * width) / picture.width));
	const from = new Uint32Array(picture.rgba.slice().buffer);
	const to = new Uint32Array(width * height);
	for (let y = 0; y < height; y++) {
		const row = Math.floor(((y + 0.5) * picture.height) / height) * picture.width;
		for (let x = 0; x < width; x++) to[y * width + x] = from[row + Math.floor(((x + 0.5) * picture.width) / width)]!;
	}
	return { rgba: new Uint8ClampedArray(to.buffer), width, height };
}
