import { type Box, type FormPlaces, type StepPlace } from './place';

/** The hole's share of the ring. */
const HOLE = 0.52;
const LABEL_OUT = 13;
const MARK = 5;
/** How far, in radians, a sector reaches under its neighbour. */
const UNDER = 0.03;
/** Points along each arc of what can be clicked. */
const ARC_POINTS = 8;

const round = (x: number): string => String(Math.round(x * 1000) / 1000);

/** Sectors of a ring, clockwise from the top, all of one angle. */
export function ring(count: number, row: Box): FormPlaces {
	// Labels stand outside, so the ring leaves them room; a small picture of one has none.
	const out = Math.min(LABEL_OUT, row.height * 0.08);
	const outer = Math.min(row.height / 2 - out, row.width / 2 - Math.min(60, row.width * 0.12));
	const inner = outer * HOLE;
	const [cx, cy] = [row.x + row.width / 2, row.y + row.height / 2];
	const at = (radius: number, angle: number): [number, number] => [
		cx + radius * Math.sin(angle),
		cy - radius * Math.cos(angle)
	];
	const turn = (2 * Math.PI) / count;
	// Each sector reaches a little under the next, which is drawn over it: edges that only meet would let the ground through.
	const under = Math.min(turn / 2, UNDER);
	const steps = Array.from({ length: count }, (_, i): StepPlace => {
		const [from, to, middle] = [turn * i, turn * (i + 1), turn * (i + 0.5)];
		const along = (radius: number) =>
			Array.from({ length: ARC_POINTS + 1 }, (__, k) => at(radius, from + ((to - from) * k) / ARC_POINTS));
		const outline = [...along(outer), ...along(inner).reverse()];
		const box = boxOf(outline);
		const [labelX, labelY] = at(outer + out, middle);
		const [markX, markY] = at(inner - MARK * 1.6, middle);
		const side = Math.sin(middle);
		return {
			box,
			outline: {
				kind: 'path',
				path: sector(at, outer, inner, from - (i === 0 ? under : 0), i === count - 1 ? to : to + under)
			},
			reach: outline.map(([x, y]) => [(x - box.x) / box.width, (y - box.y) / box.height] as const),
			label: { x: labelX, y: labelY + 4, anchor: side > 0.3 ? 'start' : side < -0.3 ? 'end' : 'middle' },
			mark: { x: markX - MARK / 2, y: markY - MARK / 2, width: MARK, height: MARK },
			corners: [from, to].map((angle) => [...at(outer + 1, angle), Math.sin(angle), -Math.cos(angle)] as const)
		};
	});
	return { steps, room: turn * (outer + out), column: false };
}

function boxOf(points: readonly (readonly [number, number])[]): Box {
	const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
	const [x, y] = [Math.min(...xs), Math.min(...ys)];
	return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

type At = (radius: number, angle: number) => readonly [number, number];

function sector(at: At, outer: number, inner: number, from: number, to: number): string {
	const point = (radius: number, angle: number): string => at(radius, angle).map(round).join(' ');
	const wide = to - from > Math.PI ? 1 : 0;
	// A whole turn has no arc of its own, so it is drawn in two halves.
	const half = (from + to) / 2;
	const out = `A${round(outer)} ${round(outer)} 0 0 1 `;
	const back = `A${round(inner)} ${round(inner)} 0 0 0 `;
	if (wide)
		return `M${point(outer, from)}${out}${point(outer, half)}${out}${point(outer, to)}L${point(inner, to)}${back}${point(inner, half)}${back}${point(inner, from)}z`;
	return `M${point(outer, from)}${out}${point(outer, to)}L${point(inner, to)}${back}${point(inner, from)}z`;
}
