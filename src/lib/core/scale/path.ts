import { holdLuminance } from '../colour/hold-luminance';
import { linearToOklab } from '../colour/oklab';
import { fittedOklab, type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { mixTwoPaints } from '../mix/paint';
import { CHROMA_PLACE, fromCoordinates, HUE_PLACE, POWERLESS, toCoordinates, type Method } from './mixing';
import { hueTurn, type Route } from './route';

/** The way between two colours in the coordinates of a mixing method: straight, or round the wheel. */
export interface Path {
	readonly method: Method;
	readonly from: Triple;
	readonly to: Triple;
	/** The luminance that every point keeps, or null where value is free. */
	readonly level: number | null;
}

/** The path between two colours in linear sRGB. With `level`, every point keeps the luminance of `from`. */
export function pathBetween(from: Triple, to: Triple, method: Method, level: boolean, route: Route = 'shorter'): Path {
	const start = toCoordinates(method, from);
	const end = toCoordinates(method, to);
	if (HUE_PLACE[method] >= 0) takeRoute(method, start, end, route);
	return { method, from: start, to: end, level: level ? luminance(from[0], from[1], from[2]) : null };
}

/**
 * Sets the hues so that going straight from one to the other is the route; a grey takes the other parent's hue (CSS Color 4), and then
 * there is nothing to turn by any route, from whichever end it is looked at.
 */
function takeRoute(method: Method, start: Triple, end: Triple, route: Route): void {
	const hue = HUE_PLACE[method];
	const powerless = (parent: Triple): boolean => parent[CHROMA_PLACE] < POWERLESS[method];
	if (powerless(start)) start[hue] = end[hue]!;
	else if (powerless(end)) end[hue] = start[hue]!;
	else end[hue] = start[hue]! + hueTurn(start[hue]!, end[hue]!, route);
}

/** The point at share t (0 is the start, 1 the end) of a path. */
export function pointOn(path: Path, t: number): Fitted {
	const from = path.from;
	const to = path.to;
	const x = from[0] + (to[0] - from[0]) * t;
	const y = from[1] + (to[1] - from[1]) * t;
	const z = from[2] + (to[2] - from[2]) * t;
	if (path.method !== 'oklab') return pointElsewhere(path, t, [x, y, z]);
	// In OKLab a and b are at hand; lightness is then set so that the luminance stays.
	return path.level === null ? fittedOklab(x, y, z) : holdLuminance(path.level, y, z);
}

/** The point by any method but OKLab, kept apart because nearly every scale is mixed in that. */
function pointElsewhere({ method, from, to, level }: Path, t: number, coordinates: Triple): Fitted {
	const point =
		method === 'paint' ? { linear: mixTwoPaints(from, to, t), mapped: false } : fromCoordinates(method, coordinates);
	if (level === null || method === 'light') return point;
	const [, a, b] = linearToOklab(point.linear[0], point.linear[1], point.linear[2]);
	return holdLuminance(level, a, b);
}
