import { cubeRoot } from './cube-root';
import { hueAngle } from './hue-angle';
import { type ReadonlyTriple, type Triple } from './vector';

/**
 * OKLab: B. Ottosson, "A perceptual color space for image processing" (2020), with the matrices that
 * CSS Color 4 recalculated for its exact D65. Lightness 0–1; a and b about −0.4 to 0.4.
 * The matrix of linear sRGB to cone response is CSS's XYZ-to-LMS times its sRGB-to-XYZ; its inverse likewise.
 * They stand as plain numbers because these two functions are the innermost of the product.
 */
export function linearToOklab(r: number, g: number, b: number): Triple {
	const l = cubeRoot(0.41222146947076305 * r + 0.5363325372617348 * g + 0.05144599326750221 * b);
	const m = cubeRoot(0.21190349581782522 * r + 0.6806995506452344 * g + 0.10739695353694056 * b);
	const s = cubeRoot(0.08830245919005643 * r + 0.2817188391361215 * g + 0.6299787016738222 * b);
	return [
		0.210454268309314 * l + 0.7936177747023054 * m - 0.0040720430116193 * s,
		1.9779985324311684 * l - 2.42859224204858 * m + 0.450593709617411 * s,
		0.0259040424655478 * l + 0.7827717124575296 * m - 0.8086757549230774 * s
	];
}

/** OKLab (lightness 0–1) to linear sRGB, unclamped; the inverse of `linearToOklab`, with the inverse matrices of CSS Color 4. */
export function oklabToLinear(lightness: number, a: number, b: number): Triple {
	const longRoot = lightness + 0.3963377773761749 * a + 0.2158037573099136 * b;
	const middleRoot = lightness - 0.1055613458156586 * a - 0.0638541728258133 * b;
	const shortRoot = lightness - 0.0894841775298119 * a - 1.2914855480194092 * b;
	// Products, because the power operator is many times slower.
	const l = longRoot * longRoot * longRoot;
	const m = middleRoot * middleRoot * middleRoot;
	const s = shortRoot * shortRoot * shortRoot;
	return [
		4.076741636075958 * l - 3.3077115392580616 * m + 0.2309699031821043 * s,
		-1.2684379732850317 * l + 2.6097573492876887 * m - 0.34131937600265727 * s,
		-0.004196076138675564 * l - 0.7034186179359363 * m + 1.7076146940746117 * s
	];
}

/** Rectangular to polar, for OKLab and CIE Lab alike: hue in degrees 0–360, 0 where there is no chroma. */
export function toPolar(lab: ReadonlyTriple): Triple {
	const a = lab[1];
	const b = lab[2];
	return [lab[0], Math.sqrt(a * a + b * b), hueAngle(a, b)];
}

/** Polar to rectangular, the inverse of `toPolar`: lightness, chroma and a hue in degrees to lightness, a and b. */
export function fromPolar([lightness, chroma, hue]: ReadonlyTriple): Triple {
	const radians = (hue * Math.PI) / 180;
	return [lightness, chroma * Math.cos(radians), chroma * Math.sin(radians)];
}

/** Linear sRGB to OKLCH: lightness 0–1, chroma, hue in degrees. */
export function linearToOklch(linear: ReadonlyTriple): Triple {
	return toPolar(linearToOklab(linear[0], linear[1], linear[2]));
}
