import { linearToByte } from './bytes';
import { toLinear, type Colour } from './colour';
import { srgbToHsb, srgbToHsl } from './hsb';
import { xyzToLab } from './lab';
import { linearToOklch } from './oklab';
import { FURTHEST, readColour } from './read';
import { show } from './shown';
import { type Triple } from './vector';
import { d65ToD50, linearToXyz, WHITE_D50 } from './xyz';

/** The codes a colour can be taken away in. Each reads back as the same 8-bit colour. */
export const CODE_KINDS = ['hex', 'rgb', 'hsl', 'hsb', 'oklch', 'lab'] as const;
export type CodeKind = (typeof CODE_KINDS)[number];
export type Codes = Readonly<Record<CodeKind, string>>;

/** A number with at most so many decimals and no idle zeros, never "-0". */
function plain(value: number, decimals: number): string {
	return String(Number(value.toFixed(decimals)) + 0);
}

/** OKLCH as CSS text; each `finer` adds a decimal to the four, four and two that people are shown. */
export function formatOklch([lightness, chroma, hue]: Triple, finer = 0): string {
	// A chroma this small is rounding, and its hue means nothing.
	const grey = chroma < 5e-5;
	return `oklch(${plain(lightness, 4 + finer)} ${grey ? 0 : plain(chroma, 4 + finer)} ${grey ? 0 : plain(hue, 2 + finer)})`;
}

/** CIE Lab (D50) as CSS text; each `finer` adds a decimal to the two that people are shown. */
export function formatLab([lightness, a, b]: Triple, finer = 0): string {
	return `lab(${[lightness, a, b].map((x) => plain(x, 2 + finer)).join(' ')})`;
}

/** The shortest text that still comes back as the same 8-bit colour; near black it takes a decimal or two more. */
function faithful(hex: string, write: (finer: number) => string): string {
	const texts = [0, 1, 2].map(write);
	return texts.find((text) => show(readColour(text)).hex === hex) ?? write(3);
}

const canBeRead = (channels: Triple): boolean => channels.every((channel) => Math.abs(channel) <= FURTHEST);
const labD50 = (linear: Triple): Triple => xyzToLab(d65ToD50(linearToXyz(linear)), WHITE_D50);

/**
 * A colour in every code, as CSS text (`hsb(6 76% 70%)` is our own). Hex, rgb, hsl and hsb are of the colour
 * as an sRGB screen shows it, in whole 8-bit codes; oklch and lab (D50, as CSS has it) are of the colour as
 * given, so they also say what lies outside the gamut; of what lies so far outside that its code could not be read, they are of the
 * colour as shown.
 */
export function codesOf(colour: Colour): Codes {
	const shown = show(colour);
	const bytes = shown.linear.map(linearToByte) as Triple;
	const rgb: Triple = [bytes[0] / 255, bytes[1] / 255, bytes[2] / 255];
	const [hslHue, hslSaturation, hslLightness] = srgbToHsl(rgb);
	const [hue, saturation, brightness] = srgbToHsb(rgb);
	const linear = toLinear(colour);
	const given: Triple = colour.space === 'oklch' ? [...colour.channels] : linearToOklch(linear);
	const oklch = canBeRead(given) ? given : linearToOklch(shown.linear);
	const givenLab = labD50(linear);
	const lab = canBeRead(givenLab) ? givenLab : labD50(shown.linear);
	return {
		hex: shown.hex,
		rgb: `rgb(${bytes.join(' ')})`,
		hsl: `hsl(${plain(hslHue, 2)} ${plain(hslSaturation * 100, 2)}% ${plain(hslLightness * 100, 2)}%)`,
		hsb: `hsb(${plain(hue, 2)} ${plain(saturation * 100, 2)}% ${plain(brightness * 100, 2)}%)`,
		oklch: faithful(shown.hex, (finer) => formatOklch(oklch, finer)),
		lab: faithful(shown.hex, (finer) => formatLab(lab, finer))
	};
}
