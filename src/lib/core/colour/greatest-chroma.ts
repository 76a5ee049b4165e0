import { inGamut } from './gamut';
import { holdLuminance } from './hold-luminance';
import { fromPolar, oklabToLinear } from './oklab';
import { type Fitted } from './shown';

const HALVINGS = 40;
/** No screen shows an OKLab chroma as great as this. */
const BEYOND_ANY_SCREEN = 0.5;

/** The greatest OKLab chroma that still fits, found by halving: what fits must do so from 0 up to one bound. */
export function greatestThat(fits: (chroma: number) => boolean): number {
	let low = 0;
	let high = BEYOND_ANY_SCREEN;
	for (let i = 0; i < HALVINGS; i++) {
		const middle = (low + high) / 2;
		if (fits(middle)) low = middle;
		else high = middle;
	}
	return low;
}

/** The greatest OKLab chroma that an sRGB screen can show at this OKLab lightness 0–1 and hue in degrees. */
export function greatestChroma(lightness: number, hue: number): number {
	if (lightness <= 0 || lightness >= 1) return 0;
	const [, a, b] = fromPolar([lightness, 1, hue]);
	return greatestThat((chroma) => inGamut(...oklabToLinear(lightness, chroma * a, chroma * b)));
}

/** The colour of the greatest OKLab chroma that a screen can show at this luminance 0–1 and hue in degrees. */
export function greatestAt(y: number, hue: number): Fitted {
	const at = (chroma: number): Fitted => {
		const [, a, b] = fromPolar([0, chroma, hue]);
		return holdLuminance(y, a, b);
	};
	return at(greatestThat((chroma) => !at(chroma).mapped));
}
