import { type Box } from '$lib/drawing/box';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { rounded } from '$lib/drawing/rounded';
import { words } from '$lib/drawing/words';
import { inBox } from './picture-layout';
import { type PicturePlate } from './schema';

/** Marks stand on a picture, not on the sheet: light on dark, so that one of the two is seen on any colour. */
const [LIGHT, DARK] = ['#ffffff', '#1c1c1c'] as const;
/** The least half side of a mark's corners, and how far they stand away from the square, in plate units. */
const LEAST_HALF = 6.5;
const AWAY = 2.5;
const ARM = 5;

/** The half side of the corners about a square of so many pixels. */
export const halfOfMark = ({ picture, size }: PicturePlate, box: Box): number =>
	Math.max(LEAST_HALF, ((size / picture.width) * box.width) / 2 + AWAY);

/** Four angles about a place, as thick as is said: nothing stands on the colour itself. */
function angles([x, y]: readonly [number, number], half: number, thick: number): string {
	const corner = (sx: number, sy: number): string => {
		const [cx, cy] = [x + sx * half, y + sy * half];
		const grown = thick / 2;
		const [left, top] = [cx + sx * grown, cy + sy * grown];
		const arm = ARM + grown;
		const path = [
			`M${rounded(left)} ${rounded(top)}`,
			`h${-sx * arm}`,
			`v${-sy * thick}`,
			`h${sx * (arm - thick)}`,
			`v${sy * (thick - arm)}`,
			`h${sx * thick}`,
			'z'
		];
		return path.join('');
	};
	return [corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)].join('');
}

/** The number of a place on a small sheet of its own, at the side where there is room. */
function number([x, y]: readonly [number, number], half: number, text: string, locked: boolean, box: Box): Shape[] {
	const width = (text.length > 1 ? 17 : 12) + (locked ? 8 : 0);
	const right = x + half + 3 + width <= box.x + box.width;
	const top = Math.max(box.y, y - half - 9);
	const left = right ? x + half + 2 : x - half - 2 - width;
	const middle = left + width / 2 - (locked ? 3 : 0);
	const sheet = { x: left, y: top, width, height: 13 };
	const shapes: Shape[] = [
		bar(sheet, LIGHT),
		words(middle, top + 10, text, { anchor: 'middle', face: 'serif', size: 11.5, fill: DARK })
	];
	// A place that stays has a small nail beside its number.
	if (locked) shapes.push({ kind: 'area', path: nail(left + width - 6, top + 3.5), fill: DARK });
	return shapes;
}

const nail = (x: number, y: number): string => `M${rounded(x - 2.5)} ${rounded(y)}h5v2h-1.7l-.4 4.5h-.8l-.4 -4.5h-1.7z`;

/** The marks of all places in a box that the picture fills. */
export function drawMarks(plate: PicturePlate, box: Box): Shape[] {
	const half = halfOfMark(plate, box);
	return plate.places.flatMap((place, i): Shape[] => {
		const at = inBox(plate, box, place);
		return [
			{ kind: 'area', path: angles(at, half, 3.6), fill: DARK },
			{ kind: 'area', path: angles(at, half, 1.6), fill: LIGHT },
			...number(at, half, String(i + 1), place.locked === true, box)
		];
	});
}

/** A line across the picture, light with a dark edge, with a disc at each end and a point that shows which way it runs. */
export function drawLine(plate: PicturePlate, box: Box): Shape[] {
	const { from, to } = plate.line;
	const [start, end] = [inBox(plate, box, from), inBox(plate, box, to)];
	const strip = (thick: number): string => {
		const [dx, dy] = [end[0] - start[0], end[1] - start[1]];
		const length = Math.max(1e-6, Math.hypot(dx, dy));
		const [ox, oy] = [((-dy / length) * thick) / 2, ((dx / length) * thick) / 2];
		const point = (x: number, y: number): string => `${rounded(x)} ${rounded(y)}`;
		return `M${point(start[0] + ox, start[1] + oy)}L${point(end[0] + ox, end[1] + oy)}L${point(end[0] - ox, end[1] - oy)}L${point(start[0] - ox, start[1] - oy)}z`;
	};
	const disc = ([x, y]: readonly [number, number], r: number): string =>
		`M${rounded(x - r)} ${rounded(y)}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0z`;
	return [
		{ kind: 'area', path: strip(3.4) + disc(start, 5.2) + disc(end, 3.6), fill: DARK },
		{ kind: 'area', path: strip(1.4) + disc(start, 3.8) + disc(end, 2.2), fill: LIGHT }
	];
}
