import { multiply, type Matrix, type ReadonlyTriple, type Triple } from './vector';
import { linearToXyz, xyzToLinear } from './xyz';

/** Linear display-p3 to XYZ D65 (SMPTE EG 432-1 primaries; fractions of CSS Color 4's sample code) and back. */
const P3_TO_XYZ: Matrix = [
	[608311 / 1250200, 189793 / 714400, 198249 / 1000160],
	[35783 / 156275, 247089 / 357200, 198249 / 2500400],
	[0, 32229 / 714400, 5220557 / 5000800]
];
const XYZ_TO_P3: Matrix = [
	[446124 / 178915, -333277 / 357830, -72051 / 178915],
	[-14852 / 17905, 63121 / 35810, 423 / 17905],
	[11844 / 330415, -50337 / 660830, 316169 / 330415]
];
/** As for sRGB: well under half a code, well over rounding. */
const SLACK = 1e-6;

/** Linear light of a display-p3 screen to linear sRGB; what sRGB cannot show comes out below 0 or over 1. */
export function p3ToLinear(p3: ReadonlyTriple): Triple {
	return xyzToLinear(multiply(P3_TO_XYZ, p3));
}

/** Linear sRGB to the linear light of a display-p3 screen (CSS Color 4); outside 0–1 where that cannot show it either. */
export function linearToP3(linear: ReadonlyTriple): Triple {
	return multiply(XYZ_TO_P3, linearToXyz(linear));
}

/** Whether a colour in linear sRGB (unclamped) can be shown on a display-p3 screen. */
export function inP3Gamut(linear: ReadonlyTriple): boolean {
	return linearToP3(linear).every((channel) => channel >= -SLACK && channel <= 1 + SLACK);
}
