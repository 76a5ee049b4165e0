/** Where everything on a scales plate stands, in plate units: 792 wide, as high as a sheet of A4 laid across or higher. */
export const PLATE_WIDTH = 792;
const SHEET_HEIGHT = 560;
const TOP = 58;
const BOTTOM = 18;
const ROW_MOST = 120;
const ROW_LEAST = 40;
/** From this height on a row has room for three lines of words. */
export const ROOMY = 70;

export interface RowPlace {
	/** Top of the row and its whole height. */
	readonly y: number;
	readonly height: number;
	/** The band of colours. */
	readonly bandY: number;
	readonly bandHeight: number;
	/** Left edge of each step, and last the right edge of the scale. */
	readonly edges: readonly number[];
}

export interface ScalesLayout {
	readonly height: number;
	readonly left: number;
	readonly right: number;
	readonly rows: readonly RowPlace[];
}

/** Ends stand out by their width. */
const END_WIDTH = 1.25;

function edgesOf(count: number, from: number, to: number): number[] {
	const total = count - 2 + 2 * END_WIDTH;
	const edges = [from];
	let passed = 0;
	for (let i = 0; i < count; i++) {
		passed += i === 0 || i === count - 1 ? END_WIDTH : 1;
		edges.push(from + ((to - from) * passed) / total);
	}
	return edges;
}

/**
 * Lays out rows with these numbers of steps in all. Rows of one plate have one height and one left and right edge, so
 * that they line up; the plate grows where they would become too low to read. Without words the bands take all the room.
 */
export function layOutScales(counts: readonly number[], words: boolean): ScalesLayout {
	const top = words ? TOP : 28;
	const left = words ? 176 : 28;
	const right = PLATE_WIDTH - (words ? 26 : 28);
	const room = SHEET_HEIGHT - top - BOTTOM;
	const most = words ? ROW_MOST : room;
	const rowHeight = Math.max(ROW_LEAST, Math.min(most, room / Math.max(1, counts.length)));
	// Low rows keep their room for colour: the gaps and the line of values give way first.
	const gap = words ? Math.max(4, Math.min(26, 4 + (rowHeight - ROW_LEAST) * 0.6)) : Math.min(14, rowHeight * 0.18);
	const labels = words ? (rowHeight < ROOMY ? 14 : 17) : 0;
	const bandHeight = rowHeight - gap - labels;
	const rows = counts.map((count, i): RowPlace => {
		const y = top + i * rowHeight;
		return { y, height: rowHeight, bandY: y + gap / 2, bandHeight, edges: edgesOf(count, left, right) };
	});
	return { height: Math.max(SHEET_HEIGHT, top + counts.length * rowHeight + BOTTOM), left, right, rows };
}
