import { xyzToLab } from '../colour/lab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { linearToXyz, WHITE_D65 } from '../colour/xyz';
import { ciede2000 } from './ciede2000';

/** CIE Lab under D65, without adaptation, of linear sRGB: what value and differences are reckoned in. */
export function linearToLab(linear: ReadonlyTriple): Triple {
	return xyzToLab(linearToXyz(linear), WHITE_D65);
}

/** CIEDE2000 between two colours in linear sRGB. */
export function differenceOfLinear(one: ReadonlyTriple, other: ReadonlyTriple): number {
	const [l1, a1, b1] = linearToLab(one);
	const [l2, a2, b2] = linearToLab(other);
	return ciede2000(l1, a1, b1, l2, a2, b2);
}
