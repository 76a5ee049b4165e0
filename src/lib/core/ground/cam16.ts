import { multiply, turn, type Matrix, type ReadonlyTriple, type Triple } from '../colour/vector';

/**
 * CAM16, the model behind CIECAM16 (CIE 248:2022): C. Li et al., "Comprehensive color solutions: CAM16, CAT16, and
 * CAM16-UCS", Color Research & Application 42 (2017). For the signals of screen colours the two are one formula.
 */
const CAT16: Matrix = [
	[0.401288, 0.650173, -0.051461],
	[-0.250268, 1.204414, 0.045854],
	[-0.002079, 0.048952, 0.953127]
];
const CAT16_BACK: Matrix = [
	[1.8620678550872327, -1.0112546305316843, 0.14918677544445158],
	[0.38752654323613683, 0.6214474419314748, -0.008973985167611671],
	[-0.015841498849334047, -0.03412293802851568, 1.04996443687785]
];

/** How a colour is looked at. Luminances are relative to 100 for the white, `adapting` in cd/m². */
export interface Viewing {
	readonly white: ReadonlyTriple;
	readonly adapting: number;
	/** Luminance of the background, percent of white: 20 for a middle grey. */
	readonly background: number;
	readonly surround: 'average' | 'dim' | 'dark';
	/** The eye takes the white as white altogether, as on paper under a lamp. */
	readonly discounting?: boolean;
}

const SURROUNDS = { average: [1, 0.69, 1], dim: [0.9, 0.59, 0.9], dark: [0.8, 0.525, 0.8] } as const;

/** Lightness J, chroma C, hue h in degrees, saturation s, brightness Q, colourfulness M. */
export interface Appearance {
	readonly J: number;
	readonly C: number;
	readonly h: number;
	readonly s: number;
	readonly Q: number;
	readonly M: number;
}

/** What follows from a viewing alone, reckoned once for many colours. */
export interface Conditions {
	readonly scaling: Triple;
	readonly FL: number;
	readonly n: number;
	readonly z: number;
	readonly Nbb: number;
	readonly c: number;
	readonly Nc: number;
	readonly Aw: number;
}

/** Cone responses of XYZ by CAT16. */
export const toCones = (xyz: ReadonlyTriple): Triple => multiply(CAT16, xyz);
/** XYZ of cone responses by CAT16; the inverse of `toCones`. */
export const fromCones = (cones: ReadonlyTriple): Triple => multiply(CAT16_BACK, cones);

function compress(FL: number, response: number): number {
	const x = ((FL * Math.abs(response)) / 100) ** 0.42;
	return (400 * Math.sign(response) * x) / (x + 27.13) + 0.1;
}

function expand(FL: number, compressed: number): number {
	const x = compressed - 0.1;
	const size = Math.abs(x);
	return (Math.sign(x) * 100 * ((27.13 * size) / (400 - size)) ** (1 / 0.42)) / FL;
}

/** The conditions of a viewing. `whiteCones`, where given, are the cone responses of the white that the eye takes as white. */
export function conditionsOf(viewing: Viewing, whiteCones = toCones(viewing.white)): Conditions {
	const { adapting: LA, background, surround, discounting = false } = viewing;
	const [F, c, Nc] = SURROUNDS[surround];
	const Yw = viewing.white[1];
	const D = discounting ? 1 : Math.min(1, Math.max(0, F * (1 - Math.exp((-LA - 42) / 92) / 3.6)));
	const k = 1 / (5 * LA + 1);
	const FL = 0.2 * k ** 4 * 5 * LA + 0.1 * (1 - k ** 4) ** 2 * Math.cbrt(5 * LA);
	const scaling = whiteCones.map((cone) => (D * Yw) / cone + 1 - D) as Triple;
	const n = background / Yw;
	const Nbb = 0.725 * n ** -0.2;
	const [r, g, b] = whiteCones.map((cone, i) => compress(FL, scaling[i]! * cone)) as Triple;
	return { scaling, FL, n, z: 1.48 + Math.sqrt(n), Nbb, c, Nc, Aw: (2 * r + g + b / 20 - 0.305) * Nbb };
}

const RADIANS = Math.PI / 180;
const eccentricity = (h: number): number => (Math.cos(h * RADIANS + 2) + 3.8) / 4;

/** How XYZ (white at 100) looks under these conditions. */
export function appearanceOf(xyz: ReadonlyTriple, conditions: Conditions): Appearance {
	const { scaling, FL, n, z, Nbb, c, Nc, Aw } = conditions;
	const [r, g, b] = toCones(xyz).map((cone, i) => compress(FL, scaling[i]! * cone)) as Triple;
	const redGreen = r - (12 * g) / 11 + b / 11;
	const yellowBlue = (r + g - 2 * b) / 9;
	const h = turn(Math.atan2(yellowBlue, redGreen) / RADIANS);
	const A = Math.max(0, (2 * r + g + b / 20 - 0.305) * Nbb);
	const J = 100 * (A / Aw) ** (c * z);
	const t =
		((50000 / 13) * Nc * Nbb * eccentricity(h) * Math.sqrt(redGreen ** 2 + yellowBlue ** 2)) / (r + g + (21 * b) / 20);
	const C = t ** 0.9 * Math.sqrt(J / 100) * (1.64 - 0.29 ** n) ** 0.73;
	const Q = (4 / c) * Math.sqrt(J / 100) * (Aw + 4) * FL ** 0.25;
	const M = C * FL ** 0.25;
	return { J, C, h, s: Q === 0 ? 0 : 100 * Math.sqrt(M / Q), Q, M };
}

/** The XYZ (white at 100) that has this lightness, chroma and hue under these conditions: the way back. */
export function xyzOfAppearance({ J, C, h }: Pick<Appearance, 'J' | 'C' | 'h'>, conditions: Conditions): Triple {
	const { scaling, FL, n, z, Nbb, c, Nc, Aw } = conditions;
	if (J <= 0) return [0, 0, 0];
	const t = (C / (Math.sqrt(J / 100) * (1.64 - 0.29 ** n) ** 0.73)) ** (1 / 0.9);
	const p2 = (Aw * (J / 100) ** (1 / (c * z))) / Nbb + 0.305;
	const [cos, sin] = [Math.cos(h * RADIANS), Math.sin(h * RADIANS)];
	// The sum of the responses that t is divided by follows from p2 and the opponent pair, which are all multiples of one size.
	const e = (50000 / 13) * Nc * Nbb * eccentricity(h);
	const size = (23 * p2 * t) / (23 * e + 11 * t * cos + 108 * t * sin);
	const [a, b] = [size * cos, size * sin];
	const compressed: Triple = [
		(460 * p2 + 451 * a + 288 * b) / 1403,
		(460 * p2 - 891 * a - 261 * b) / 1403,
		(460 * p2 - 220 * a - 6300 * b) / 1403
	];
	return fromCones(compressed.map((x, i) => expand(FL, x) / scaling[i]!) as Triple);
}
