import { JUDGED_DIFFERENCES, JUDGED_ROUNDS, surelyJudged } from '$lib/core/matching/judging';
import { type GroundsPlate } from './schema';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { patchOf } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { BOARD_FILL, figureOf, markBox, marksOf } from './ground-shapes';
import { FIELD, figureIn, GROUND_BOXES } from './grounds-layout';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { type MadeGrounds } from './grounds-of';

const TEETH = 9;

/** Two colours with a border of teeth, so that there is much of it to look at. */
export function drawEdge(
	{ predicted }: GroundsPlate,
	{ pair: [{ ground: one }, { ground: other }], edge }: MadeGrounds
): Shape[] {
	const [left, right] = GROUND_BOXES;
	const high = left.height / TEETH;
	const reach = 36;
	const percent = (share: number): string => `${Math.round(share * 100)} %`;
	const measure = [
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
		...(predicted ? measure : [])
	];
}

const WIDTHS = [
	{ times: 1, name: 'fine lines' },
	{ times: 2.2, name: 'broader' },
	{ times: 5, name: 'broad lines' }
] as const;
const PATTERN = { top: 72, height: 186, apart: 198 } as const;
/** About as wide as a strip is. */
const STRIP = 22;

/**
 * One colour between lines of two others, in patterns of three widths: in fine lines it draws near to them, in broad ones it parts
 * from them. The proof strip is that colour, through both patterns of a width.
 */
export function drawAssimilation(
	plate: GroundsPlate,
	{ pair: [{ ground: one, figure }, { ground: other }] }: MadeGrounds
): Shape[] {
	const width = (PLATE_WIDTH - 56 - 2 * 16) / WIDTHS.length;
	const { top, height, apart } = PATTERN;
	return WIDTHS.flatMap(({ times, name }, i): Shape[] => {
		const x = 28 + i * (width + 16);
		const middle = x + width / 2;
		const count = Math.max(2, Math.round(width / (2 * plate.line * times)));
		const each = width / count / 2;
		const patterns = [one, other].flatMap((lines, half): Shape[] => {
			const y = top + half * apart;
			return [
				bar({ x, y, width, height }, figure.hex),
				...Array.from({ length: count }, (_, n) => bar({ x: x + 2 * n * each, y, width: each, height }, lines.hex))
			];
		});
		// Over whole lines, so that it ends where the colour between them goes on.
		const covered = Math.min(count, Math.max(1, Math.round((STRIP / each + 1) / 2)));
		const from = x + 2 * each * Math.floor((count - covered) / 2);
		const strip = bar({ x: from, y: top, width: (2 * covered - 1) * each, height: apart + height }, figure.hex);
		return [
			...patterns,
			...(plate.strip ? [strip] : []),
			words(middle, top + apart + height + 18, name, { anchor: 'middle' })
		];
	});
}

const CROSS = 7;

/** The figure to be looked at, or the neutral field on which its after-image appears, with a cross to hold the eye. */
export function drawAfterImage(plate: GroundsPlate, { pair: [{ figure, ground }], afterImage }: MadeGrounds): Shape[] {
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

const MARKS_Y = 432;

/** The pair to be judged on the neutral board, and a mark for each answer so far: full where it was right, open where not. */
export function drawJudging({ judging: { pair, right } }: MadeGrounds): Shape[] {
	const labels = right.map((_, i) => {
		const { x, width, height } = markBox(i, MARKS_Y);
		return words(x + width / 2, MARKS_Y + height + 14, String(JUDGED_DIFFERENCES[i]), { anchor: 'middle', size: 10.5 });
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
		...marksOf(right, MARKS_Y),
		...labels
	];
}
