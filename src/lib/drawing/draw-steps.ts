import { colourWords } from '$lib/core/colour/hue-words';
import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { HARD_TO_TELL } from '$lib/core/scale/readings';
import { type Scale, type Step } from '$lib/core/scale/scale';
import { PLAIN_LOOK, type Label, type ScaleLook } from '$lib/model/scale-look';
import { type Shape } from './drawing';
import { type StepPlace } from './forms/place';
import { type RowPlace } from './scales-layout';
import { GROUND_LINEAR, INK, SOFT, words } from './words';

const TICK = 5;
/** Room that a label needs beside its neighbours, across and down. */
const LABEL_ROOM: Readonly<Record<Label, number>> = { value: 19, number: 19, code: 48, name: 96, none: 1 };
const LINE = 13;

/** Whether a step would be lost on the plate's ground. */
export const vanishes = ({ linear }: Step): boolean => differenceOfLinear(linear, GROUND_LINEAR) < HARD_TO_TELL;

/** Small ticks outside the corners of a step that would be lost on the ground: never a line around it. */
export const ticks = (corners: StepPlace['corners']): Shape[] =>
	corners.map(([x, y, dx, dy]) => ({ kind: 'rule', x1: x, y1: y, x2: x + TICK * dx, y2: y + TICK * dy, stroke: SOFT }));

function figure({ hex }: Step, { box, outline }: StepPlace): Shape {
	return outline.kind === 'box'
		? { kind: 'bar', ...box, fill: hex }
		: { kind: 'figure', path: outline.path, fill: hex };
}

/** What people read for each label. */
export const LABEL_WORDS: Readonly<Record<Label, string>> = {
	value: 'value',
	code: 'code',
	name: 'in words',
	number: 'number',
	none: 'nothing'
};

/** What stands at a step, by the label that was asked for. */
export function labelOf(step: Step, index: number, label: Label): string {
	switch (label) {
		case 'value':
			return step.value.toFixed(0);
		case 'code':
			return step.hex;
		case 'name':
			return colourWords(step.linear);
		case 'number':
			return String(index + 1);
		case 'none':
			return '';
	}
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
