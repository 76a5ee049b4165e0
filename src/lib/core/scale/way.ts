import { holdLuminance } from '../colour/hold-luminance';
import { fromPolar } from '../colour/oklab';
import { type Triple } from '../colour/vector';
import { type Method, type PathPoint } from './mixing';
import { pathBetween, pointOn, type Path } from './path';
import { type Route } from './route';

/** A colour that a scale passes through, at a share 0–1 of its way. */
export interface Stop {
	readonly at: number;
	/** Linear sRGB, 0–1. */
	readonly linear: Triple;
}

/** The whole way of a scale: from stop to stop, or a turn of the hue at one value. */
export type Way =
	| { readonly kind: 'stops'; readonly ats: readonly number[]; readonly paths: readonly Path[] }
	| {
			readonly kind: 'turn';
			readonly y: number;
			readonly chroma: number | null;
			readonly hue: number;
			readonly turn: number;
	  };

/** The way through stops, in the order of their places, the first at 0 and the last at 1. */
export function wayThrough(stops: readonly Stop[], method: Method, level: boolean, route: Route): Way {
	const paths = stops.slice(1).map(({ linear }, i) => pathBetween(stops[i]!.linear, linear, method, level, route));
	return { kind: 'stops', ats: stops.map(({ at }) => at), paths };
}

const HALVINGS = 30;
const BEYOND_ANY_SCREEN = 0.5;

/** The greatest OKLab chroma that a screen can show at this luminance and hue. */
function greatestAt(y: number, hue: number): PathPoint {
	let low = 0;
	let high = BEYOND_ANY_SCREEN;
	for (let i = 0; i < HALVINGS; i++) {
		const chroma = (low + high) / 2;
		const [, a, b] = fromPolar([0, chroma, hue]);
		if (holdLuminance(y, a, b).mapped) high = chroma;
		else low = chroma;
	}
	const [, a, b] = fromPolar([0, low, hue]);
	return holdLuminance(y, a, b);
}

/** The point at share t, 0–1, of a way. */
export function pointOnWay(way: Way, t: number): PathPoint {
	if (way.kind === 'turn') {
		const hue = way.hue + way.turn * t;
		if (way.chroma === null) return greatestAt(way.y, hue);
		const [, a, b] = fromPolar([0, way.chroma, hue]);
		return holdLuminance(way.y, a, b);
	}
	const { ats, paths } = way;
	let i = 0;
	while (i < paths.length - 1 && t >= ats[i + 1]!) i++;
	const start = ats[i]!;
	const width = ats[i + 1]! - start;
	return pointOn(paths[i]!, width > 0 ? (t - start) / width : 0);
}
