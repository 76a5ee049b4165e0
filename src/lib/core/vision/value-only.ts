import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';

/** A colour (linear sRGB) seen by its value only: its own grey. */
export function valueOnly([r, g, b]: ReadonlyTriple): Triple {
	const y = luminance(r, g, b);
	return [y, y, y];
}
