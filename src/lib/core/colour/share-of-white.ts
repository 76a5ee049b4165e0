import { type ReadonlyTriple, type Triple } from './vector';
import { linearToXyz, WHITE_D65 } from './xyz';

/** XYZ of linear sRGB as shares of the white's (D65): what CIE Lab without adaptation takes its responses of. */
export function shareOfWhite(linear: ReadonlyTriple): Triple {
	const [x, y, z] = linearToXyz(linear);
	return [x / WHITE_D65[0], y / WHITE_D65[1], z / WHITE_D65[2]];
}
