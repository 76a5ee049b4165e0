import { turn, type ReadonlyTriple, type Triple } from './vector';

/**
 * HSB, HSL and HWB: three cylinders over encoded sRGB (A. R. Smith, "Color gamut transform pairs", 1978;
 * CSS Color 4 for HSL and HWB). Hue in degrees, the rest 0–1. A grey has hue 0 and saturation 0.
 */
function hueOf([r, g, b]: ReadonlyTriple, max: number, range: number): number {
	if (range === 0) return 0;
	if (max === r) return turn((60 * (g - b)) / range);
	if (max === g) return 60 * (2 + (b - r) / range);
	return 60 * (4 + (r - g) / range);
}

/** Encoded sRGB (0–1) to HSB: hue in degrees 0–360, saturation and brightness 0–1. */
export function srgbToHsb(rgb: ReadonlyTriple): Triple {
	const max = Math.max(...rgb);
	const range = max - Math.min(...rgb);
	return [hueOf(rgb, max, range), max === 0 ? 0 : range / max, max];
}

/** HSB (hue in degrees, the rest 0–1) to encoded sRGB, 0–1. */
export function hsbToSrgb([hue, saturation, brightness]: ReadonlyTriple): Triple {
	const channel = (n: number): number => {
		const k = turn(hue + n * 60) / 60;
		return brightness * (1 - saturation * Math.max(0, Math.min(k, 4 - k, 1)));
	};
	return [channel(5), channel(3), channel(1)];
}

/** Encoded sRGB (0–1) to HSL: hue in degrees 0–360, saturation and lightness 0–1. */
export function srgbToHsl(rgb: ReadonlyTriple): Triple {
	const max = Math.max(...rgb);
	const min = Math.min(...rgb);
	const lightness = (max + min) / 2;
	const range = max - min;
	const room = Math.min(lightness, 1 - lightness);
	return [hueOf(rgb, max, range), room === 0 ? 0 : range / 2 / room, lightness];
}

/** HSL (hue in degrees, the rest 0–1) to encoded sRGB, 0–1. */
export function hslToSrgb([hue, saturation, lightness]: ReadonlyTriple): Triple {
	const reach = saturation * Math.min(lightness, 1 - lightness);
	const channel = (n: number): number => {
		const k = turn(hue + n * 30) / 30;
		return lightness - reach * Math.max(-1, Math.min(k - 3, 9 - k, 1));
	};
	return [channel(0), channel(8), channel(4)];
}

/** Hue with shares of white and of black; where they add up to more than 1 they give a grey (CSS Color 4 §8). */
export function hwbToSrgb([hue, white, black]: ReadonlyTriple): Triple {
	const sum = white + black;
	if (sum >= 1) return [white / sum, white / sum, white / sum];
	return hsbToSrgb([hue, 1 - white / (1 - black), 1 - black]);
}
