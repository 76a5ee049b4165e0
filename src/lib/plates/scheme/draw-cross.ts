import { colourWords } from '$lib/core/colour/hue-words';
import { hexToNumber, numberToHex, numberToLinear } from '$lib/core/colour/code-number';
import { valueOf } from '$lib/core/colour/value-of';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { DIRECTIONS, type Direction } from '$lib/core/scheme/relatives';
import { type Box } from '$lib/drawing/box';
import { type Of, type Shape } from '$lib/drawing/drawing';
import { outlineOf } from '$lib/drawing/figure';
import { ticks, vanishes, type Corner } from '$lib/drawing/lost';
import { inPath, rounded } from '$lib/drawing/rounded';
import { INK, shortened, SOFT, words } from '$lib/drawing/words';
import { boxInCross, LEADS, type Cross } from './cross-layout';
import { type RelativeCodes, type ShownMember } from './scheme-of';

/** A bar across an arm, just beyond its last relative: no further one fits. */
function endOf(cross: Cross, direction: Direction, count: number): Shape {
	const [across, down] = LEADS[direction];
	const { x, y, width, height } = count === 0 ? cross.middle : boxInCross(cross, direction, count);
	const [ex, ey] = [
		across < 0 ? x - 4 : across > 0 ? x + width + 4 : x + width / 2,
		down < 0 ? y - 4 : down > 0 ? y + height + 4 : y + height / 2
	];
	const reach = cross.broad / 2 + 1;
	const [dx, dy] = across === 0 ? [reach, 0] : down === 0 ? [0, reach] : [reach * 0.6, reach * 0.6];
	return {
		kind: 'rule',
		x1: rounded(ex - dx),
		y1: rounded(ey - dy),
		x2: rounded(ex + dx),
		y2: rounded(ey + dy),
		stroke: INK
	};
}

/** Small ticks beside the level arms: one hue runs into the next, and the eye does not find the border of a step. */
function levelTicks(cross: Cross, codes: RelativeCodes): Shape[] {
	const path = (['cooler', 'warmer'] as const).flatMap((direction) =>
		codes[direction].slice(1).map((_, i) => {
			const { x, y, width, height } = boxInCross(cross, direction, i + 2);
			const at = direction === 'warmer' ? x : x + width;
			return `M${inPath(at - 0.4)} ${inPath(y - 4)}h.8v3h-.8zM${inPath(at - 0.4)} ${inPath(y + height + 1)}h.8v3h-.8z`;
		})
	);
	return path.length > 0 ? [{ kind: 'area', path: path.join(''), fill: SOFT }] : [];
}

const cornersOf = ({ x, y, width, height }: Box): Corner[] => [
	[x - 1, y - 1, -0.7, -0.7],
	[x + width + 1, y - 1, 0.7, -0.7],
	[x - 1, y + height + 1, -0.7, 0.7],
	[x + width + 1, y + height + 1, 0.7, 0.7]
];

/** The last relative of an arm, and the member itself, where they would be lost on the plate. */
function lost(cross: Cross, { linear }: ShownMember, codes: RelativeCodes, ground: ReadonlyTriple): Shape[] {
	const own = vanishes(linear, ground) ? ticks(cornersOf(cross.middle)) : [];
	const ends = DIRECTIONS.flatMap((direction) => {
		const code = codes[direction].at(-1);
		if (code === undefined || !vanishes(numberToLinear(code), ground)) return [];
		return ticks(cornersOf(boxInCross(cross, direction, codes[direction].length)));
	});
	return [...own, ...ends];
}

/** All colours of a cross as one shape. */
function mosaicOf(cross: Cross, hex: string, codes: RelativeCodes): Of<'mosaic'> {
	const arms = DIRECTIONS.flatMap((direction) =>
		codes[direction].map((code, i) => ({ box: boxInCross(cross, direction, i + 1), fill: numberToHex(code) }))
	);
	const all = [...arms, { box: cross.middle, fill: hex }];
	return {
		kind: 'mosaic',
		...cross.cell,
		paths: all.map(({ box }) => outlineOf('squares', box)),
		fills: all.map(({ fill }) => fill)
	};
}

/** Which way each arm leads, at its end. */
function armWords(cross: Cross, steps: number): Shape[] {
	// At the full length, so that a short arm's word does not lie on another arm.
	const end = (direction: Direction): Box => boxInCross(cross, direction, steps);
	const [up, down, right, left, rise, fall] = [
		end('lighter'),
		end('darker'),
		end('warmer'),
		end('cooler'),
		end('stronger'),
		end('quieter')
	];
	return [
		words(up.x - 5, up.y + 9, 'lighter', { anchor: 'end' }),
		words(down.x + down.width + 5, down.y + down.height - 2, 'darker'),
		words(right.x + right.width, right.y + right.height + 15, 'warmer', { anchor: 'end' }),
		words(left.x, left.y + left.height + 15, 'cooler'),
		// Beside the slope, where the upright arm is far enough from it.
		steps < 4
			? words(rise.x + rise.width + 5, rise.y + 10, 'stronger')
			: words(rise.x - 5, rise.y + 10, 'stronger', { anchor: 'end' }),
		words(fall.x + fall.width + 5, fall.y + fall.height - 2, 'quieter')
	];
}

/** A dot on a relative that is chosen, dark or light, whichever is seen on it. */
export function chosenDot(cross: Cross, direction: Direction, step: number, hex: string): Shape {
	const { x, y, width, height } = boxInCross(cross, direction, step);
	const radius = Math.max(1.6, Math.min(3.6, Math.min(width, height) * 0.28));
	return {
		kind: 'area',
		path: outlineOf('circles', {
			x: x + width / 2 - radius,
			y: y + height / 2 - radius,
			width: 2 * radius,
			height: 2 * radius
		}),
		fill: valueOf(numberToLinear(hexToNumber(hex))) > 55 ? '#000000' : '#ffffff'
	};
}

/** A member as a cross of its relatives. */
export interface Crossed {
	readonly cross: Cross;
	readonly member: ShownMember;
	readonly codes: RelativeCodes;
	/** Of how many each way. */
	readonly steps: number;
}

export const drawCrossColours = ({ cross, member, codes }: Crossed): Shape => mosaicOf(cross, member.hex, codes);

/** What is written and marked round a cross: its ends, its name, and which way each arm leads where there is room. */
export function drawCrossWords(
	{ cross, member, codes, steps }: Crossed,
	ground: ReadonlyTriple,
	name: string,
	withArms: boolean
): Shape[] {
	const { cell, middle, broad } = cross;
	const letters = Math.floor((middle.x + (middle.width - broad) / 2 - cell.x - 8) / 6.4);
	const right = cell.x + cell.width - 15;
	const bottom = Math.min(cell.y + cell.height, cell.y + cell.height / 2 + middle.height / 2 + cross.unit * steps) - 2;
	const ends = DIRECTIONS.filter((direction) => codes[direction].length < steps);
	return [
		...levelTicks(cross, codes),
		...ends.map((direction) => endOf(cross, direction, codes[direction].length)),
		...lost(cross, member, codes, ground),
		words(cell.x, cell.y + 36, shortened(name, letters), { face: 'serif', size: 16, fill: INK }),
		words(cell.x, cell.y + 51, shortened(colourWords(member.linear), letters + 1)),
		words(right, bottom - 15, member.hex, { anchor: 'end' }),
		words(right, bottom, `value ${member.value.toFixed(0)}`, { anchor: 'end' }),
		...(withArms ? armWords(cross, steps) : [])
	];
}
