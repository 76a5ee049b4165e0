import { sideways, upright } from '$lib/drawing/lost';
import { type FormPlaces, type StepPlace } from './place';
import { type Box } from '$lib/drawing/box';

/** A column is about so wide beside its height, and never wider than this share of the row. */
const BREADTH = 0.7;
const WIDEST = 0.5;
const LABEL_GAP = 12;
const MARK = { width: 2, gap: 4 } as const;

/** Bars that touch, from top to bottom, with their labels beside them. */
export function column(count: number, row: Box): FormPlaces {
	const width = Math.min(row.width * WIDEST, row.height * BREADTH);
	const left = row.x + (row.width - width) / 2;
	const each = row.height / count;
	const steps = Array.from({ length: count }, (_, i): StepPlace => {
		const box = { x: left, y: row.y + i * each, width, height: each };
		const ends = upright(box);
		const outer =
			i === 0 ? ends.filter(([, , , dy]) => dy < 0) : i === count - 1 ? ends.filter(([, , , dy]) => dy > 0) : [];
		return {
			box,
			outline: { kind: 'box' },
			reach: null,
			label: { x: left + width + LABEL_GAP, y: box.y + each / 2 + 4, anchor: 'start' },
			mark: { x: left - MARK.gap - MARK.width, y: box.y, width: MARK.width, height: each },
			corners: [...sideways(box, -1), ...sideways(box, 1), ...outer]
		};
	});
	return { steps, room: each, column: true };
}
