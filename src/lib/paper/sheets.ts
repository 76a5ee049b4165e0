import { type Drawing } from '$lib/drawing/drawing';
import { shortened } from '$lib/drawing/words';

/** A drawing, what it shows in words, and the codes that its title block names. */
export interface Page {
	readonly drawing: Drawing;
	/** Worked out only where it is written. */
	readonly says: () => string;
	readonly codes: readonly string[];
}

/** A drawing on a sheet: how much it is scaled, and its left upper corner in points from that of the room. */
export interface Placed {
	readonly drawing: Drawing;
	/** Worked out only where it is written. */
	readonly says: () => string;
	readonly scale: number;
	readonly x: number;
	readonly y: number;
}

/** What is printed on one side of paper: drawings under each other, and the lines of codes in their title block. */
export interface SheetOfPaper {
	readonly placed: readonly Placed[];
	readonly lines: readonly string[];
}

/** What a sheet has for its drawings, in points, and what it needs for its codes. */
export interface Room {
	readonly width: number;
	readonly height: number;
	readonly lineHeight: number;
	readonly linesOf: (codes: readonly string[]) => string[];
}

/** Of a title no more is named before the codes of its plate. */
const TITLE_LETTERS = 44;
/** Between two drawings on a sheet, in points. */
const GAP = 14;
/** So much smaller than the room is wide drawings are made, so that one more has room on a sheet: two usual plates on Letter need it. */
const LEAST_SHARE = 0.85;

/** The lines of one of several plates: its title is named, because each plate has a first ground. */
function linesUnder({ drawing, codes }: Page, { linesOf }: Room): string[] {
	if (codes.length === 0) return [];
	return linesOf([`${shortened(drawing.title, TITLE_LETTERS)}: ${codes[0]!}`, ...codes.slice(1)]);
}

/** Drawings under each other, as wide as the room or, where that is too high, a little less; one alone is made to fit in any case. */
function laidOut(pages: readonly Page[], room: Room): SheetOfPaper & { fits: boolean } {
	const lines = pages.length > 1 ? pages.flatMap((page) => linesUnder(page, room)) : room.linesOf(pages[0]!.codes);
	const height = room.height - lines.length * room.lineHeight;
	const scales = pages.map(({ drawing }) => Math.min(room.width / drawing.width, height / drawing.height));
	const gaps = GAP * (pages.length - 1);
	const sum = pages.reduce((total, { drawing }, i) => total + scales[i]! * drawing.height, 0);
	const share = Math.min(1, (height - gaps) / sum);
	let y = 0;
	const placed = pages.map(({ drawing, says }, i): Placed => {
		const scale = share * scales[i]!;
		const at = { drawing, says, scale, x: (room.width - scale * drawing.width) / 2, y };
		y += scale * drawing.height + GAP;
		return at;
	});
	return { placed, lines, fits: share >= LEAST_SHARE };
}

/**
 * Drawings on sheets, in their order; each is only asked for when its sheet is made, so that not all are there at once.
 * @param together whether a sheet takes as many as it has room for; otherwise one each.
 */
export function* sheetsOf(pages: Iterable<Page>, room: Room, together: boolean): Generator<SheetOfPaper> {
	let group: Page[] = [];
	for (const page of pages) {
		if (group.length > 0 && !(together && laidOut([...group, page], room).fits)) {
			yield laidOut(group, room);
			group = [];
		}
		group.push(page);
	}
	if (group.length > 0) yield laidOut(group, room);
}
