import { type Grid, type GridSpec } from './grid';
import { solidsOf, type BoxPlace, type Face } from './solids';

/** How many ways light can fall on boxes: on each of the three faces, with the dark one at either side of it. */
export const LIGHTS = 6;

/** What stands as solids is made of. */
export interface Boxes {
	/** 0–2: the face that is lightest, the darkest next to it clockwise; 3–5: anticlockwise. */
	readonly light: number;
	/** Boxes stand apart on a ground, each with its shadow on the side away from the light. */
	readonly apart: boolean;
}

/** Colours from light to dark as the lit face, the middle one and the dark one take them. */
export const byThirds = (order: readonly number[]): [number[], number[], number[]] => {
	const at = (third: number): number => Math.round((third * order.length) / 3);
	const part = (third: number): number[] => {
		const found = order.slice(at(third), at(third + 1));
		return found.length > 0 ? found : [order[Math.min(order.length - 1, at(third))]!];
	};
	return [part(0), part(1), part(2)];
};

/** Three faces, a ground and a shadow, each of its own. */
const FIVE = 5;

/** The colours that faces take: standing apart, the lightest and the darkest of five or more are ground and shadows. */
export const onFaces = (order: readonly number[], apart: boolean): readonly number[] =>
	apart && order.length >= FIVE ? order.slice(1, -1) : order;

/** One of every four boxes, so that no two touch. */
const isApart = ([one, other]: BoxPlace): boolean => one % 2 === 0 && other % 2 === 0;
const modulo = (value: number, by: number): number => ((value % by) + by) % by;
/** One box in so many has the accent on its lightest face. */
const EACH = 6;

/** Which of the three parts, light to dark, a face takes. */
function partOf(face: Face, light: number): 0 | 1 | 2 {
	const turn = modulo(face - light, 3);
	const clockwise = light < 3;
	// The darkest follows the lightest, clockwise or anticlockwise.
	return ([0, 2, 1] as const)[clockwise ? turn : modulo(-turn, 3)]!;
}

/** The corner at which the dark face of each box that stands apart is farthest from its middle: its shadow lies about it. */
function shadowCorners(grid: Grid, dark: readonly (readonly number[])[]): Set<number> {
	const cornersOf = (cell: number): number[] => grid.sides[cell]!.map(({ from }) => from);
	return new Set(
		dark.flatMap((pair) => {
			if (pair.length !== 2) return [];
			const [one, other] = pair as [number, number];
			return cornersOf(one).filter((corner) => cornersOf(other).includes(corner));
		})
	);
}

/**
 * Lays colours on a triangular grid so that it stands as boxes: for each cell the number of its colour, null for none.
 * @param order The colours from light to dark: the lightest third goes to the lit face, the darkest to the one away from the light, and
 * boxes take those of a third in turn. Standing apart, the lightest of five or more is the ground and the darkest the shadows; of fewer the ground stays
 * empty, so that no face runs into it, and shadows have the colour of the middle face, which they do not touch.
 * @param accent A colour for the lit face of one box in six; null for none.
 */
export function layBoxes(
	spec: GridSpec,
	grid: Grid,
	order: readonly number[],
	accent: number | null,
	{ light, apart }: Boxes
): (number | null)[] {
	const thirds = byThirds(onFaces(order, apart));
	const [ground, shadow] = order.length >= FIVE ? [order[0]!, order.at(-1)!] : [null, thirds[1][0]!];
	const solids = solidsOf(spec, grid);
	const laid = solids.map(({ face, box: [one, other] }) => {
		const part = partOf(face, light);
		const choice = thirds[part]!;
		const lit = part === 0 && accent !== null && modulo(one + 2 * other, EACH) === 0;
		return lit ? accent : choice[modulo(one + 2 * other, choice.length)]!;
	});
	if (!apart) return laid;
	const dark = new Map<string, number[]>();
	solids.forEach(({ face, box }, cell) => {
		if (!isApart(box) || partOf(face, light) !== 2) return;
		const key = box.join(' ');
		dark.set(key, [...(dark.get(key) ?? []), cell]);
	});
	const about = shadowCorners(grid, [...dark.values()]);
	return laid.map((colour, cell) => {
		if (isApart(solids[cell]!.box)) return colour;
		return grid.sides[cell]!.some(({ from }) => about.has(from)) ? shadow : ground;
	});
}
