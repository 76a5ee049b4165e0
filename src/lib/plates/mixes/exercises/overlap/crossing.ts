import { type Box } from '$lib/drawing/box';
import { leafArc, outlineOf, type FigureForm } from '$lib/drawing/figure';
import { inPath } from '$lib/drawing/rounded';

/** Where two neighbours of a chain cross, as an outline; they are of one size, the second further to the right. */
export function crossingOf(figure: FigureForm, one: Box, other: Box): string {
	const [left, right] = [other.x, one.x + one.width];
	const [top, bottom] = [Math.max(one.y, other.y), Math.min(one.y + one.height, other.y + other.height)];
	if (figure === 'bars' || figure === 'squares')
		return outlineOf('squares', { x: left, y: top, width: right - left, height: bottom - top });
	const radius = figure === 'circles' ? one.width / 2 : leafArc(one).radius;
	// The right arc of the first and the left arc of the second, which meet on the line midway between the two.
	const middle = (left + right) / 2;
	const centre = right - radius;
	const half = Math.sqrt(Math.max(0, radius * radius - (middle - centre) ** 2));
	const y = one.y + one.height / 2;
	const r = inPath(radius);
	return `M${inPath(middle)} ${inPath(y - half)}A${r} ${r} 0 0 1 ${inPath(middle)} ${inPath(y + half)}A${r} ${r} 0 0 1 ${inPath(middle)} ${inPath(y - half)}z`;
}
