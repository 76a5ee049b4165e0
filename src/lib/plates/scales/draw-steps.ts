import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { type GradationStop } from '$lib/core/scale/gradation';
import { type Scale, type Step } from '$lib/core/scale/scale';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { labelOf, type Label } from '$lib/drawing/label';
import { ticks, vanishes } from '$lib/drawing/lost';
import { PLAIN_LOOK, type ScaleLook } from './look';
import { type StepPlace } from './forms/place';
import { type RowPlace } from './layout';
import { INK, SOFT, words } from '$lib/drawing/words';

/** Room that a label needs beside its neighbours, across and down. */
const LABEL_ROOM: Readonly<Record<Label, number>> = { value: 20, number: 20, code: 52, name: 112, none: 1 };
const LINE = 13;

function figure({ hex }: Step, { box, outline }: StepPlace): Shape {
	return outline.kind === 'box' ? { kind: 'bar', ...box, fill: hex } : { kind: 'area', path: outline.path, fill: hex };
}

function labels({ steps, inAll }: Scale, place: RowPlace, label: Label): Shape[] {
	if (label === 'none') return [];
	const last = inAll - 1;
	const every = Math.max(1, Math.ceil((place.column ? LINE : LABEL_ROOM[label]) / place.room));
	return steps.flatMap((step, i) => {
		const end = i === 0 || i === last;
		if (!end && (i % every !== 0 || last - i < every)) return [];
		const { x, y, anchor } = place.steps[i]!.label;
		const text = labelOf(step, i, label);
		return [words(x, y, text, { anchor, strong: end, fill: end ? INK : SOFT })];
	});
}

/** A small wedge that points at each step that was set by hand, from over it, or from beside it in a column. */
function pins({ steps }: Scale, place: RowPlace): Shape[] {
	return steps.flatMap((step, i): Shape[] => {
		if (!step.pinned) return [];
		const { x, y, width, height } = place.steps[i]!.box;
		const path = place.column
			? `M${x - 7} ${y + height / 2 - 3.5}l5.5 3.5l-5.5 3.5z`
			: `M${x + width / 2 - 3.5} ${y - 7}h7l-3.5 5.5z`;
		return [{ kind: 'area', path, fill: INK }];
	});
}

/** Where the middle of each step stands across the plate; evenly over the box for a form that does not run in a row. */
function middlesOf({ x, width }: Box, { steps, column }: RowPlace, turned: boolean): number[] {
	const middles = steps.map(({ box }) => box.x + box.width / 2);
	const onward = (at: number, i: number): boolean => i === 0 || (turned ? at < middles[i - 1]! : at > middles[i - 1]!);
	if (!column && middles.every(onward)) return middles;
	const last = steps.length - 1;
	return steps.map((_, i) => x + width * (turned ? 1 - i / last : i / last));
}

/**
 * The unbroken gradation as a gradient: each step's own colour, and each parent's, stands in it just under the middle of the step, or
 * under the place of the parent; beyond the first and the last it stays as it is.
 */
function gradation(box: Box, run: readonly GradationStop[], place: RowPlace, turned: boolean): Shape {
	const middles = middlesOf(box, place, turned);
	const last = middles.length - 1;
	const shareOfBox = (at: number): number => {
		const step = Math.min(last - 1, Math.floor(at * last));
		const across = middles[step]! + (middles[step + 1]! - middles[step]!) * (at * last - step);
		return Math.min(1, Math.max(0, (across - box.x) / box.width));
	};
	const stops = run.map(({ at, hex }) => ({ at: shareOfBox(at), fill: hex }));
	return { kind: 'gradient', ...box, stops: turned ? stops.reverse() : stops };
}

/** The steps of a row with their labels, and the unbroken gradation under them where it is given, on a ground (linear sRGB). */
export function drawSteps(
	scale: Scale,
	place: RowPlace,
	look: ScaleLook = PLAIN_LOOK,
	withWords = true,
	run: readonly GradationStop[] = [],
	ground: ReadonlyTriple = [1, 1, 1]
): Shape[] {
	const order = scale.steps.map((_, i) => (look.turned ? scale.inAll - 1 - i : i));
	return [
		...order.map((i) => figure(scale.steps[i]!, place.steps[i]!)),
		...(place.second ?? []).map(({ path, step }): Shape => ({
			kind: 'area',
			path,
			fill: scale.steps[look.turned ? scale.inAll - 1 - step : step]!.hex
		})),
		...order.flatMap((i) => (vanishes(scale.steps[i]!.linear, ground) ? ticks(place.steps[i]!.corners) : [])),
		...(place.gradation && run.length > 0 ? [gradation(place.gradation, run, place, look.turned)] : []),
		...(withWords ? [...labels(scale, place, look.label), ...pins(scale, place)] : [])
	];
}
