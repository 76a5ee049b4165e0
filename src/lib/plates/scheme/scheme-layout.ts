import { type Direction } from '$lib/core/scheme/relatives';
import { RIM, type Place } from '$lib/core/scheme/wheel-place';
import { type Wheel } from '$lib/core/scheme/wheel';
import { type SchemePlate } from './schema';
import { PLATE_HEIGHT } from '$lib/drawing/plate-size';
import { around } from '$lib/drawing/sector';
import { type Box } from '$lib/drawing/box';

/** Where everything on a scheme plate stands, in plate units: as wide as A4 laid across, as high or higher. */
const RIGHT_EDGE = 766;
const COLUMN = 386;
/** What the words at the left of the right column's rows take. */
const CAPTION = 74;

export interface WheelCircle {
	readonly cx: number;
	readonly cy: number;
	readonly rim: number;
}

export interface SchemeLayout {
	readonly height: number;
	readonly wheel: WheelCircle;
	readonly members: Box;
	readonly greys: Box;
	readonly kept: Box | null;
	readonly balance: Box;
	readonly designs: readonly Box[];
	readonly relatives: RelativesLayout | null;
}

/** The three threads of a member's relatives, each from one direction through the member to the other. */
export const THREADS: readonly (readonly [left: Direction, right: Direction])[] = [
	['darker', 'lighter'],
	['cooler', 'warmer'],
	['quieter', 'stronger']
];

/** Paper between two threads. */
export const THREAD_GAP = 1.6;

export interface RelativesLayout {
	/** Where the words over the threads stand. */
	readonly head: number;
	/** One box for each member, its threads in it. */
	readonly blocks: readonly Box[];
	/** Where the member itself stands in each box, across. */
	readonly middle: { readonly x: number; readonly width: number };
	readonly cell: number;
	readonly thread: number;
	readonly steps: number;
}

type Shown = Pick<SchemePlate, 'relatives' | 'inUse'> & { readonly kept: boolean; readonly members: number };

const RELATIVES = { head: 396, first: 404, left: 108, middle: 46, least: 34, most: 62, gap: 7, bottom: 16 } as const;

function layOutRelatives({ members, relatives }: Shown): RelativesLayout {
	const room = PLATE_HEIGHT - RELATIVES.bottom - RELATIVES.first;
	const height = Math.max(RELATIVES.least, Math.min(RELATIVES.most, room / members));
	const width = RIGHT_EDGE - RELATIVES.left;
	const cell = (width - RELATIVES.middle) / (2 * relatives.steps);
	return {
		head: RELATIVES.head,
		blocks: Array.from({ length: members }, (_, i) => ({
			x: RELATIVES.left,
			y: RELATIVES.first + i * height,
			width,
			height: height - RELATIVES.gap
		})),
		middle: { x: RELATIVES.left + relatives.steps * cell, width: RELATIVES.middle },
		cell,
		thread: (height - RELATIVES.gap - (THREADS.length - 1) * THREAD_GAP) / THREADS.length,
		steps: relatives.steps
	};
}

/** Heights of the rows of the right column, and what stands under each: with relatives below, and without. */
const ROWS = {
	low: { top: 132, members: 44, greys: 11, kept: 22, balance: 11, designs: 106 },
	high: { top: 136, members: 66, greys: 18, kept: 38, balance: 18, designs: 178 }
} as const;
const UNDER = { label: 18, little: 6, distance: 16 } as const;
const DESIGNS = 3;
const DESIGN_GAP = 10;

export function layOutScheme(shown: Shown): SchemeLayout {
	const rows = shown.relatives.shown ? ROWS.low : ROWS.high;
	let y: number = rows.top;
	const row = (height: number, under: number): Box => {
		const box = { x: COLUMN + CAPTION, y, width: RIGHT_EDGE - COLUMN - CAPTION, height };
		y += height + under;
		return box;
	};
	const members = row(rows.members, UNDER.label);
	const kept = shown.kept ? row(rows.kept, UNDER.distance) : null;
	const greys = row(rows.greys, UNDER.little);
	const balance = row(rows.balance, UNDER.little + 4);
	const width = (RIGHT_EDGE - COLUMN - (DESIGNS - 1) * DESIGN_GAP) / DESIGNS;
	const designs = Array.from({ length: shown.inUse ? DESIGNS : 0 }, (_, i) => ({
		x: COLUMN + i * (width + DESIGN_GAP),
		y,
		width,
		height: rows.designs - (shown.kept && shown.relatives.shown ? 16 : 0)
	}));
	const relatives = shown.relatives.shown ? layOutRelatives(shown) : null;
	const last = relatives?.blocks.at(-1);
	return {
		height: Math.max(PLATE_HEIGHT, last ? last.y + last.height + RELATIVES.bottom : 0),
		wheel: relatives ? { cx: 192, cy: 218, rim: 106 } : { cx: 196, cy: 306, rim: 134 },
		members,
		greys,
		kept,
		balance,
		designs,
		relatives
	};
}

/** Where a place of a wheel lies on the plate. */
export function pointOf(
	{ cx, cy, rim }: WheelCircle,
	wheel: Wheel,
	{ angle, distance }: Place
): readonly [number, number] {
	return around(cx, cy)(rim * Math.min(1, distance / RIM[wheel]), (angle * Math.PI) / 180);
}

/** Angle in degrees and distance of a point of the plate on a wheel. */
export function placeAt(
	{ cx, cy, rim }: WheelCircle,
	wheel: Wheel,
	x: number,
	y: number
): Pick<Place, 'angle' | 'distance'> {
	const [dx, dy] = [x - cx, y - cy];
	const angle = (Math.atan2(dx, -dy) * 180) / Math.PI;
	return { angle: (angle + 360) % 360, distance: Math.min(1, Math.hypot(dx, dy) / rim) * RIM[wheel] };
}

/** One relative: of which member, in which direction, how far (from 1). */
export interface RelativeCell {
	readonly member: number;
	readonly direction: Direction;
	readonly step: number;
}

/** The box of a relative on the plate. */
export function boxOfRelative(layout: RelativesLayout, { member, direction, step }: RelativeCell): Box {
	const block = layout.blocks[member]!;
	const thread = THREADS.findIndex((ends) => ends.includes(direction));
	const isRight = THREADS[thread]![1] === direction;
	const { middle, cell } = layout;
	const x = isRight ? middle.x + middle.width + (step - 1) * cell : middle.x - step * cell;
	return { x, y: block.y + thread * (layout.thread + THREAD_GAP), width: cell, height: layout.thread };
}

/** The relative at a point of the plate; null beside them, and on the members themselves. */
export function relativeAt(layout: RelativesLayout, x: number, y: number): RelativeCell | null {
	const member = layout.blocks.findIndex((block) => y >= block.y && y < block.y + block.height);
	if (member < 0) return null;
	const thread = Math.min(
		THREADS.length - 1,
		Math.floor((y - layout.blocks[member]!.y) / (layout.thread + THREAD_GAP))
	);
	const { middle, cell, steps } = layout;
	const right = x >= middle.x + middle.width;
	const step = right ? Math.floor((x - middle.x - middle.width) / cell) + 1 : Math.ceil((middle.x - x) / cell);
	if (step < 1 || step > steps) return null;
	return { member, direction: THREADS[thread]![right ? 1 : 0], step };
}
