import { linearToHex } from '$lib/core/colour/bytes';
import { formatOklch } from '$lib/core/colour/codes';
import { toLinear, type Colour } from '$lib/core/colour/colour';
import { inGamut, mapToGamut } from '$lib/core/colour/gamut';
import { hsbToSrgb, srgbToHsb } from '$lib/core/colour/hsb';
import { fromPolar, linearToOklch, oklabToLinear } from '$lib/core/colour/oklab';
import { show } from '$lib/core/colour/shown';
import { linearToSrgb, srgbToLinear } from '$lib/core/colour/srgb';
import { type Triple } from '$lib/core/colour/vector';

/** One coordinate that the mixer turns: its name, its range from 0, its finest step and how many decimals it is shown with. */
export interface Axis {
	readonly name: string;
	readonly most: number;
	readonly step: number;
	readonly leap: number;
	readonly decimals: number;
	readonly unit: string;
	/** Whether its end is its beginning, as a hue's is. */
	readonly round: boolean;
}

/** Three coordinates in which a colour can be set. */
export interface Coordinates {
	readonly name: string;
	readonly axes: readonly [Axis, Axis, Axis];
	/** The coordinates of a colour, within the axes' ranges. */
	of(colour: Colour): Triple;
	/** The CSS text that these coordinates are stored as. */
	text(values: Triple): string;
	/** What a screen shows there, and whether it can show just that. */
	shown(values: Triple): { hex: string; fits: boolean };
}

const axis = (name: string, most: number, step: number, leap: number, decimals: number, unit = ''): Axis => ({
	name,
	most,
	step,
	leap,
	decimals,
	unit,
	round: unit === '°'
});
const hueAxis = axis('Hue', 360, 1, 10, 0, '°');

const perceptual: Coordinates = {
	name: 'OKLCH',
	axes: [axis('Lightness', 100, 0.5, 5, 1, '%'), axis('Chroma', 0.37, 0.002, 0.02, 3), hueAxis],
	of(colour) {
		const [l, c, h] = colour.space === 'oklch' ? colour.channels : linearToOklch(toLinear(colour));
		return [l * 100, Math.min(0.37, c < 5e-5 ? 0 : c), ((h % 360) + 360) % 360];
	},
	text: ([l, c, h]) => formatOklch([l / 100, c, h]),
	shown([l, c, h]) {
		const lab = fromPolar([l / 100, c, h]);
		const linear = oklabToLinear(...lab);
		const fits = inGamut(...linear);
		return { hex: linearToHex(...(fits ? linear : mapToGamut(...lab))), fits };
	}
};

const hsbToHex = ([h, s, b]: Triple): string => {
	const [red, green, blue] = hsbToSrgb([h, s / 100, b / 100]).map(srgbToLinear) as Triple;
	return linearToHex(red, green, blue);
};

const screen: Coordinates = {
	name: 'HSB',
	axes: [hueAxis, axis('Saturation', 100, 1, 10, 1, '%'), axis('Brightness', 100, 1, 10, 1, '%')],
	of(colour) {
		const [h, s, b] = srgbToHsb(show(colour).linear.map(linearToSrgb) as Triple);
		return [h, s * 100, b * 100];
	},
	text: hsbToHex,
	shown: (values) => ({ hex: hsbToHex(values), fits: true })
};

export const COORDINATES: readonly Coordinates[] = [perceptual, screen];

/** A value of an axis brought into its range: round axes go on from their beginning, others stop at their end. */
export function within({ most, round }: Axis, value: number): number {
	if (round) return ((value % most) + most) % most;
	return Math.min(most, Math.max(0, value));
}
