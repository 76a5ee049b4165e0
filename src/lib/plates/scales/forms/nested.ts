import { type Nest } from '../look';
import { sideways, upright } from '$lib/drawing/lost';
import { type FormPlaces, type StepPlace } from './place';
import { type Box } from '$lib/drawing/box';
import { outlineOf } from '$lib/drawing/figure';
import { inPath } from '$lib/drawing/rounded';

const LABEL_GAP = 16;
const MARK_REACH = 14;
/** The innermost figure is this share of the outermost at the least, so that it can be seen. */
const INNERMOST = 0.06;

const CIRCLE_REACH = Array.from({ length: 32 }, (_, i) => {
	const angle = (i / 32) * 2 * Math.PI;
	return [0.5 + 0.5 * Math.cos(angle), 0.5 + 0.5 * Math.sin(angle)] as const;
});

/** As large as there is room, and each figure a like margin inside the one before, down to the least that can be seen. */
export const usualNest = (count: number): Nest => ({
	least: 1 - ((count - 1) / count) * (1 - INNERMOST),
	most: 1,
	second: null
});

/** What of an outline is between it and the one inside it, as an outline that leaves the inner one out. */
function between(outer: Box, inner: Box, isRound: boolean): string {
	if (isRound) {
		const r = inPath(inner.width / 2);
		const hole = `M${inPath(inner.x)} ${inPath(inner.y + inner.width / 2)}a${r} ${r} 0 1 0 ${inPath(inner.width)} 0a${r} ${r} 0 1 0 ${inPath(-inner.width)} 0z`;
		return outlineOf('circles', outer) + hole;
	}
	const side = inPath(inner.width);
	return `${outlineOf('squares', outer)}M${inPath(inner.x)} ${inPath(inner.y)}v${side}h${side}v-${side}z`;
}

/**
 * A second set over the first, shifted: every other figure of it, less what lies inside, so that both are seen where they cross. The
 * innermost of them is whole.
 */
function secondSet(boxes: readonly Box[], shift: number, isRound: boolean): NonNullable<FormPlaces['second']> {
	const shifted = boxes.map((box) => ({ ...box, x: box.x + shift }));
	return shifted.flatMap((outer, i) => {
		if (i % 2 === 0) return [];
		const inner = shifted[i + 1] ?? {
			x: outer.x + outer.width / 2,
			y: outer.y + outer.height / 2,
			width: 0,
			height: 0
		};
		return [{ path: between(outer, inner, isRound), step: boxes.length - 1 - i }];
	});
}

/** Squares or circles in each other, the first step outermost, all about one middle. Labels stand in a column beside them. */
export function nested(count: number, row: Box, isRound: boolean, nest: Nest = usualNest(count)): FormPlaces {
	const { least, most, second } = nest;
	const room = Math.min(row.height, (row.width * 0.6) / (1 + most * (second ?? 0)));
	const whole = room * most;
	const left = row.x + (row.width - whole * (1 + (second ?? 0))) / 2;
	const top = row.y + (row.height - whole) / 2;
	const sideOf = (i: number): number =>
		i >= count ? 0 : room * (most - (count < 2 ? 0 : (i / (count - 1)) * (most - least)));
	const boxes = Array.from({ length: count }, (_, i): Box => {
		const inset = (whole - sideOf(i)) / 2;
		return { x: left + inset, y: top + inset, width: sideOf(i), height: sideOf(i) };
	});
	const right = left + whole * (1 + (second ?? 0));
	const steps = boxes.map((box, i): StepPlace => {
		const line = count < 2 ? 0 : i / (count - 1);
		return {
			box,
			outline: isRound ? { kind: 'path', path: outlineOf('circles', box) } : { kind: 'box' },
			reach: isRound ? CIRCLE_REACH : null,
			label: { x: right + LABEL_GAP, y: top + 10 + line * (whole - 12), anchor: 'start' },
			mark: { x: left - MARK_REACH, y: box.y + (box.width - sideOf(i + 1)) / 4 - 1, width: MARK_REACH - 4, height: 2 },
			corners: i === 0 ? [...upright(box), ...sideways(box, -1), ...sideways(box, 1)] : []
		};
	});
	const places = { steps, room: whole / count, column: true };
	return second === null ? places : { ...places, second: secondSet(boxes, whole * second, isRound) };
}
