import { greatestThat } from '../colour/greatest-chroma';
import { holdLuminance } from '../colour/hold-luminance';
import { fromPolar } from '../colour/oklab';
import { type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { type Method } from './mixing';
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

/** The way from one colour straight to another, as most scales have it. */
export function wayBetween(from: Triple, to: Triple, method: Method, level: boolean, route: Route): Way {
	return { kind: 'stops', ats: WHOLE, paths: [pathBetween(from, to, method, level, route)] };
}
const WHOLE: readonly number[] = [0, 1];

/** The colour of the greatest OKLab chroma that a screen can show at this luminance and hue. */
function greatestAt(y: number, hue: number): Fitted {
	const at = (chroma: number): Fitted => {
		const [, a, b] = fromPolar([0, chroma, hue]);
		return holdLuminance(y, a, b);
	};
	return at(greatestThat((chroma) => !at(chroma).mapped));
}

/** The point at share t, 0–1, of a way. */
export function pointOnWay(way: Way, t: number): Fitted {
	if (way.kind === 'turn') {
		const hue = way.hue + way.turn * t;
		if (way.chroma === null) return greatestAt(way.y, hue);
		const [, a, b] = fromPolar([0, way.chroma, hue]);
		const held = holdLuminance(way.y, a, b);
		// Where this chroma is too much for the hue, less of it keeps the hue; drawing it in by light would bend it.
		return held.mapped ? { linear: greatestAt(way.y, hue).linear, mapped: true } : held;
	}
	const { ats, paths } = way;
	if (paths.length === 1) return pointOn(paths[0]!, t);
	let i = 0;
	while (i < paths.length - 1 && t >= ats[i + 1]!) i++;
	const start = ats[i]!;
	const width = ats[i + 1]! - start;
	return pointOn(paths[i]!, width > 0 ? (t - start) / width : 0);
}
