import { valueOf } from '../colour/value-of';
import { HUELESS } from '../colour/hueless';
import { valueToLuminance } from '../colour/lab';
import { linearToOklch } from '../colour/oklab';
import { mostNeutralOn, neutralBetween } from './neutral';
import { type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { complement } from '../scheme/turn-hue';
import { hueTurn } from './route';
import { type ScaleSpec } from './spec';
import { passageBetween, passageThrough, type Stop, type Passage } from './passage';

/** A step that stands where it stands: an end, a parent on its way, or one set by hand. */
export interface Fixed {
	readonly step: number;
	readonly linear: Triple;
	readonly mapped: boolean;
	readonly parent: number | null;
	readonly pinned: boolean;
}

/** What a recipe comes to: the passage of the scale, and the steps that are fixed on it, the two ends among them. */
export interface Plan {
	readonly passage: Passage;
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
	const own = valueOf(parent);
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
	{ recipe, endValue, wheel = 'painter', oneWay, dulling = 'neutral', method, route = 'shorter' }: ScaleSpec,
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
			if (!oneWay) return [first, opposite];
			const byMixing = (): Triple => mostNeutralOn(passageBetween(first, opposite, method, false, route));
			return [first, dulling === 'neutral' ? neutralBetween(first, opposite) : byMixing()];
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
	const at = place === 'middle' ? 0.5 : 1 - valueOf(parent) / 100;
	return Math.max(1, Math.min(intervals - 1, Math.round(at * intervals)));
}

/** The inner parents of a path that stand just where a step does. */
function parentsOnSteps(stops: readonly Stop[], intervals: number, shown: readonly Fitted[]): Fixed[] {
	return stops.slice(1, -1).flatMap(({ at, linear }, i) => {
		const step = Math.round(at * intervals);
		const onStep = Math.abs(at * intervals - step) < ON_STEP && step > 0 && step < intervals;
		return onStep ? [standing(step, linear, i + 1, shown)] : [];
	});
}

/** How near, in steps, a parent's place must be to a step to count as that step. */
const ON_STEP = 1e-6;

/** A turn of fewer degrees than this is none. */
const LEAST_TURN = 5;

/** Degrees from the hue of the first parent to that of the second, or null where there is no hue to turn. */
export function turnOf({ route = 'shorter' }: Pick<ScaleSpec, 'route'>, from: Triple, to: Triple): number | null {
	const [[, chroma, hue], [, goalChroma, goal]] = [linearToOklch(from), linearToOklch(to)];
	if (chroma < HUELESS || goalChroma < HUELESS) return null;
	const turned = hueTurn(hue, goal, route);
	return Math.abs(turned) < LEAST_TURN ? null : turned;
}

/** Hue steps: at their purest both parents stand, and without a hue to turn they are an interval. */
function planHues(spec: ScaleSpec, shown: readonly Fitted[], [from, to]: readonly [Triple, Triple]): Plan {
	const { method, route = 'shorter', turning = 'purest' } = spec;
	const [, chroma, hue] = linearToOklch(from);
	const ends = [standing(0, from, 0, shown), standing(spec.between + 1, to, 1, shown)];
	if (turning === 'purest') {
		const turned = turnOf(spec, from, to);
		if (turned === null) return { passage: passageBetween(from, to, method, false, route), fixed: ends };
		return { passage: { kind: 'purest', hue, turn: turned }, fixed: ends };
	}
	const [, , goal] = linearToOklch(to);
	const turned = hueTurn(hue, goal, route);
	// The steps themselves are all reckoned, the far end too: nothing stands but the parent, where its chroma is held.
	return turning === 'greatest'
		? { passage: { kind: 'turn', y: luminance(...from), chroma: null, hue, turn: turned }, fixed: [] }
		: { passage: { kind: 'turn', y: luminance(...from), chroma, hue, turn: turned }, fixed: ends.slice(0, 1) };
}

/** Whether a scale is dulled from end to end through the neutral, which then is the middle of its passage. */
export const throughNeutral = ({ recipe, dulling = 'neutral', oneWay = false }: ScaleSpec): boolean =>
	recipe === 'dulling' && dulling === 'neutral' && !oneWay;

/** A step set by hand, as a screen can show it. */
export interface Pin extends Fitted {
	readonly step: number;
}

/**
 * Works out the passage of a scale and its fixed steps, in their order. Parents and pins come as a screen shows them.
 * @throws Problem `end-grey` for a grey on the wrong side, `parents` for places that do not fit.
 */
export function planScale(spec: ScaleSpec, shown: readonly Fitted[], pins: readonly Pin[]): Plan {
	const parents = shown.map(({ linear }) => linear);
	if (pins.length > 0) return planBroken(spec, shown, parents, pins);
	if (spec.recipe === 'hue-steps') return planHues(spec, shown, [parents[0]!, parents[1]!]);
	const pair = endsOf(spec, parents);
	if (!pair || throughNeutral(spec)) return planBroken(spec, shown, parents, pins);
	const [from, to] = pair;
	const passage = passageBetween(from, to, spec.method, spec.recipe === 'tones-level', spec.route ?? 'shorter');
	const last = spec.recipe === 'interval' ? 1 : null;
	return { passage, fixed: [standing(0, from, 0, shown), standing(spec.between + 1, to, last, shown)] };
}

/** An end or a parent at a step; ends that follow from the recipe, such as white, are nobody's parent. */
function standing(step: number, linear: Triple, parent: number | null, shown: readonly Fitted[]): Fixed {
	return { step, linear, mapped: parent !== null && shown[parent]!.mapped, parent, pinned: false };
}

/** Where a recipe passes of itself, by shares of the whole, its ends among them. */
function stopsOf(spec: ScaleSpec, parents: readonly Triple[]): Stop[] {
	if (spec.recipe === 'path') return pathStops(parents, spec.places);
	const [from, to] =
		spec.recipe === 'value-steps' ? [WHITE, BLACK] : (endsOf(spec, parents) ?? [parents[0]!, parents.at(-1)!]);
	const neutral = throughNeutral(spec) ? [{ at: 0.5, linear: neutralBetween(from, to) }] : [];
	return [{ at: 0, linear: from }, ...neutral, { at: 1, linear: to }];
}

/** The steps between the ends that a recipe fixes of itself. */
function fixedBy(spec: ScaleSpec, stops: readonly Stop[], shown: readonly Fitted[]): Fixed[] {
	const { recipe, spacing, parentPlace = 'value' } = spec;
	const intervals = spec.between + 1;
	// By equal shares a parent in the middle can fall on a step: then the step is that parent.
	if (recipe === 'path' && spacing === 'shares') return parentsOnSteps(stops, intervals, shown);
	if (recipe === 'value-steps') {
		const step = parentStep(shown[0]!.linear, intervals, parentPlace);
		return step === null ? [] : [standing(step, shown[0]!.linear, 0, shown)];
	}
	const neutralStands = throughNeutral(spec) && intervals % 2 === 0;
	return neutralStands ? [standing(intervals / 2, stops[1]!.linear, null, shown)] : [];
}

/** The plan of a scale with more stops than its two ends: a path, value steps, dulling through the neutral, or steps set by hand. */
function planBroken(spec: ScaleSpec, shown: readonly Fitted[], parents: readonly Triple[], pins: readonly Pin[]): Plan {
	const { recipe, method, route = 'shorter' } = spec;
	const intervals = spec.between + 1;
	const stops = stopsOf(spec, parents);
	const free = fixedBy(spec, stops, shown).filter(({ step }) => !pins.some((pin) => pin.step === step));
	const between = [...pins.map((pin): Fixed => ({ ...pin, parent: null, pinned: true })), ...free];
	const set = between.map(({ step, linear }): Stop => ({ at: step / intervals, linear }));
	const others = stops.filter(({ at }) => !set.some((stop) => stop.at === at));
	const all = [...others, ...set].sort((one, other) => one.at - other.at);
	const manyParents = recipe === 'interval' || recipe === 'path' || recipe === 'hue-steps';
	const fixed = [
		standing(0, all[0]!.linear, recipe === 'value-steps' ? null : 0, shown),
		...between,
		standing(intervals, all.at(-1)!.linear, manyParents ? parents.length - 1 : null, shown)
	];
	// Where steps are set by hand the value between them is free, for level tones too.
	return {
		passage: passageThrough(all, method, false, route),
		fixed: fixed.sort((one, other) => one.step - other.step)
	};
}
