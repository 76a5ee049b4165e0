import { toLinear, type Colour, type Space } from './colour';
import { srgbToHsb, srgbToHsl } from './hsb';
import { xyzToLab } from './lab';
import { linearToOklab, linearToOklch, toPolar } from './oklab';
import { linearToP3 } from './p3';
import { encodeSrgb } from './srgb';
import { type Triple } from './vector';
import { d65ToD50, linearToXyz, WHITE_D50 } from './xyz';

const toLabD50 = (linear: Triple): Triple => xyzToLab(d65ToD50(linearToXyz(linear)), WHITE_D50);
const toOklab = (linear: Triple): Triple => linearToOklab(linear[0], linear[1], linear[2]);

const FROM_LINEAR: Readonly<Record<Space, (linear: Triple) => Triple>> = {
	srgb: encodeSrgb,
	'srgb-linear': (linear) => linear,
	'display-p3': (linear) => encodeSrgb(linearToP3(linear)),
	'xyz-d65': linearToXyz,
	'xyz-d50': (linear) => d65ToD50(linearToXyz(linear)),
	hsl: (linear) => srgbToHsl(encodeSrgb(linear)),
	hsb: (linear) => srgbToHsb(encodeSrgb(linear)),
	hwb: (linear) => {
		const rgb = encodeSrgb(linear);
		return [srgbToHsb(rgb)[0], Math.min(...rgb), 1 - Math.max(...rgb)];
	},
	lab: toLabD50,
	lch: (linear) => toPolar(toLabD50(linear)),
	oklab: toOklab,
	oklch: linearToOklch
};

/**
 * The same colour in another space, nothing clipped. A hue that means nothing (of a grey) comes out as 0.
 * HSL, HSB and HWB are models of the sRGB gamut: outside it their numbers leave 0–1.
 */
export function convert(colour: Colour, space: Space): Colour {
	if (colour.space === space) return colour;
	return { space, channels: FROM_LINEAR[space](toLinear(colour)), alpha: colour.alpha };
}
