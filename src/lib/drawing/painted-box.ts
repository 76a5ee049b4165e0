import { type Box } from './box';

interface Pixels {
	/** Four bytes a pixel, row by row. */
	readonly rgba: Uint8ClampedArray;
	readonly width: number;
	readonly height: number;
}

/** The smallest box, in pixels, with all pixels in it that have another colour than the first; null where all have that. */
export function paintedBox({ rgba, width, height }: Pixels): Box | null {
	let [left, right, top, bottom] = [width, -1, height, -1];
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const at = 4 * (y * width + x);
			if (rgba[at] === rgba[0] && rgba[at + 1] === rgba[1] && rgba[at + 2] === rgba[2]) continue;
			left = Math.min(left, x);
			right = Math.max(right, x);
			top = Math.min(top, y);
			bottom = Math.max(bottom, y);
		}
	return right < 0 ? null : { x: left, y: top, width: right - left + 1, height: bottom - top + 1 };
}
