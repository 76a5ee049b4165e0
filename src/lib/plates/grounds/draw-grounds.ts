import { type GroundsPlate } from './schema';
import { type LinkedColour } from '$lib/model/linked';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { bar, barsIn } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { header } from '$lib/drawing/head';
import { outlineOf } from '$lib/drawing/figure';
import { GROUND, INK, SOFT, words } from '$lib/drawing/words';
import {
	BOARD,
	figureIn,
	figuresIn,
	groundBoxes,
	LOOKS,
	rowBoxes,
	SHIFTS,
	SOLUTION,
	stripBetween
} from './grounds-layout';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { drawAfterImage, drawAssimilation, drawEdge, drawJudging } from './draw-looking';
import { drawOwnContrast } from './draw-own-contrast';
import { BOARD_FILL, figureOf } from './ground-shapes';
import { sayP } from './say-p';
import { groundsOf, type MadeGrounds, type Seen } from './grounds-of';

/** Light words on the board, which is a middle grey. */
const ON_BOARD = '#ffffff';

const groundOf = ({ groundForm }: GroundsPlate, box: Box, fill: string): Shape =>
	groundForm === 'circles' ? { kind: 'figure', path: outlineOf('circles', box), fill } : bar(box, fill);

/** Over discs the strip is a figure too: figures lie over bars. */
const stripOf = ({ groundForm }: GroundsPlate, { x, y, width, height }: Box, fill: string): Shape =>
	groundForm === 'circles'
		? { kind: 'figure', path: `M${x} ${y}L${x + width} ${y}L${x + width} ${y + height}L${x} ${y + height}z`, fill }
		: bar({ x, y, width, height }, fill);

/** Two grounds with their figures; under a cover only the figures are left, on the plate's white. */
function drawPair(plate: GroundsPlate, { pair }: MadeGrounds): Shape[] {
	const grounds = groundBoxes(plate);
	const boxes = grounds.map((box) => figureIn(box, plate.form, plate.size));
	const strip = plate.strip && plate.exercise !== 'two-as-one';
	return [
		...grounds.map((box, i) => groundOf(plate, box, plate.cover ? GROUND : pair[i]!.ground.hex)),
		...(strip ? [stripOf(plate, stripBetween(boxes[0]!, boxes[1]!), pair[0].figure.hex)] : []),
		...boxes.map((box, i) => figureOf(plate, box, pair[i]!.figure.hex))
	];
}

function drawLooks(plate: GroundsPlate, { pair, solution }: MadeGrounds): Shape[] {
	const looks = ({ looks: { hex }, shift }: Seen, i: 0 | 1): Shape[] => [
		bar(LOOKS[i], hex),
		words(LOOKS[i].x - 84, LOOKS[i].y + 18, 'looks', { fill: ON_BOARD, face: 'serif', size: 14 }),
		words(LOOKS[i].x - 84, LOOKS[i].y + 36, hex, { fill: ON_BOARD, size: 11 }),
		words(LOOKS[i].x - 84, BOARD.y + BOARD.height + 16, shift.words, { size: 11 })
	];
	const solved = plate.solved && solution;
	return [
		bar(BOARD, BOARD_FILL),
		...(plate.predicted ? [...looks(pair[0], 0), ...looks(pair[1], 1)] : []),
		...(solved
			? [
					bar(SOLUTION, solution.hex),
					words(SOLUTION.x + SOLUTION.width / 2, SOLUTION.y - 6, `solution ${solution.hex}`, {
						anchor: 'middle',
						fill: ON_BOARD,
						size: 11
					}),
					words(
						SOLUTION.x + SOLUTION.width / 2,
						SOLUTION.y + SOLUTION.height + 14,
						`${solution.off.toFixed(1)} ΔE00 off${solution.fits ? '' : ', nearest'}`,
						{
							anchor: 'middle',
							fill: ON_BOARD,
							size: 11
						}
					)
				]
			: []),
		words(
			BOARD.x,
			BOARD.y + BOARD.height + 34,
			`On a neutral board, by CIECAM16 with the ground as its surround, p = ${sayP(plate.influence)}: a model, not a measurement.`,
			{
				size: 10.5
			}
		)
	];
}

/** The figures on each ground, what they become, and how far they seem to move in value and in chroma on each. */
function drawRow(plate: GroundsPlate, { row }: MadeGrounds): Shape[] {
	const boxes = rowBoxes(row.length);
	const mean = plate.scale ? ', mean of the scale' : '';
	const chart = (base: number, name: string, shifts: readonly number[], scale: number): Shape[] => [
		words(28, base - SHIFTS.reach - 4, name + mean, { size: 11 }),
		{ kind: 'rule', x1: 28, y1: base, x2: PLATE_WIDTH - 28, y2: base, stroke: SOFT },
		...shifts.map((shift, i): Shape => {
			const height = Math.max(0.6, Math.min(SHIFTS.reach, Math.abs(shift) * scale));
			const { x, width } = boxes[i]!;
			return bar({ x: x + width * 0.35, y: shift > 0 ? base - height : base, width: width * 0.3, height }, INK);
		})
	];
	const found = [
		...boxes.flatMap(({ x, y, width, height }, i) => {
			const share = plate.scale ? 0.84 : 0.5;
			const place = { x: x + (width * (1 - share)) / 2, y: y + height + 8, width: width * share, height: 22 };
			return barsIn(
				place,
				row[i]!.seen.map(({ looks }) => looks.hex)
			);
		}),
		...chart(
			SHIFTS.value,
			'seems lighter (up) or darker, L*',
			row.map(({ value }) => value),
			3
		),
		...chart(
			SHIFTS.chroma,
			'seems stronger (up) or quieter, OKLCH chroma',
			row.map(({ chroma }) => chroma),
			900
		)
	];
	return [
		...boxes.flatMap((box, i) => {
			const { ground, seen } = row[i]!;
			const places = figuresIn(box, plate, seen.length);
			return [bar(box, ground.hex), ...places.map((place, k) => figureOf(plate, place, seen[k]!.figure.hex))];
		}),
		...(plate.predicted ? found : [])
	];
}

const TITLES: Readonly<Record<GroundsPlate['exercise'], string>> = {
	'one-as-two': 'one colour as two',
	'two-as-one': 'two colours as one',
	'like-ground': 'like its ground',
	rows: 'rows of grounds',
	edges: 'edges',
	assimilation: 'assimilation',
	'after-image': 'after-image',
	judging: 'which is lighter?',
	'own-contrast': 'my own contrast'
};

function shapesOf(plate: GroundsPlate, made: MadeGrounds): Shape[] {
	switch (plate.exercise) {
		case 'rows':
			return made.row.length === 0 ? [] : drawRow(plate, made);
		case 'edges':
			return drawEdge(plate, made);
		case 'judging':
			return drawJudging(made);
		case 'own-contrast':
			return made.contrast ? drawOwnContrast(plate, made.contrast) : [];
		case 'after-image':
			return drawAfterImage(plate, made);
		case 'assimilation':
			return drawAssimilation(plate, made);
		default:
			return [...drawPair(plate, made), ...(plate.predicted || plate.solved ? drawLooks(plate, made) : [])];
	}
}

/** A plate of grounds as a drawing. */
export function drawGrounds(plate: GroundsPlate, linked: readonly LinkedColour[], withWords: boolean): Drawing {
	const shapes = shapesOf(plate, groundsOf(plate, linked));
	return {
		title: plate.title,
		width: PLATE_WIDTH,
		height: PLATE_HEIGHT,
		ground: GROUND,
		shapes: withWords
			? [...header(plate.title, TITLES[plate.exercise]), ...shapes]
			: shapes.filter(({ kind }) => kind !== 'words' && kind !== 'rule')
	};
}
