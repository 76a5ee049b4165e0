import { cuspOf } from '../colour/cusp';
import { greatestAt } from '../colour/greatest-chroma';
import { holdLuminance } from '../colour/hold-luminance';
import { fromPolar } from '../colour/oklab';
import { type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { type Method } from './mixing';
import { pathBetween, pointOn, type Path } from './path';
import { type Route } from './route';

/** A colour that a scale passes through, at a share 0–1 of its passage. */
export interface Stop {
	readonly at: number;
	/** Linear sRGB, 0–1. */
	readonly linear: Triple;
}

/** The whole passage of a scale: from stop to stop; a turn of the hue at one value; or a turn at which each hue is at its purest. */
export type Passage =
	| { readonly kind: 'stops'; readonly ats: readonly number[]; readonly paths: readonly Path[] }
	| {
			readonly kind: 'turn';
			readonly y: number;
			/** OKLab chroma, or null for the greatest that fits. */
			readonly chroma: number | null;
			readonly hue: number;
			readonly turn: number;
	  }
	| { readonly kind: 'purest'; readonly hue: number; readonly turn: number };

/** The passage through stops, in the order of their places, the first at 0 and the last at 1. */
export function passageThrough(stops: readonly Stop[], method: Method, level: boolean, route: Route): Passage {
	const paths = stops.slice(1).map(({ linear }, i) => pathBetween(stops[i]!.linear, linear, method, level, route));
	return { kind: 'stops', ats: stops.map(({ at }) => at), paths };
}

/** The passage from one colour straight to another, as most scales have it. */
export function passageBetween(from: Triple, to: Triple, method: Method, level: boolean, route: Route): Passage {
	return { kind: 'stops', ats: WHOLE, paths: [pathBetween(from, to, method, level, route)] };
}
const WHOLE: readonly number[] = [0, 1];

function pointOnTurn({ y, chroma }: Extract<Passage, { kind: 'turn' }>, hue: number): Fitted {
	if (chroma === null) return greatestAt(y, hue);
	const [, a, b] = fromPolar([0, chroma, hue]);
	const held = holdLuminance(y, a, b);
	// Where this chroma is too much for the hue, less of it keeps the hue; drawing it in by light would bend it.
	return held.mapped ? { linear: greatestAt(y, hue).linear, mapped: true } : held;
}

/** The point at share t, 0–1, of a passage. */
export function pointOnPassage(passage: Passage, t: number): Fitted {
	if (passage.kind === 'stops') return pointBetweenStops(passage, t);
	const hue = passage.hue + passage.turn * t;
	return passage.kind === 'turn' ? pointOnTurn(passage, hue) : { linear: cuspOf(hue), mapped: false };
}

function pointBetweenStops({ ats, paths }: Extract<Passage, { kind: 'stops' }>, t: number): Fitted {
	if (paths.length === 1) return pointOn(paths[0]!, t);
	let i = 0;
	while (i < paths.length - 1 && t >= ats[i + 1]!) i++;
	const start = ats[i]!;
	const width = ats[i + 1]! - start;
	return pointOn(paths[i]!, width > 0 ? (t - start) / width : 0);
}
