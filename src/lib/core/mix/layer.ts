import { decodeSrgb, encodeSrgb } from '../colour/srgb';
import { type ReadonlyTriple, type Triple } from '../colour/vector';

/** How a disc lies on a colour: covering it in part, or letting it through multiplied. */
export const LAYINGS = ['over', 'multiplied'] as const;
export type Laying = (typeof LAYINGS)[number];

/**
 * A disc of one colour laid over another (both linear sRGB 0–1), so many times, at a strength 0–1: as drawing programs lay
 * layers, by the encoded channels (W3C Compositing and Blending Level 1: simple alpha compositing, and the blend mode
 * multiply).
 */
export function layDiscs(
	under: ReadonlyTriple,
	disc: ReadonlyTriple,
	laying: Laying,
	strength: number,
	times: number
): Triple {
	const layer = encodeSrgb(disc);
	const rgb = encodeSrgb(under).map((start, i) => {
		let channel = start;
		for (let time = 0; time < times; time++) {
			const blended = laying === 'over' ? layer[i]! : layer[i]! * channel;
			channel += (blended - channel) * strength;
		}
		return channel;
	});
	return decodeSrgb(rgb as Triple);
}
