import { luminanceToValue, valueToLuminance } from '../colour/lab';
import { linearToOklch } from '../colour/oklab';
import { mostNeutralOn } from './neutral';
import { type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { complement } from '../scheme/turn-hue';
import { hueTurn } from './route';
import { type ScaleSpec } from './spec';
import { wayBetween, wayThrough, type Stop, type Way } from './way';

/** A step that stands where it stands: an end, a parent on its way, or one set by hand. */
export interface Fixed {
	readonly step: number;
	readonly linear: Triple;
	readonly mapped: boolean;
	readonly parent: number | null;
	readonly pinned: boolean;
}

/** What a recipe comes to: the way of the scale, and the steps that are fixed on it, the two ends among them. */
export interface Plan {
	readonly way: Way;
	readonly fixed: readonly Fixed[];
}

const WHITE: Triple = [1, 1, 1];
const BLACK: Triple = [0, 0, 0];

const grey = (value: number): Triple => {
	const y = valueToLuminance(value);
	return [y, y, y];
};

/** The end grey of rising or falling tones: as set, but only on its side of the parent; half way to white or black unless set. */
function endGrey(parent: Triple, rising: boolean, set: number | undefined): Triple {
	const own = luminanceToValue(luminance(...parent));
	const value = set ?? (rising ? (own + 100) / 2 : own / 2);
	const fits = rising ? value >= own && value <= 100 : value >= 0 && value <= own;
	if (!fits)
		throw new Problem(
			'end-grey',
			`A grey of value ${value.toFixed(0)} is on the wrong side of the parent.`,
			rising ? `a value from ${own.toFixed(1)} to 100` : `a value from 0 to ${own.toFixed(1)}`
		);
	return grey(value);
}

/** The two ends of a recipe that goes from its first parent to one other colour; null for the others. */
function endsOf(
	{ recipe, endValue, wheel = 'painter', oneWay, method, route = 'shorter' }: ScaleSpec,
	parents: readonly Triple[]
): [Triple, Triple] | null {
	const first = parents[0]!;
	switch (recipe) {
		case 'tints':
			return [first, WHITE];
		case 'shades':
			return [first, BLACK];
		case 'tones-rising':
			return [first, endGrey(first, true, endValue)];
		case 'tones-level': {
			const own = luminance(first[0], first[1], first[2]);
			return [first, [own, own, own]];
		}
		case 'tones-falling':
			return [first, endGrey(first, false, endValue)];
		case 'dulling': {
			const opposite = complement(first, wheel).linear;
			return [first, oneWay ? mostNeutralOn(wayBetween(first, opposite, method, false, route)) : opposite];
		}
		case 'interval':
			return [first, parents[1]!];
		default:
			return null;
	}
}

/** Parents of a path at their places: as set, or evenly spread. Places must rise between 0 and 1. */
function pathStops(parents: readonly Triple[], places: readonly number[] | undefined): Stop[] {
	const last = parents.length - 1;
	const ats = places ? [0, ...places, 1] : parents.map((_, i) => i / last);
	const rising = ats.length === parents.length && ats.slice(1).every((at, i) => at > ats[i]!);
	if (!rising)
		throw new Problem(
			'parents',
			'The places of the parents do not fit.',
			`${last - 1} places that rise between 0 and 1`
		);
	return parents.map((linear, i) => ({ at: ats[i]!, linear }));
}

/** Where the parent of value steps stands: at the step nearest to its own value, or in the middle; never at an end. */
function parentStep(parent: Triple, intervals: number, place: 'value' | 'middle'): number | null {
	if (intervals < 2) return null;
	const at = place === 'middle' ? 0.5 : 1 - luminanceToValue(luminance(...parent)) / 100;
	return Math.max(1, Math.min(intervals - 1, Math.round(at * intervals)));
}

/** The inner parents of a path that stand just where a step does. */
function parentsOnSteps(
	stops: readonly Stop[],
	intervals: number,
	pins: readonly Pin[],
	shown: readonly Fitted[]
): Fixed[] {
	return stops.slice(1, -1).flatMap(({ at, linear }, i) => {
		const step = Math.round(at * intervals);
		const onStep = Math.abs(at * intervals - step) < ON_STEP && step > 0 && step < intervals;
		return onStep && !pins.some((pin) => pin.step === step) ? [standing(step, linear, i + 1, shown)] : [];
	});
}

/** How near, in steps, a parent's place must be to a step to count as that step. */
const ON_STEP = 1e-6;

function hueWay(spec: ScaleSpec, [from, to]: readonly Triple[]): Way {
	const [, chroma, hue] = linearToOklch(from!);
	const [, , goal] = linearToOklch(to!);
	const turn = hueTurn(hue, goal, spec.route ?? 'shorter');
	return { kind: 'turn', y: luminance(...from!), chroma: spec.greatestChroma ? null : chroma, hue, turn };
}

/** A step set by hand, as a screen can show it. */
export interface Pin extends Fitted {
	readonly step: number;
}

/**
 * Works out the way of a scale and its fixed steps, in their order. Parents and pins come as a screen shows them.
 * @throws Problem `end-grey` for a grey on the wrong side, `parents` for places that do not fit.
 */
export function planScale(spec: ScaleSpec, shown: readonly Fitted[], pins: readonly Pin[]): Plan {
	const parents = shown.map(({ linear }) => linear);
	if (pins.length > 0) return planBroken(spec, shown, parents, pins);
	if (spec.recipe === 'hue-steps') {
		// The steps themselves are all reckoned, the far end too: nothing stands but the parent, where its chroma is held.
		return { way: hueWay(spec, parents), fixed: spec.greatestChroma ? [] : [standing(0, parents[0]!, 0, shown)] };
	}
	const pair = endsOf(spec, parents);
	if (!pair) return planBroken(spec, shown, parents, pins);
	const [from, to] = pair;
	const way = wayBetween(from, to, spec.method, spec.recipe === 'tones-level', spec.route ?? 'shorter');
	const last = spec.recipe === 'interval' ? 1 : null;
	return { way, fixed: [standing(0, from, 0, shown), standing(spec.between + 1, to, last, shown)] };
}

/** An end or a parent at a step; ends that follow from the recipe, such as white, are nobody's parent. */
function standing(step: number, linear: Triple, parent: number | null, shown: readonly Fitted[]): Fixed {
	return { step, linear, mapped: parent !== null && shown[parent]!.mapped, parent, pinned: false };
}

/** The plan of a scale with more stops than its two ends: a path, value steps, or steps set by hand. */
function planBroken(spec: ScaleSpec, shown: readonly Fitted[], parents: readonly Triple[], pins: readonly Pin[]): Plan {
	const { recipe, method, route = 'shorter' } = spec;
	const intervals = spec.between + 1;
	const [from, to] = endsOf(spec, parents) ?? [parents[0]!, parents.at(-1)!];
	const between = pins.map((pin): Fixed => ({ ...pin, parent: null, pinned: true }));
	let stops: Stop[] = [
		{ at: 0, linear: from },
		{ at: 1, linear: to }
	];
	if (recipe === 'path') {
		stops = pathStops(parents, spec.places);
		// By equal shares a parent in the middle can fall on a step: then the step is that parent.
		if (spec.spacing === 'shares') between.push(...parentsOnSteps(stops, intervals, pins, shown));
	}
	if (recipe === 'value-steps') {
		stops = [
			{ at: 0, linear: WHITE },
			{ at: 1, linear: BLACK }
		];
		const step = parentStep(parents[0]!, intervals, spec.parentPlace ?? 'value');
		if (step !== null && !pins.some((pin) => pin.step === step)) between.push(standing(step, parents[0]!, 0, shown));
	}
	const set = between.map(({ step, linear }): Stop => ({ at: step / intervals, linear }));
	const free = stops.filter(({ at }) => !set.some((stop) => stop.at === at));
	const all = [...free, ...set].sort((one, other) => one.at - other.at);
	const manyParents = recipe === 'interval' || recipe === 'path' || recipe === 'hue-steps';
	const fixed = [
		standing(0, all[0]!.linear, recipe === 'value-steps' ? null : 0, shown),
		...between,
		standing(intervals, all.at(-1)!.linear, manyParents ? parents.length - 1 : null, shown)
	];
	// Where steps are set by hand the value between them is free, for level tones too.
	return { way: wayThrough(all, method, false, route), fixed: fixed.sort((one, other) => one.step - other.step) };
}
