import { type Role } from './schema';
import { type Shape } from '$lib/drawing/drawing';
import { type Box } from '$lib/drawing/box';
import { rounded } from '$lib/drawing/rounded';
import { words } from '$lib/drawing/words';

/** The codes that a design is woven from. */
export type Yarns = Readonly<Record<Role, string>>;

const bar = (x: number, y: number, width: number, height: number, fill: string): Shape => ({
	kind: 'bar',
	x,
	y,
	width,
	height,
	fill
});
type Point = readonly [x: number, y: number];

const outline = (points: readonly Point[]): string =>
	`M${points.map(([x, y]) => `${rounded(x)} ${rounded(y)}`).join('L')}z`;
const lozenge = (x: number, y: number, across: number, down: number): string =>
	outline([
		[x, y - down],
		[x + across, y],
		[x, y + down],
		[x - across, y]
	]);
/** All outlines of one yarn in one figure: the fewer the figures, the quicker they follow a dial. */
const figure = (outlines: readonly string[], fill: string): Shape => ({
	kind: 'area',
	path: outlines.join(''),
	fill
});
const along = (count: number): number[] => Array.from({ length: count }, (_, i) => (i + 0.5) / count);

/** A band: broad stripes between thin lines, and a row of lozenges. */
export function band({ x, y, width, height }: Box, yarns: Yarns): Shape[] {
	const part = (from: number, share: number, fill: string): Shape =>
		bar(x, y + height * from, width, height * share, fill);
	const across = width / 10;
	const rowOf = (wide: number, high: number): string[] =>
		along(5).map((at) => lozenge(x + width * at, y + height / 2, wide, high));
	return [
		bar(x, y, width, height, yarns.ground),
		part(0.04, 0.035, yarns.accent),
		part(0.12, 0.17, yarns.broad),
		part(0.31, 0.025, yarns.line),
		part(0.665, 0.025, yarns.line),
		part(0.71, 0.17, yarns.broad),
		part(0.925, 0.035, yarns.accent),
		figure(rowOf(across * 0.86, height * 0.125), yarns.figure),
		figure(rowOf(across * 0.32, height * 0.045), yarns.accent)
	];
}

/** A border: a frame with teeth round a field with one large stepped lozenge. */
export function border({ x, y, width, height }: Box, yarns: Yarns): Shape[] {
	const rim = Math.min(width, height) * 0.16;
	const [left, top, right, bottom] = [x + rim, y + rim, x + width - rim, y + height - rim];
	const [cx, cy, wide, high] = [x + width / 2, y + height / 2, width / 2 - rim, height / 2 - rim];
	const tooth = (right - left) / 8;
	const teeth = along(8).flatMap((at): string[] => {
		const middle = left + (right - left) * at;
		const up = (edge: number, turn: 1 | -1): string =>
			outline([
				[middle - tooth / 2, edge],
				[middle + tooth / 2, edge],
				[middle, edge + turn * rim * 0.72]
			]);
		return [up(top, -1), up(bottom, 1)];
	});
	const corners = [x + rim / 2, x + width - rim / 2].flatMap((at) =>
		[y + rim / 2, y + height - rim / 2].map((down) => lozenge(at, down, rim * 0.4, rim * 0.4))
	);
	return [
		bar(x, y, width, height, yarns.broad),
		bar(left, top, right - left, bottom - top, yarns.ground),
		bar(left, top, right - left, 2.2, yarns.line),
		bar(left, bottom - 2.2, right - left, 2.2, yarns.line),
		bar(left, top, 2.2, bottom - top, yarns.line),
		bar(right - 2.2, top, 2.2, bottom - top, yarns.line),
		figure([...teeth, lozenge(cx, cy, wide * 0.74, high * 0.8)], yarns.figure),
		figure([lozenge(cx, cy, wide * 0.52, high * 0.56)], yarns.line),
		figure([lozenge(cx, cy, wide * 0.4, high * 0.43)], yarns.ground),
		figure([...corners, lozenge(cx, cy, wide * 0.18, high * 0.2)], yarns.accent)
	];
}

/** Lettering on a ground: a card for a made-up weaving. */
export function lettering({ x, y, width, height }: Box, yarns: Yarns): Shape[] {
	const cx = x + width / 2;
	const size = width * 0.185;
	return [
		bar(x, y, width, height, yarns.ground),
		bar(x, y + height * 0.82, width, height * 0.18, yarns.broad),
		bar(x, y + height * 0.795, width, 2.2, yarns.accent),
		bar(x + width * 0.12, y + height * 0.55, width * 0.76, 1.4, yarns.line),
		figure([lozenge(cx, y + height * 0.2, width * 0.06, width * 0.06)], yarns.accent),
		words(cx, y + height * 0.47, 'Saltmarsh', { anchor: 'middle', face: 'serif', size, fill: yarns.figure }),
		words(cx, y + height * 0.67, 'blankets & bands', {
			anchor: 'middle',
			size: Math.max(12, width * 0.095),
			fill: yarns.line
		}),
		words(cx, y + height * 0.935, 'spring warp', {
			anchor: 'middle',
			size: Math.max(12, width * 0.085),
			strong: true,
			fill: yarns.ground
		})
	];
}
