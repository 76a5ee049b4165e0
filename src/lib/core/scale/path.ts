import { holdLuminance } from '../colour/hold-luminance';
import { linearToOklab } from '../colour/oklab';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { mixPaint } from '../mix/paint';
import {
	CHROMA_PLACE,
	fromCoordinates,
	fromOklab,
	HUE_PLACE,
	POWERLESS,
	toCoordinates,
	type Method,
	type PathPoint
} from './mixing';
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

/** Sets the hues so that going straight from one to the other is the route; a grey takes the other parent's hue (CSS Color 4). */
function takeRoute(method: Method, start: Triple, end: Triple, route: Route): void {
	const hue = HUE_PLACE[method];
	if (start[CHROMA_PLACE] < POWERLESS[method]) start[hue] = end[hue]!;
	if (end[CHROMA_PLACE] < POWERLESS[method]) end[hue] = start[hue]!;
	else end[hue] = start[hue]! + hueTurn(start[hue]!, end[hue]!, route);
}

/** Two paints in parts 1 − t and t. */
function stirred(from: Triple, to: Triple, t: number): PathPoint {
	const parts = [
		{ linear: from, weight: 1 - t },
		{ linear: to, weight: t }
	];
	return { linear: mixPaint(parts), mapped: false };
}

/** The point at share t (0 is the start, 1 the end) of a path. */
export function pointOn({ method, from, to, level }: Path, t: number): PathPoint {
	const x = from[0] + (to[0] - from[0]) * t;
	const y = from[1] + (to[1] - from[1]) * t;
	const z = from[2] + (to[2] - from[2]) * t;
	// In OKLab a and b are at hand; lightness is then set so that the luminance stays.
	if (method === 'oklab') return level === null ? fromOklab(x, y, z) : holdLuminance(level, y, z);
	const point = method === 'paint' ? stirred(from, to, t) : fromCoordinates(method, [x, y, z]);
	if (level === null || method === 'light') return point;
	const [, a, b] = linearToOklab(point.linear[0], point.linear[1], point.linear[2]);
	return holdLuminance(level, a, b);
}
