import { type GroundsPlate } from '$lib/model/grounds-plate';
import { type LinkedColour } from '$lib/model/study';
import { valueToLuminance } from '$lib/core/colour/lab';
import { JUDGED_DIFFERENCES, JUDGED_ROUNDS, surelyJudged } from '$lib/core/matching/judging';
import { type Drawing, type Shape } from '../drawing';
import { type Box } from '../forms/place';
import { header } from '../head';
import { outlineOf } from '../mixes/figures';
import { patchOf } from '../mixes/mixes-of';
import { GROUND, INK, SOFT, words } from '../words';
import {
	BOARD,
	FIELD,
	figureIn,
	GROUND_BOXES,
	GROUNDS_HEIGHT,
	GROUNDS_WIDTH,
	LOOKS,
	rowBoxes,
	SHIFTS,
	SOLUTION,
	stripBetween
} from './grounds-layout';
import { groundsOf, type MadeGrounds, type Seen } from './grounds-of';

const bar = (box: Box, fill: string): Shape => ({ kind: 'bar', ...box, fill });

/** The board of the model: a fifth of white. */
const BOARD_Y = valueToLuminance(51.8);
const BOARD_FILL = patchOf([BOARD_Y, BOARD_Y, BOARD_Y]).hex;
/** Light words on the board, which is a middle grey. */
const ON_BOARD = '#ffffff';

const figureOf = (plate: GroundsPlate, box: Box, fill: string): Shape => ({
	kind: 'figure',
	path: outlineOf(plate.form, box),
	fill
});

/** Two grounds with their figures; under a cover only the figures are left, on the plate's white. */
function drawPair(plate: GroundsPlate, { pair }: MadeGrounds): Shape[] {
	const boxes = GROUND_BOXES.map((box) => figureIn(box, plate.form, plate.size));
	const strip = plate.strip && plate.exercise !== 'two-as-one';
	return [
		...GROUND_BOXES.map((box, i) => bar(box, plate.cover ? GROUND : pair[i]!.ground.hex)),
		...(strip ? [bar(stripBetween(boxes[0]!, boxes[1]!), pair[0].figure.hex)] : []),
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
			`On a neutral board, by CIECAM16 with the ground as its surround, p = ${plate.influence.toFixed(2).replace('-', '−')}: a model, not a measurement.`,
			{
				size: 10.5
			}
		)
	];
}

/** The figure on each ground, and how far it seems to move in value and in chroma on each. */
function drawRow(plate: GroundsPlate, { row }: MadeGrounds): Shape[] {
	const boxes = rowBoxes(row.length);
	const chart = (base: number, name: string, shifts: readonly number[], scale: number): Shape[] => [
		words(28, base - SHIFTS.reach - 4, name, { size: 11 }),
		{ kind: 'rule', x1: 28, y1: base, x2: GROUNDS_WIDTH - 28, y2: base, stroke: SOFT },
		...shifts.map((shift, i): Shape => {
			const height = Math.max(0.6, Math.min(SHIFTS.reach, Math.abs(shift) * scale));
			const { x, width } = boxes[i]!;
			return bar({ x: x + width * 0.35, y: shift > 0 ? base - height : base, width: width * 0.3, height }, INK);
		})
	];
	return [
		...boxes.flatMap((box, i) => [
			bar(box, row[i]!.ground.hex),
			figureOf(plate, figureIn(box, plate.form, plate.size), row[i]!.figure.hex)
		]),
		...boxes.map((box, i) =>
			bar(
				{ x: box.x + box.width * 0.25, y: box.y + box.height + 8, width: box.width * 0.5, height: 22 },
				row[i]!.looks.hex
			)
		),
		...chart(
			SHIFTS.value,
			'seems lighter (up) or darker, L*',
			row.map(({ shift }) => shift.value),
			3
		),
		...chart(
			SHIFTS.chroma,
			'seems stronger (up) or quieter, OKLCH chroma',
			row.map(({ shift }) => shift.chroma),
			900
		)
	];
}

const TEETH = 9;

/** Two colours with a border of teeth, so that there is much of it to look at. */
function drawEdge({ pair: [{ ground: one }, { ground: other }], edge }: MadeGrounds): Shape[] {
	const [left, right] = GROUND_BOXES;
	const high = left.height / TEETH;
	const reach = 36;
	const percent = (share: number): string => `${Math.round(share * 100)} %`;
	return [
		bar(right, other.hex),
		bar(left, one.hex),
		...Array.from({ length: TEETH }, (_, i): Shape => {
			const top = left.y + i * high;
			const inner = i % 2 === 0 ? one.hex : other.hex;
			const tip = right.x + (i % 2 === 0 ? reach : -reach);
			return {
				kind: 'figure',
				path: `M${right.x} ${top}L${tip} ${top + high / 2}L${right.x} ${top + high}z`,
				fill: inner
			};
		}),
		words(28, 430, `Vanishing ${percent(edge.vanishing)}, vibrating ${percent(edge.vibrating)}`, {
			face: 'serif',
			size: 17,
			fill: INK
		}),
		words(
			28,
			452,
			`Value apart ${edge.valueDifference.toFixed(1)} L*, difference ${edge.difference.toFixed(1)} ΔE00, the quieter one’s chroma ${edge.chroma.toFixed(3)}, hues ${edge.hueAngle.toFixed(0)}° apart.`
		),
		words(
			28,
			470,
			'A border vanishes where value and colour are nearly one; it vibrates where only the value is, and both hues are strong and far apart.',
			{ size: 11 }
		)
	];
}

const WIDTHS = [1, 2.2, 5] as const;

/** One pair of colours in patterns of three widths: in fine lines both draw together, in broad ones they part. */
function drawAssimilation(
	plate: GroundsPlate,
	{ pair: [{ ground: one, figure }, { ground: other }] }: MadeGrounds
): Shape[] {
	const width = (GROUNDS_WIDTH - 56 - 2 * 16) / WIDTHS.length;
	return WIDTHS.flatMap((times, i): Shape[] => {
		const x = 28 + i * (width + 16);
		return [one, other].flatMap((lines, half): Shape[] => {
			const y = 72 + half * 198;
			const count = Math.max(2, Math.round(width / (2 * plate.line * times)));
			const each = width / count / 2;
			return [
				bar({ x, y, width, height: 186 }, figure.hex),
				...Array.from({ length: count }, (_, n) =>
					bar({ x: x + 2 * n * each, y, width: each, height: 186 }, lines.hex)
				),
				...(half === 1
					? [words(x + width / 2, y + 204, ['fine lines', 'broader', 'broad lines'][i]!, { anchor: 'middle' })]
					: [])
			];
		});
	});
}

const CROSS = 7;

/** The figure to be looked at, or the neutral field on which its after-image appears, with a cross to hold the eye. */
function drawAfterImage(plate: GroundsPlate, { pair: [{ figure, ground }], afterImage }: MadeGrounds): Shape[] {
	const box = figureIn(FIELD, plate.form, plate.size);
	const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
	const shown = plate.cover
		? plate.predicted
			? [figureOf(plate, box, afterImage.hex)]
			: []
		: [figureOf(plate, box, figure.hex)];
	return [
		bar(FIELD, plate.cover ? BOARD_FILL : ground.hex),
		...shown,
		{ kind: 'rule', x1: x - CROSS, y1: y, x2: x + CROSS, y2: y, stroke: INK },
		{ kind: 'rule', x1: x, y1: y - CROSS, x2: x, y2: y + CROSS, stroke: INK },
		words(
			28,
			508,
			plate.cover
				? 'Keep looking at the cross: the field is neutral.'
				: 'Look at the cross for twenty seconds, then uncover the neutral field.',
			{ face: 'serif', size: 15, fill: INK }
		),
		words(
			28,
			528,
			plate.cover && plate.predicted ? `The opposite by opponent axes, ${afterImage.hex}: a model; eyes differ.` : '',
			{ size: 11 }
		)
	];
}

const DOT = { x: 28, y: 432, size: 20, apart: 30 } as const;

/** The pair to be judged on the neutral board, and a mark for each answer so far: full where it was right, open where not. */
function drawJudging({ judging: { pair, right } }: MadeGrounds): Shape[] {
	const marks = right.flatMap((isRight, i): Shape[] => {
		const x = DOT.x + i * DOT.apart;
		return [
			bar({ x, y: DOT.y, width: DOT.size, height: DOT.size }, INK),
			...(isRight ? [] : [bar({ x: x + 2, y: DOT.y + 2, width: DOT.size - 4, height: DOT.size - 4 }, GROUND)]),
			words(x + DOT.size / 2, DOT.y + DOT.size + 14, String(JUDGED_DIFFERENCES[i]), { anchor: 'middle', size: 10.5 })
		];
	});
	const sure = surelyJudged(right);
	const done =
		sure === null
			? 'The first pair was taken for the other way round.'
			: `Right without a slip down to ${sure} L* apart.`;
	return [
		...(pair
			? [
					...GROUND_BOXES.map((box) => bar(box, BOARD_FILL)),
					...GROUND_BOXES.map((box, i) => bar(figureIn(box, 'squares', 0.62), patchOf(pair.colours[i]!).hex)),
					words(28, 492, `Pair ${right.length + 1} of ${JUDGED_ROUNDS}: which of the two is lighter?`, {
						face: 'serif',
						size: 15,
						fill: INK
					})
				]
			: [
					words(28, 200, `${right.filter(Boolean).length} of ${JUDGED_ROUNDS} right`, {
						face: 'serif',
						size: 30,
						fill: INK
					}),
					words(28, 230, done)
				]),
		...marks
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
	judging: 'which is lighter?'
};

function shapesOf(plate: GroundsPlate, made: MadeGrounds): Shape[] {
	switch (plate.exercise) {
		case 'rows':
			return made.row.length === 0 ? [] : drawRow(plate, made);
		case 'edges':
			return drawEdge(made);
		case 'judging':
			return drawJudging(made);
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
		width: GROUNDS_WIDTH,
		height: GROUNDS_HEIGHT,
		ground: GROUND,
		shapes: withWords
			? [...header(plate.title, TITLES[plate.exercise]), ...shapes]
			: shapes.filter(({ kind }) => kind !== 'words' && kind !== 'rule')
	};
}
