import { linearToNumber, numberToHex } from '$lib/core/colour/code-number';
import { estimateCmyk, estimatedCmykToSrgb } from '$lib/core/colour/cmyk';
import { formatLab, formatOklch } from '$lib/core/colour/codes';
import { toLinear, type Colour } from '$lib/core/colour/colour';
import { inGamut, mapToGamut } from '$lib/core/colour/gamut';
import { hslToSrgb, hsbToSrgb, srgbToHsb, srgbToHsl } from '$lib/core/colour/hsb';
import { fromPolar, linearToOklch, oklabToLinear } from '$lib/core/colour/oklab';
import { labToXyz, xyzToLab } from '$lib/core/colour/lab';
import { fitted, fittedOklab, show, type Fitted } from '$lib/core/colour/shown';
import { linearToSrgb, srgbToLinear } from '$lib/core/colour/srgb';
import { type Triple } from '$lib/core/colour/vector';
import { d50ToD65, d65ToD50, linearToXyz, WHITE_D50, xyzToLinear } from '$lib/core/colour/xyz';

/** One coordinate that the mixer turns: its name, its range, its finest step and how many decimals it is shown with. */
export interface Axis {
	readonly name: string;
	readonly least: number;
	readonly most: number;
	readonly step: number;
	readonly leap: number;
	readonly decimals: number;
	readonly unit: string;
	/** Whether its end is its beginning, as a hue's is. */
	readonly round: boolean;
}

/** Coordinates in which a colour can be set: three, or four inks. */
export interface Coordinates {
	readonly name: string;
	/** One sentence on what is turned. */
	readonly says: string;
	readonly axes: readonly Axis[];
	/** The coordinates of a colour, within the axes' ranges. */
	of(colour: Colour): number[];
	/** The colour at these coordinates, not rounded to a code, brought into the gamut where a screen cannot show it. */
	exact(values: readonly number[]): Fitted;
	/** The CSS text that these coordinates are stored as. */
	text(values: readonly number[]): string;
	/** The code 0xrrggbb that a screen shows there, and whether it can show just that. */
	shown(values: readonly number[]): { code: number; fits: boolean };
}

const axis = (name: string, most: number, step: number, leap: number, decimals: number, unit = ''): Axis => ({
	name,
	least: 0,
	most,
	step,
	leap,
	decimals,
	unit,
	round: unit === '°'
});
const hueAxis = axis('Hue', 360, 1, 10, 0, '°');

type Triplet = readonly [number, number, number];
/** The three numbers of coordinates that have three. */
const three = (values: readonly number[]): Triplet => [values[0]!, values[1]!, values[2]!];

const perceptual: Coordinates = {
	name: 'OKLCH',
	says: 'Lightness, chroma and hue as the eye has them',
	axes: [axis('Lightness', 100, 0.5, 5, 1, '%'), axis('Chroma', 0.37, 0.002, 0.02, 3), hueAxis],
	of(colour) {
		const [l, c, h] = colour.space === 'oklch' ? colour.channels : linearToOklch(toLinear(colour));
		return [l * 100, Math.min(0.37, c < 5e-5 ? 0 : c), ((h % 360) + 360) % 360];
	},
	exact: (values) => {
		const [l, c, h] = three(values);
		return fittedOklab(...fromPolar([l / 100, c, h]));
	},
	text: (values) => {
		const [l, c, h] = three(values);
		return formatOklch([l / 100, c, h]);
	},
	shown(values) {
		const [l, c, h] = three(values);
		const lab = fromPolar([l / 100, c, h]);
		const linear = oklabToLinear(...lab);
		const fits = inGamut(...linear);
		return { code: linearToNumber(...(fits ? linear : mapToGamut(...lab))), fits };
	}
};

const encodedToNumber = (rgb: Triplet): number =>
	linearToNumber(srgbToLinear(rgb[0]), srgbToLinear(rgb[1]), srgbToLinear(rgb[2]));
const encodedOf = (colour: Colour): Triple => show(colour).linear.map(linearToSrgb) as Triple;

/** Coordinates of encoded sRGB: all that they can say fits the screen, and it is stored as an 8-bit code. */
function onScreen(
	name: string,
	says: string,
	axes: readonly Axis[],
	of: (rgb: Triple) => number[],
	toRgb: (values: readonly number[]) => Triplet
): Coordinates {
	const codeOf = (values: readonly number[]): number => encodedToNumber(toRgb(values));
	return {
		name,
		says,
		axes,
		of: (colour) => of(encodedOf(colour)),
		exact: (values) => ({ linear: toRgb(values).map(srgbToLinear) as Triple, mapped: false }),
		text: (values) => numberToHex(codeOf(values)),
		shown: (values) => ({ code: codeOf(values), fits: true })
	};
}

const percent = (name: string): Axis => axis(name, 100, 1, 10, 1, '%');

const hsb = onScreen(
	'HSB',
	'Hue, saturation and brightness of the screen’s colours',
	[hueAxis, percent('Saturation'), percent('Brightness')],
	(rgb) => {
		const [h, s, b] = srgbToHsb(rgb);
		return [h, s * 100, b * 100];
	},
	(values) => {
		const [h, s, b] = three(values);
		return hsbToSrgb([h, s / 100, b / 100]);
	}
);

const hsl = onScreen(
	'HSL',
	'Hue, saturation and lightness of the screen’s colours',
	[hueAxis, percent('Saturation'), percent('Lightness')],
	(rgb) => {
		const [h, s, l] = srgbToHsl(rgb);
		return [h, s * 100, l * 100];
	},
	(values) => {
		const [h, s, l] = three(values);
		return hslToSrgb([h, s / 100, l / 100]);
	}
);

const light = (name: string): Axis => axis(name, 255, 1, 10, 0);

const rgb = onScreen(
	'RGB',
	'Red, green and blue light of the screen, 0 to 255',
	[light('Red'), light('Green'), light('Blue')],
	(encoded) => encoded.map((channel) => channel * 255),
	(values) => three(values).map((value) => value / 255) as Triple
);

const opponent = (name: string): Axis => ({ ...axis(name, 125, 0.5, 5, 1), least: -125 });

const lab: Coordinates = {
	name: 'Lab',
	says: 'CIE Lab (D50): lightness, green to red, blue to yellow',
	axes: [axis('Lightness', 100, 0.5, 5, 1), opponent('a'), opponent('b')],
	of(colour) {
		const [l, a, b] =
			colour.space === 'lab' ? colour.channels : xyzToLab(d65ToD50(linearToXyz(toLinear(colour))), WHITE_D50);
		const bounded = (value: number): number => Math.min(125, Math.max(-125, value));
		return [Math.min(100, Math.max(0, l)), bounded(a), bounded(b)];
	},
	exact: (values) => fitted(xyzToLinear(d50ToD65(labToXyz(three(values), WHITE_D50)))),
	text: (values) => formatLab([...three(values)], 1),
	shown(values) {
		const { linear, mapped } = lab.exact(values);
		return { code: linearToNumber(...linear), fits: !mapped };
	}
};

const inks = onScreen(
	'CMYK',
	'Inks, by the plain estimate that knows no press',
	['Cyan', 'Magenta', 'Yellow', 'Black'].map(percent),
	(encoded) => estimateCmyk(encoded).map((ink) => ink * 100),
	(values) => estimatedCmykToSrgb([values[0]! / 100, values[1]! / 100, values[2]! / 100, values[3]! / 100])
);

export const COORDINATES: readonly Coordinates[] = [perceptual, hsb, hsl, rgb, lab, inks];

/** A value of an axis brought into its range: round axes go on from their beginning, others stop at their end. */
export function within({ least, most, round }: Axis, value: number): number {
	if (round) return ((value % most) + most) % most;
	return Math.min(most, Math.max(least, value));
}
