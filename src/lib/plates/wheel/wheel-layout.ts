import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { type WheelPlate } from './schema';
import { type Box } from '$lib/drawing/box';
import { anchorAt, around, reachOfSector, sector } from '$lib/drawing/sector';

/** One cell: a hue or one of its rings. */
export interface CellPlace {
	/** As SVG path data; it reaches a little under the cells drawn after it, so that nothing shows between them. */
	readonly path: string;
	/** Where it is clicked. */
	readonly box: Box;
	readonly reach: readonly (readonly [number, number])[];
}

type Corner = readonly [x: number, y: number, dx: number, dy: number];

export interface SpokePlace {
	/** From the middle outwards. */
	readonly cells: readonly CellPlace[];
	readonly label: { readonly x: number; readonly y: number; readonly anchor: 'start' | 'middle' | 'end' };
	/** Points at the rim and at the hole, with the direction in which a tick leads away, for a cell lost on the ground. */
	readonly rimCorners: readonly Corner[];
	readonly holeCorners: readonly Corner[];
	/** An arc outside the rim, beside the spoke that is chosen. */
	readonly mark: string;
}

export interface WheelLayout {
	readonly spokes: readonly SpokePlace[];
	/** What each label finds along the rim. */
	readonly room: number;
}

/** The ring of hues is broader than the others: it is what the chart is about. */
const HUE_RING = 1.7;
/** The hole's share of the wheel: wide for a ring alone, small where many rings want room. */
const HOLE = { most: 0.56, least: 0.13, lessForEach: 0.09 } as const;
const LABELS = 16;
/** How far a cell reaches under what is drawn after it: enough for a thumbnail not to show the ground between. */
const UNDER = 4;

/** The radii between rings, from the hole to the rim. */
function radiiOf({ inside, outside }: Pick<WheelPlate, 'inside' | 'outside'>, rim: number): number[] {
	const widths = [...Array<number>(inside.count).fill(1), HUE_RING, ...Array<number>(outside.count).fill(1)];
	const rings = inside.count + outside.count;
	const hole = rim * Math.max(HOLE.least, HOLE.most - HOLE.lessForEach * rings);
	const unit = (rim - hole) / widths.reduce((sum, width) => sum + width, 0);
	let radius = hole;
	return [hole, ...widths.map((width) => (radius += width * unit))];
}

/** Lays out a wheel: the first hue at the top, then clockwise. Without words it takes all the room. */
export function layOutWheel(plate: Pick<WheelPlate, 'hues' | 'inside' | 'outside'>, words: boolean): WheelLayout {
	const [cx, cy, rim] = words ? [474, 306, 216] : [PLATE_WIDTH / 2, PLATE_HEIGHT / 2, 262];
	const at = around(cx, cy);
	const radii = radiiOf(plate, rim);
	const turn = (2 * Math.PI) / plate.hues;
	const spokes = Array.from({ length: plate.hues }, (_, i): SpokePlace => {
		const [from, to, middle] = [turn * (i - 0.5), turn * (i + 0.5), turn * i];
		const cells = radii.slice(1).map((outer, ring): CellPlace => {
			const inner = radii[ring]!;
			const under = Math.min(turn / 2, UNDER / inner);
			// Rings are drawn from the rim inwards, spokes clockwise: each reaches under what is drawn after it.
			return {
				path: sector(
					at,
					outer,
					ring === 0 ? inner : inner - UNDER,
					i === 0 ? from - under : from,
					i === plate.hues - 1 ? to : to + under
				),
				...reachOfSector(at, outer, inner, from, to)
			};
		});
		const [x, y] = at(rim + LABELS, middle);
		const corners = (radius: number, side: 1 | -1): Corner[] =>
			[from, to].map(
				(angle) => [...at(radius + side, angle), side * Math.sin(angle), -side * Math.cos(angle)] as const
			);
		const edge = turn * 0.42;
		return {
			cells,
			label: { x, y: y + 4, anchor: anchorAt(middle) },
			rimCorners: corners(rim, 1),
			holeCorners: corners(radii[0]!, -1),
			mark: sector(at, rim + 5.5, rim + 3, middle - edge, middle + edge)
		};
	});
	return { spokes, room: turn * (rim + LABELS) };
}
