import { bar, barsIn } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { INK, SOFT, words } from '$lib/drawing/words';
import { type GroundsCommon } from '../../common';
import { figureOf } from '../../ground-shapes';
import { type SeenRow } from './row-of';
import { figuresIn, rowBoxes, SHIFTS } from './rows-layout';
import { type Rows } from './schema';

/** The bars of a shift, ground by ground; those that go up stand over the line. */
function drawShifts(base: number, name: string, shifts: readonly number[], scale: number): Shape[] {
	const boxes = rowBoxes(shifts.length);
	return [
		words(28, base - SHIFTS.reach - 4, name),
		{ kind: 'rule', x1: 28, y1: base, x2: PLATE_WIDTH - 28, y2: base, stroke: SOFT },
		...shifts.map((shift, i): Shape => {
			const height = Math.max(0.6, Math.min(SHIFTS.reach, Math.abs(shift) * scale));
			const { x, width } = boxes[i]!;
			return bar({ x: x + width * 0.35, y: shift > 0 ? base - height : base, width: width * 0.3, height }, INK);
		})
	];
}

/** What each figure seems to become on each ground, and how far it seems to move in value and in chroma. */
function drawFound({ scale }: Rows, row: readonly SeenRow[]): Shape[] {
	const mean = scale ? ', mean of the scale' : '';
	const share = scale ? 0.84 : 0.5;
	const looks = rowBoxes(row.length).flatMap(({ x, y, width, height }, i) =>
		barsIn(
			{ x: x + (width * (1 - share)) / 2, y: y + height + 8, width: width * share, height: 22 },
			row[i]!.seen.map((each) => each.looks.hex)
		)
	);
	const values = row.map(({ value }) => value);
	const chromas = row.map(({ chroma }) => chroma);
	return [
		...looks,
		...drawShifts(SHIFTS.value, `seems lighter (up) or darker, L*${mean}`, values, 3),
		...drawShifts(SHIFTS.chroma, `seems stronger (up) or quieter, OKLCH chroma${mean}`, chromas, 900)
	];
}

/** The figures on each ground of a row, with what they become where that is shown. */
export function drawRow(common: GroundsCommon, settings: Rows, row: readonly SeenRow[]): Shape[] {
	if (row.length === 0) return [];
	return [
		...rowBoxes(row.length).flatMap((box, i) => {
			const { ground, seen } = row[i]!;
			const places = figuresIn(box, common, seen.length);
			return [bar(box, ground.hex), ...places.map((place, k) => figureOf(common, place, seen[k]!.figure.hex))];
		}),
		...(settings.predicted ? drawFound(settings, row) : [])
	];
}
