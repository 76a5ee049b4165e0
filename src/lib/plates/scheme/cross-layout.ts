import { DIRECTIONS, type Direction } from '$lib/core/scheme/relatives';
import { type Box } from '$lib/drawing/box';
import { type RelativeCell } from './schema';

/**
 * The cross of a member: itself in the middle, lighter and darker relatives upright, cooler and warmer ones level, stronger and quieter
 * ones on the slope.
 */
export interface Cross {
	/** The member, from 0. */
	readonly member: number;
	/** All that belongs to it, its words too. */
	readonly cell: Box;
	readonly middle: Box;
	/** Length of a relative along its arm, and breadth of the upright and the level arms, in plate units. */
	readonly unit: number;
	readonly broad: number;
}

const MARGIN = 4;
const LONGEST = 22;
const MIDDLE = { least: 24, most: 44, units: 2.2 } as const;
const LEAST_BROAD = 9;

/** The cross of a member in a box, for so many relatives each way. */
export function layOutCross(member: number, cell: Box, steps: number): Cross {
	const half = Math.min(cell.width, cell.height) / 2 - MARGIN;
	const wanted = Math.min(LONGEST, half / (steps + MIDDLE.units / 2));
	const side = Math.max(MIDDLE.least, Math.min(MIDDLE.most, wanted * MIDDLE.units));
	const unit = Math.min(wanted, (half - side / 2) / steps);
	const [cx, cy] = [cell.x + cell.width / 2, cell.y + cell.height / 2];
	return {
		member,
		cell,
		middle: { x: cx - side / 2, y: cy - side / 2, width: side, height: side },
		unit,
		broad: Math.max(LEAST_BROAD, unit)
	};
}

/** Where an arm leads: across and down, 0 where it stays. */
export const LEADS: Readonly<Record<Direction, readonly [across: -1 | 0 | 1, down: -1 | 0 | 1]>> = {
	lighter: [0, -1],
	darker: [0, 1],
	warmer: [1, 0],
	cooler: [-1, 0],
	stronger: [1, -1],
	quieter: [-1, 1]
};

/** Where a relative lies along one side: before the middle, in its breadth, or after it. */
function along(lead: -1 | 0 | 1, start: number, side: number, step: number, { unit, broad }: Cross) {
	if (lead === 0) return { at: start + (side - broad) / 2, size: broad };
	return { at: lead < 0 ? start - step * unit : start + side + (step - 1) * unit, size: unit };
}

/** The box of a relative, from 1, in a direction. */
export function boxInCross(cross: Cross, direction: Direction, step: number): Box {
	const [across, down] = LEADS[direction];
	const { x, y, width, height } = cross.middle;
	const [left, top] = [along(across, x, width, step, cross), along(down, y, height, step, cross)];
	return { x: left.at, y: top.at, width: left.size, height: top.size };
}

const isIn = ({ x, y, width, height }: Box, px: number, py: number): boolean =>
	px >= x && px < x + width && py >= y && py < y + height;

/** The relative at a point of the plate, of so many in each direction; null beside them. */
export function relativeAt(
	crosses: readonly Cross[],
	countOf: (member: number, direction: Direction) => number,
	x: number,
	y: number
): RelativeCell | null {
	const cross = crosses.find(({ cell }) => isIn(cell, x, y));
	if (!cross) return null;
	for (const direction of DIRECTIONS)
		for (let step = 1; step <= countOf(cross.member, direction); step++)
			if (isIn(boxInCross(cross, direction, step), x, y)) return { member: cross.member, direction, step };
	return null;
}
