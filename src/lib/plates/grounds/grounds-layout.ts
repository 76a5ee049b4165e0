import { ordinal } from '$lib/core/ordinals';
import { capital } from '$lib/model/surroundings';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { type GroundsCommon } from './common';
import { type GroundPlace } from './exercise';
import { type FigureForm } from '$lib/drawing/figure';
import { type Box } from '$lib/drawing/box';

/** Where everything on a plate of grounds stands, in plate units: A4 laid across. */
export const LEFT = 28;
export const WIDTH = PLATE_WIDTH - 2 * LEFT;

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
}: Pick<GroundsCommon, 'groundForm' | 'groundSize'>): readonly [Box, Box] {
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

/** The neutral board under the pair, with what each figure looks like, and the solution in the middle. */
export const BOARD: Box = { x: LEFT, y: 420, width: WIDTH, height: 92 };
export const LOOKS: readonly [Box, Box] = [
	{ x: LEFT + 150, y: 440, width: 68, height: 52 },
	{ x: LEFT + WIDTH / 2 + 150, y: 440, width: 68, height: 52 }
];
export const SOLUTION: Box = { x: LEFT + WIDTH / 2 - 34, y: 440, width: 68, height: 52 };

type Sized = Pick<GroundsCommon, 'form' | 'size'>;

/** Both grounds as places, in these boxes. */
export const placesOfGrounds = (boxes: readonly [Box, Box]): GroundPlace[] =>
	boxes.map((box, i) => ({ what: 'ground', index: i as 0 | 1, said: capital(`${ordinal(i)} ground`), box }));

/** The figure on each of two grounds: one colour, or two. */
export const placesOfFigures = ({ form, size }: Sized, boxes: readonly [Box, Box], twoFigures = false): GroundPlace[] =>
	boxes.map((box, i) => ({
		what: 'figure',
		index: twoFigures ? (i as 0 | 1) : 0,
		said: capital(`${ordinal(i)} figure`),
		box: figureIn(box, form, size)
	}));

/** Two grounds with their figures, in the form that the plate has for them. */
export function placesOfPair(common: GroundsCommon, twoFigures = false): GroundPlace[] {
	const boxes = groundBoxes(common);
	return [...placesOfGrounds(boxes), ...placesOfFigures(common, boxes, twoFigures)];
}
