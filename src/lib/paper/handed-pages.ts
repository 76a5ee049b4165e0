import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { sayDay } from '$lib/drawing/say-day';
import { shortened, words } from '$lib/drawing/words';
import { describePlate } from '$lib/plates/draw-plate';
import { sayProgress } from '$lib/study/brief/progress';
import { type HandIn } from '$lib/study/handed/hand-in';
import { type GivenBack } from '$lib/study/handed/returned';
import { thawed, type StoredDrawing } from '$lib/study/handed/stored-drawing';
import { briefPages } from './brief-page';
import { type Page } from './sheets';
import { within } from './within';

/** A hand-in as it is printed, with what was given back with it, where that is wanted. */
export interface PrintedHandIn {
	readonly handIn: HandIn;
	readonly given: GivenBack | null;
}

const held = ({ asked }: Pick<HandIn, 'asked'>): string => (asked.length === 0 ? 'no checks' : sayProgress(asked));

/** The reflection and the notes of a hand-in, as a text. */
function textOf({ handIn: { study }, given }: PrintedHandIn): string {
	const placeOf = (plate: string | null): string => {
		const index = study.plates.findIndex(({ id }) => id === plate);
		return index < 0 ? 'On the whole' : `On plate ${index + 1}`;
	};
	const notes = (given?.notes ?? []).map(
		({ plate, at, text }, i) => `${i + 1}. ${placeOf(plate)}${at?.name ? `, at ${at.name}` : ''}: ${text}`
	);
	return [
		...(study.reflection ? ['## Reflection', study.reflection] : []),
		...(notes.length > 0 ? ['## Notes', ...notes] : [])
	].join('\n\n');
}

/** The pages that stand before the plates of a hand-in: what it answered and came to, and what was written. */
function textPages(printed: PrintedHandIn, text: string): Drawing[] {
	const { handIn, given } = printed;
	const facts = [
		`${handIn.maker}, handed in on ${sayDay(handIn.at)}: ${held(handIn)}`,
		...(given?.mark ? [`Mark: ${given.mark}`] : [])
	];
	return briefPages({ title: handIn.brief.title, text, facts, keep: [] });
}

/** Hand-ins one after the other, each only asked for when it is its turn: text, and every plate as it was handed in. */
export function* portfolioPages(handIns: Iterable<PrintedHandIn>): Generator<Page> {
	for (const printed of handIns) {
		const { handIn } = printed;
		const text = textOf(printed);
		for (const drawing of textPages(printed, text)) yield { drawing, says: () => text, codes: [] };
		for (const [i, drawing] of handIn.drawings.entries()) {
			const plate = handIn.study.plates[i]!;
			yield { drawing: thawed(drawing), says: () => describePlate(plate, handIn.study.linked), codes: [] };
		}
	}
}

/** How many pages a hand-in takes of a portfolio. */
export const countPortfolioPages = (printed: PrintedHandIn): number =>
	textPages(printed, textOf(printed)).length + printed.handIn.drawings.length;

const COLUMNS = 4;
const ROWS = 3;
const GAP = 16;
const [LEFT, TOP] = [28, 60] as const;
const UNDER = 30;
const INK = '#1c1c1c';

/** A sheet of the wall on paper: whose it is, what was asked, and the plate, where it has it. */
export interface SheetOfWall extends Pick<HandIn, 'maker' | 'asked'> {
	readonly drawing: Drawing | null;
}

export const countWallPages = (sheets: number): number => Math.ceil(sheets / (COLUMNS * ROWS));

/** Pixels that a raster has across at the most where it is printed this small. */
const FINE = 500;

/** A drawing out of a file as it is printed on a wall: its rasters have no more pixels than paper shows so small. */
export function thawedSmall(stored: StoredDrawing): Drawing {
	const drawing = thawed(stored);
	const shapes = drawing.shapes.map((shape) => {
		if (shape.kind !== 'raster' || shape.columns <= FINE) return shape;
		const step = Math.ceil(shape.columns / FINE);
		const columns = Math.ceil(shape.columns / step);
		const rows = Math.ceil(shape.codes.length / shape.columns / step);
		// Each stands for its neighbours.
		const codes = Uint32Array.from(
			{ length: columns * rows },
			(_, i) => shape.codes[step * (Math.floor(i / columns) * shape.columns + (i % columns))]!
		);
		return { ...shape, columns, codes };
	});
	return { ...drawing, shapes };
}

/** So many of them at a time. */
function* inTwelves(sheets: Iterable<SheetOfWall>): Generator<readonly SheetOfWall[]> {
	let some: SheetOfWall[] = [];
	for (const sheet of sheets) {
		some.push(sheet);
		if (some.length < COLUMNS * ROWS) continue;
		yield some;
		some = [];
	}
	if (some.length > 0) yield some;
}

/** The wall on paper, twelve sheets a page: one plate of each, with maker and checks. */
export function* wallPages(title: string, sheets: Iterable<SheetOfWall>): Generator<Page> {
	const width = (PLATE_WIDTH - 2 * LEFT - (COLUMNS - 1) * GAP) / COLUMNS;
	const height = (PLATE_HEIGHT - TOP - ROWS * UNDER - LEFT / 2) / ROWS;
	for (const some of inTwelves(sheets)) {
		const shapes = some.flatMap((sheet, i): Shape[] => {
			const x = LEFT + (i % COLUMNS) * (width + GAP);
			const y = TOP + Math.floor(i / COLUMNS) * (height + UNDER);
			const { maker, drawing } = sheet;
			return [
				...(drawing ? within(drawing, { x, y, width, height }) : []),
				words(x, y + height + 12, shortened(maker, 26), { size: 10, fill: INK }),
				words(x + width, y + height + 12, held(sheet), { size: 9, anchor: 'end', fill: '#5f5f5f' })
			];
		});
		const head = words(LEFT, 42, title, { face: 'serif', size: 22, fill: INK });
		const drawing: Drawing = {
			title,
			width: PLATE_WIDTH,
			height: PLATE_HEIGHT,
			paper: '#ffffff',
			shapes: [head, ...shapes]
		};
		yield { drawing, says: () => some.map((sheet) => `${sheet.maker}: ${held(sheet)}`).join('; '), codes: [] };
	}
}
