import { PLATE_HEIGHT } from '$lib/drawing/plate-size';
import { type Box } from '$lib/drawing/box';
import { layOutCross, type Cross } from './cross-layout';
import { type SchemePlate } from './schema';
import { crossesOf, MOST_CROSSES } from './scheme-of';

/** Where everything on a scheme plate stands, in plate units. */
const LEFT = 28;
const RIGHT = 766;
const TOP = 66;
/** What the words at the left of a row take. */
const CAPTION = 76;

export interface SchemeLayout {
	readonly height: number;
	/** The wheel unrolled: hues upright, distance from the grey to the right. */
	readonly map: Box;
	/** One box for each member, the lead first. */
	readonly members: readonly Box[];
	readonly greys: Box;
	readonly kept: Box | null;
	readonly balance: Box;
	readonly designs: readonly Box[];
	/** The crosses of relatives; none where they are not shown. */
	readonly crosses: readonly Cross[];
	/** Where it is said what the marks mean. */
	readonly foot: number;
}

const DESIGN = { width: 116, gap: 12, heights: [150, 150, 90] } as const;
const MAP = { width: 84, labels: 68, bottom: 90 } as const;
/** What stands under the crosses or the members: height and what is under it. */
const UNDER = { kept: [20, 17], greys: [13, 6], balance: [13, 12] } as const;
const ROW = { height: 44, under: 16 } as const;

type Shown = Pick<SchemePlate, 'relatives' | 'inUse' | 'others'> & { readonly kept: boolean };

const designsIn = (inUse: boolean): Box[] => {
	let y = TOP;
	return (inUse ? DESIGN.heights : []).map((height) => {
		const box = { x: RIGHT - DESIGN.width, y, width: DESIGN.width, height };
		y += height + DESIGN.gap;
		return box;
	});
};

/** Boxes of one size beside each other in a box, so many in a row. */
function grid({ x, y, width, height }: Box, count: number, columns: number): Box[] {
	const [each, high] = [width / columns, height / Math.ceil(count / columns)];
	return Array.from({ length: count }, (_, i) => ({
		x: x + (i % columns) * each,
		y: y + Math.floor(i / columns) * high,
		width: each,
		height: high
	}));
}

/** Members without crosses: as a row that touches. */
function membersAsRow(room: Box, count: number): readonly Box[] {
	return grid({ ...room, height: room.height - ROW.under }, count, count);
}

/** A cross for each member; or, where they are many, a row of the members under the cross of one. */
function crossesIn(room: Box, shown: Shown): { members: readonly Box[]; crosses: readonly Cross[] } {
	const { others, relatives } = shown;
	const count = others.length + 1;
	const drawn = crossesOf(shown);
	if (count <= MOST_CROSSES) {
		const cells = grid(room, count, 2);
		const crosses = drawn.map((member) => layOutCross(member, cells[member]!, relatives.steps));
		return { members: crosses.map(({ middle }) => middle), crosses };
	}
	const row = { ...room, y: room.y + room.height - ROW.height - ROW.under, height: ROW.height };
	const one = layOutCross(drawn[0]!, { ...room, height: room.height - ROW.height - ROW.under - 10 }, relatives.steps);
	return { members: grid(row, count, count), crosses: [one] };
}

/** Where all of it stands. */
export function layOutScheme(shown: Shown): SchemeLayout {
	const designs = designsIn(shown.inUse);
	const mapRight = designs.length > 0 ? RIGHT - DESIGN.width - 26 : RIGHT - 4;
	const map = { x: mapRight - MAP.width, y: TOP + 8, width: MAP.width, height: PLATE_HEIGHT - TOP - 8 - MAP.bottom };
	const width = map.x - MAP.labels - LEFT;
	const foot = PLATE_HEIGHT - 16;
	const rows = shown.kept ? ([UNDER.kept, UNDER.greys, UNDER.balance] as const) : [UNDER.greys, UNDER.balance];
	let y = foot - 14 - rows.reduce((sum, [height, under]) => sum + height + under, 0);
	const room = { x: LEFT, y: TOP, width, height: y - TOP - 8 };
	const row = ([height, under]: readonly [number, number]): Box => {
		const box = { x: LEFT + CAPTION, y, width: width - CAPTION, height };
		y += height + under;
		return box;
	};
	const kept = shown.kept ? row(UNDER.kept) : null;
	const [greys, balance] = [row(UNDER.greys), row(UNDER.balance)];
	const standing = shown.relatives.shown
		? crossesIn(room, shown)
		: {
				members: membersAsRow({ ...room, y: TOP + 12, height: room.height - 12 }, shown.others.length + 1),
				crosses: []
			};
	return { height: PLATE_HEIGHT, map, ...standing, greys, kept, balance, designs, foot };
}
