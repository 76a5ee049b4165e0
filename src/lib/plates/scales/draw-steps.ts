import { type Scale, type Step } from '$lib/core/scale/scale';
import { type Shape } from '$lib/drawing/drawing';
import { labelOf, type Label } from '$lib/drawing/label';
import { ticks, vanishes } from '$lib/drawing/lost';
import { PLAIN_LOOK, type ScaleLook } from './look';
import { type StepPlace } from './forms/place';
import { type RowPlace } from './layout';
import { INK, SOFT, words } from '$lib/drawing/words';

/** Room that a label needs beside its neighbours, across and down. */
const LABEL_ROOM: Readonly<Record<Label, number>> = { value: 19, number: 19, code: 48, name: 96, none: 1 };
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
		return [words(x, y, text, { anchor, size: label === 'name' ? 10 : 11, strong: end, fill: end ? INK : SOFT })];
	});
}

/** The unbroken gradation as thin bars, so many that no edge between two can be seen. */
function gradation({ x, y, width, height }: NonNullable<RowPlace['gradation']>, codes: readonly string[]): Shape[] {
	const each = width / codes.length;
	return codes.map((fill, i) => ({ kind: 'bar', x: x + i * each, y, width: each, height, fill }));
}

/** The steps of a row with their labels, and the unbroken gradation under them where its codes are given. */
export function drawSteps(
	scale: Scale,
	place: RowPlace,
	look: ScaleLook = PLAIN_LOOK,
	withWords = true,
	gradationCodes: readonly string[] = []
): Shape[] {
	const order = scale.steps.map((_, i) => (look.turned ? scale.inAll - 1 - i : i));
	const codes = look.turned ? [...gradationCodes].reverse() : gradationCodes;
	return [
		...order.map((i) => figure(scale.steps[i]!, place.steps[i]!)),
		...order.flatMap((i) => (vanishes(scale.steps[i]!) ? ticks(place.steps[i]!.corners) : [])),
		...(place.gradation ? gradation(place.gradation, codes) : []),
		...(withWords ? labels(scale, place, look.label) : [])
	];
}
