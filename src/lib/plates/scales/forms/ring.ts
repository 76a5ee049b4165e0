import { type FormPlaces, type StepPlace } from './place';
import { type Box } from '$lib/drawing/box';
import { anchorAt, around, reachOfSector, sector } from '$lib/drawing/sector';

/** The hole's share of the ring. */
const HOLE = 0.52;
const LABEL_OUT = 13;
const MARK = 5;
/** How far, in radians, a sector reaches under its neighbour. */
const UNDER = 0.03;

/** Sectors of a ring, clockwise from the top, all of one angle. */
export function ring(count: number, row: Box): FormPlaces {
	// Labels stand outside, so the ring leaves them room; a small picture of one has none.
	const out = Math.min(LABEL_OUT, row.height * 0.08);
	const outer = Math.min(row.height / 2 - out, row.width / 2 - Math.min(60, row.width * 0.12));
	const inner = outer * HOLE;
	const at = around(row.x + row.width / 2, row.y + row.height / 2);
	const turn = (2 * Math.PI) / count;
	// Each sector reaches a little under the next, which is drawn over it: edges that only meet would let the ground through.
	const under = Math.min(turn / 2, UNDER);
	const steps = Array.from({ length: count }, (_, i): StepPlace => {
		const [from, to, middle] = [turn * i, turn * (i + 1), turn * (i + 0.5)];
		const [labelX, labelY] = at(outer + out, middle);
		const [markX, markY] = at(inner - MARK * 1.6, middle);
		return {
			...reachOfSector(at, outer, inner, from, to),
			outline: {
				kind: 'path',
				path: sector(at, outer, inner, from - (i === 0 ? under : 0), i === count - 1 ? to : to + under)
			},
			label: { x: labelX, y: labelY + 4, anchor: anchorAt(middle) },
			mark: { x: markX - MARK / 2, y: markY - MARK / 2, width: MARK, height: MARK },
			corners: [from, to].map((angle) => [...at(outer + 1, angle), Math.sin(angle), -Math.cos(angle)] as const)
		};
	});
	return { steps, room: turn * (outer + out), column: false };
}
