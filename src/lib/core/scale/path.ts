import { inGamut, mapToGamut } from '../colour/gamut';
import { linearToOklab, oklabToLinear } from '../colour/oklab';
import { linearToSrgb, srgbToLinear } from '../colour/srgb';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { holdLuminance } from '../colour/hold-luminance';

/** How two colours are mixed: in OKLab, by light (linear sRGB), or on screen (encoded sRGB). */
export const METHODS = ['oklab', 'light', 'screen'] as const;
export type Method = (typeof METHODS)[number];

/** The straight way between two colours in the coordinates of a mixing method. */
export interface Path {
	readonly method: Method;
	readonly from: Triple;
	readonly to: Triple;
	/** The luminance that every point keeps, or null where value is free. */
	readonly level: number | null;
}

const encode = ([r, g, b]: Triple): Triple => [linearToSrgb(r), linearToSrgb(g), linearToSrgb(b)];
const decode = ([r, g, b]: Triple): Triple => [srgbToLinear(r), srgbToLinear(g), srgbToLinear(b)];

function coordinates(method: Method, linear: Triple): Triple {
	if (method === 'oklab') return linearToOklab(linear[0], linear[1], linear[2]);
	return method === 'screen' ? encode(linear) : linear;
}

/** The path between two colours in linear sRGB. With `level`, every point keeps the luminance of `from`. */
export function pathBetween(from: Triple, to: Triple, method: Method, level: boolean): Path {
	return {
		method,
		from: coordinates(method, from),
		to: coordinates(method, to),
		level: level ? luminance(from[0], from[1], from[2]) : null
	};
}

/** A colour on a path as a screen can show it: linear sRGB 0–1, and whether it had to be brought into the gamut. */
export interface PathPoint {
	readonly linear: Triple;
	readonly mapped: boolean;
}

/** The point at share t (0 is the start, 1 the end) of a path. */
export function pointOn({ method, from, to, level }: Path, t: number): PathPoint {
	const x = from[0] + (to[0] - from[0]) * t;
	const y = from[1] + (to[1] - from[1]) * t;
	const z = from[2] + (to[2] - from[2]) * t;
	if (method === 'oklab') {
		if (level !== null) return holdLuminance(level, y, z);
		const linear = oklabToLinear(x, y, z);
		return inGamut(linear[0], linear[1], linear[2])
			? { linear, mapped: false }
			: { linear: mapToGamut(x, y, z), mapped: true };
	}
	// Light and screen mixes of two colours that a screen can show never leave its gamut: it is a cube in both.
	const linear: Triple = method === 'screen' ? decode([x, y, z]) : [x, y, z];
	if (level === null || method === 'light') return { linear, mapped: false };
	const [, a, b] = linearToOklab(linear[0], linear[1], linear[2]);
	return holdLuminance(level, a, b);
}
