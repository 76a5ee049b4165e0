import { luminanceToValue } from './lab';
import { type ReadonlyTriple } from './vector';
import { luminance } from './xyz';

/** Value, as L* (0–100), of linear sRGB within the gamut (CIE 15:2018). */
export const valueOf = (linear: ReadonlyTriple): number => luminanceToValue(luminance(linear[0], linear[1], linear[2]));
