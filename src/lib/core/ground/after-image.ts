import { mapToGamut } from '../colour/gamut';
import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';

/**
 * The colour of the after-image of a figure on a neutral field: both opponent axes (red–green and yellow–blue, as OKLab
 * has them) turned round at the figure's lightness; linear sRGB, mapped into the gamut. A grey leaves a grey.
 */
export function afterImage([r, g, b]: ReadonlyTriple): Triple {
	const [lightness, redGreen, yellowBlue] = linearToOklab(r, g, b);
	return mapToGamut(lightness, -redGreen, -yellowBlue);
}
