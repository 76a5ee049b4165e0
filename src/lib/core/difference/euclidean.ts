import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';

/** Straight distance between two points of a space: ΔE*ab (CIE 1976) in Lab, ΔEOK in OKLab. */
export function distance([x, y, z]: ReadonlyTriple, [x2, y2, z2]: ReadonlyTriple): number {
	const dx = x - x2;
	const dy = y - y2;
	const dz = z - z2;
	return Math.sqrt(dx * dx + dy * dy + dz * dz);
}

/** ΔEOK (CSS Color 4 §13.1) between two colours in linear sRGB: 0 to about 1; 0.02 is just noticeable. For searches. */
export function deltaEOK([r, g, b]: ReadonlyTriple, [r2, g2, b2]: ReadonlyTriple): number {
	return distance(linearToOklab(r, g, b), linearToOklab(r2, g2, b2));
}
