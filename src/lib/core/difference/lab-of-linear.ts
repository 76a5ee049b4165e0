import { labResponse } from '../colour/lab';
import { shareOfWhite } from '../colour/share-of-white';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { ciede2000 } from './ciede2000';

/** What each primary at full adds to X, Y and Z, as shares of the white's (D65): the matrix over the white, row by row. */
const [X_RED, Y_RED, Z_RED] = shareOfWhite([1, 0, 0]);
const [X_GREEN, Y_GREEN, Z_GREEN] = shareOfWhite([0, 1, 0]);
const [X_BLUE, Y_BLUE, Z_BLUE] = shareOfWhite([0, 0, 1]);

/** CIE Lab under D65, without adaptation, of linear sRGB: what value and differences are reckoned in. */
export function linearToLab(linear: ReadonlyTriple): Triple {
	const r = linear[0];
	const g = linear[1];
	const b = linear[2];
	const x = labResponse(X_RED * r + X_GREEN * g + X_BLUE * b);
	const y = labResponse(Y_RED * r + Y_GREEN * g + Y_BLUE * b);
	const z = labResponse(Z_RED * r + Z_GREEN * g + Z_BLUE * b);
	return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/** CIEDE2000 between two colours in linear sRGB. */
export function differenceOfLinear(one: ReadonlyTriple, other: ReadonlyTriple): number {
	const [l1, a1, b1] = linearToLab(one);
	const [l2, a2, b2] = linearToLab(other);
	return ciede2000(l1, a1, b1, l2, a2, b2);
}
