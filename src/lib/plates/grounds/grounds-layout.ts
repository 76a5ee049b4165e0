import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { CONTRAST_ROUNDS } from '$lib/core/matching/own-contrast';
import { type GroundsPlate } from './schema';
import { type FigureForm } from '$lib/drawing/figure';
import { type Box } from '$lib/drawing/box';

/** Where everything on a plate of grounds stands, in plate units: A4 laid across. */
const LEFT = 28;
const WIDTH = PLATE_WIDTH - 2 * LEFT;

const PAIR = { y: 66, height: 330 } as const;
export const GROUND_BOXES: readonly [Box, Box] = [
	{ x: LEFT, ...PAIR, width: WIDTH / 2 },
	{ x: LEFT + WIDTH / 2, ...PAIR, width: WIDTH / 2 }
];

/** The form of a figure beside its ground: width and height as shares of the ground's lesser side. */
const FORMS: Readonly<Record<FigureForm, readonly [number, number]>> = {
	squares: [1, 1],
	circles: [1, 1],
	bars: [0.5, 1.5],
	leaves: [0.62, 1.15]
};

/** A figure in the middle of a ground. */
export function figureIn({ x, y, width, height }: Box, form: FigureForm, size: number): Box {
	const side = Math.min(width, height) * size;
	const [across, down] = FORMS[form];
	const [w, h] = [Math.min(width * 0.9, side * across), Math.min(height * 0.9, side * down)];
	return { x: x + (width - w) / 2, y: y + (height - h) / 2, width: w, height: h };
}

/** The two grounds of a pair: halves of the plate that touch, or a square or disc in the middle of each. */
export function groundBoxes({
	groundForm = 'fields',
	groundSize = USUAL_GROUND
}: Pick<GroundsPlate, 'groundForm' | 'groundSize'>): readonly [Box, Box] {
	if (groundForm === 'fields') return GROUND_BOXES;
	const [left, right] = GROUND_BOXES;
	return [figureIn(left, 'squares', groundSize), figureIn(right, 'squares', groundSize)];
}
/** How large a square or disc is at first. */
export const USUAL_GROUND = 0.9;

const STRIP = 18;

/** The bar of the figure's own colour from one figure to the other. */
export function stripBetween(one: Box, other: Box): Box {
	const y = one.y + one.height / 2 - STRIP / 2;
	return { x: one.x + one.width / 2, y, width: other.x + other.width / 2 - one.x - one.width / 2, height: STRIP };
}

/** The whole field of an after-image. */
export const FIELD: Box = { x: LEFT, y: 66, width: WIDTH, height: 420 };

/** The neutral board under the pair, with what each figure looks like, and the solution in the middle. */
export const BOARD: Box = { x: LEFT, y: 420, width: WIDTH, height: 92 };
export const LOOKS: readonly [Box, Box] = [
	{ x: LEFT + 150, y: 440, width: 68, height: 52 },
	{ x: LEFT + WIDTH / 2 + 150, y: 440, width: 68, height: 52 }
];
export const SOLUTION: Box = { x: LEFT + WIDTH / 2 - 34, y: 440, width: 68, height: 52 };

const ROW = { y: 84, height: 210 } as const;

/** The grounds of a row, side by side, and the bars of their shifts under them. */
export const rowBoxes = (count: number): Box[] =>
	Array.from({ length: count }, (_, i) => ({ x: LEFT + (i * WIDTH) / count, ...ROW, width: WIDTH / count }));

/** Where the figures on one ground of a row stand: one in its middle, or the steps of a scale from top to bottom. */
export function figuresIn({ x, y, width, height }: Box, { form, size }: GroundsPlate, count: number): Box[] {
	if (count === 1) return [figureIn({ x, y, width, height }, form, size)];
	const each = (height - 2 * COLUMN_MARGIN) / count;
	return Array.from({ length: count }, (_, i) =>
		figureIn({ x, y: y + COLUMN_MARGIN + i * each, width, height: each }, form, Math.min(0.9, size * STEP_SIZE))
	);
}
const COLUMN_MARGIN = 8;
/** A step of a scale takes this much more of its smaller share of the ground. */
const STEP_SIZE = 2.4;

export const SHIFTS = { value: 390, chroma: 490, reach: 44 } as const;

/** A ground or a figure that can be taken hold of; the twin is the figure on the board that is set to look like another. */
export interface GroundPlace {
	readonly what: 'ground' | 'figure' | 'twin';
	readonly index: 0 | 1;
	readonly box: Box;
}

export function groundPlaces(plate: GroundsPlate): GroundPlace[] {
	const { exercise, form, size, count, contrast, scale } = plate;
	if (exercise === 'rows') {
		// The steps of a scale follow from it.
		if (scale) return [];
		const [first] = rowBoxes(count);
		return [{ what: 'figure', index: 0, box: figureIn(first!, form, size) }];
	}
	// What is to be judged is answered, not set.
	if (exercise === 'judging') return [];
	if (exercise === 'own-contrast') {
		const over = (contrast?.twins.length ?? 0) === CONTRAST_ROUNDS;
		return over ? [] : [{ what: 'twin', index: 0, box: figureIn(GROUND_BOXES[1], form, size) }];
	}
	if (exercise === 'after-image')
		return [
			{ what: 'ground', index: 0, box: FIELD },
			{ what: 'figure', index: 0, box: figureIn(FIELD, form, size) }
		];
	const placesOf = (boxes: readonly Box[]) =>
		boxes.map((box, i): GroundPlace => ({ what: 'ground', index: i as 0 | 1, box }));
	if (exercise === 'edges') return placesOf(GROUND_BOXES);
	const boxes = exercise === 'assimilation' ? GROUND_BOXES : groundBoxes(plate);
	const figures = boxes.map((box, i): GroundPlace => ({
		what: 'figure',
		index: exercise === 'two-as-one' ? (i as 0 | 1) : 0,
		box: figureIn(box, form, size)
	}));
	return [...placesOf(boxes), ...figures];
}
