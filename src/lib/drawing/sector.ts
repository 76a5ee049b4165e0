import { type Box } from './box';
import { inPath } from './rounded';

/** A point by its distance from a centre and its angle in radians, clockwise from the top. */
export type At = (radius: number, angle: number) => readonly [number, number];

export const around =
	(cx: number, cy: number): At =>
	(radius, angle) => [cx + radius * Math.sin(angle), cy - radius * Math.cos(angle)];

/** Points along each arc of what can be clicked. */
const ARC_POINTS = 8;

/** A sector of a ring as SVG path data. */
export function sector(at: At, outer: number, inner: number, from: number, to: number): string {
	const point = (radius: number, angle: number): string => at(radius, angle).map(inPath).join(' ');
	const wide = to - from > Math.PI ? 1 : 0;
	// A whole turn has no arc of its own, so it is drawn in two halves.
	const half = (from + to) / 2;
	const out = `A${inPath(outer)} ${inPath(outer)} 0 0 1 `;
	const back = `A${inPath(inner)} ${inPath(inner)} 0 0 0 `;
	if (wide)
		return `M${point(outer, from)}${out}${point(outer, half)}${out}${point(outer, to)}L${point(inner, to)}${back}${point(inner, half)}${back}${point(inner, from)}z`;
	return `M${point(outer, from)}${out}${point(outer, to)}L${point(inner, to)}${back}${point(inner, from)}z`;
}

/** The box around a sector, and its outline in shares 0–1 of that box: what can be clicked. */
export function reachOfSector(
	at: At,
	outer: number,
	inner: number,
	from: number,
	to: number
): { box: Box; reach: (readonly [number, number])[] } {
	const along = (radius: number) =>
		Array.from({ length: ARC_POINTS + 1 }, (_, i) => at(radius, from + ((to - from) * i) / ARC_POINTS));
	const points = [...along(outer), ...along(inner).reverse()];
	const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
	const [x, y] = [Math.min(...xs), Math.min(...ys)];
	const box = { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
	return { box, reach: points.map(([px, py]) => [(px - x) / box.width, (py - y) / box.height]) };
}

/** Where words outside a circle begin or end, by the side that they stand on. */
export function anchorAt(angle: number): 'start' | 'middle' | 'end' {
	const side = Math.sin(angle);
	return side > 0.3 ? 'start' : side < -0.3 ? 'end' : 'middle';
}
