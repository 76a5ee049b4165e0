import { vanishes } from '$lib/drawing/lost';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { header } from '$lib/drawing/head';
import { ticks, upright } from '$lib/drawing/lost';
import { sheetOf } from '$lib/drawing/plate-ground';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { INK, PAPER, words } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { contentOf, patchesOf, readingsOf } from './design';
import { drawClimates, smallClimates } from './draw-climates';
import { drawnRegions } from './drawn';
import { fieldIn, fieldOf, gridOfPlate } from './field';
import { mosaicOf } from './mosaic';
import { DESIGN, SHARES, SMALL } from './pattern-layout';
import { type PatternPlate } from './schema';
import { countWords, GRID_WORDS, perCent } from './words';

type Linked = readonly LinkedColour[];

/** What a design is laid on: "Triangles, upright, 30 across". */
export function fieldWords({ grid, drawing }: Pick<PatternPlate, 'grid' | 'drawing'>): string {
	if (drawing) return drawnRegions(drawing).name;
	if (grid.kind === 'rings') return `${GRID_WORDS.rings}, ${grid.columns} round`;
	if (grid.kind === 'bands') return `${GRID_WORDS.bands}, ${grid.bands.across.length} by ${grid.bands.down.length}`;
	return `${GRID_WORDS[grid.kind]}, ${grid.columns} across`;
}

const ROOM_FOR_NUMBER = 9;
const ROOM_FOR_SHARE = 44;

/** The shares as a bar of proportions, each with its number, and its per cent where there is room. */
function shares(plate: PatternPlate, linked: Linked, box: Box): Shape[] {
	const { shares: all, filled } = readingsOf(plate, linked);
	const grid = gridOfPlate(plate);
	const word = plate.drawing ? 'region' : 'cell';
	const heading =
		filled === grid.cells.length
			? `Shares of all ${countWords(filled, word)}`
			: `Shares of the ${countWords(filled, word)} filled, of ${grid.cells.length}`;
	const ground = sheetOf(plate, linked).linear;
	let x = box.x;
	const parts = patchesOf(plate, linked).flatMap(({ hex, linear }, i): Shape[] => {
		const part = { ...box, x, width: all[i]! * box.width };
		x += part.width;
		if (part.width === 0) return [];
		const y = box.y + box.height + 13;
		const number = String(i + 1);
		return [
			bar(part, hex),
			...(vanishes(linear, ground) ? ticks(upright(part)) : []),
			...(part.width > ROOM_FOR_NUMBER
				? [words(part.x + 1, y, number, { face: 'serif', strong: true, fill: INK })]
				: []),
			...(part.width > ROOM_FOR_SHARE ? [words(part.x + 5 + 7 * number.length, y, perCent(all[i]!))] : [])
		];
	});
	return [words(box.x, box.y - 7, heading), ...parts];
}

const codesOf = (plate: PatternPlate, linked: Linked): string[] => patchesOf(plate, linked).map(({ hex }) => hex);

function wholeDesign(plate: PatternPlate, linked: Linked): Shape[] {
	return [
		...mosaicOf(fieldOf(plate), contentOf(plate), codesOf(plate, linked), DESIGN, plate.taken),
		...header(plate.title, fieldWords(plate)),
		...shares(plate, linked, SHARES)
	];
}

const sheet = (plate: PatternPlate, shapes: readonly Shape[]): Drawing => ({
	title: plate.title,
	width: PLATE_WIDTH,
	height: PLATE_HEIGHT,
	paper: PAPER,
	shapes
});

/** A pattern plate: its design with the shares of its colours, or the same design in several climates. Without words only the designs. */
export function drawPattern(plate: PatternPlate, linked: Linked, withWords: boolean): Drawing {
	if (plate.shows === 'climates')
		return sheet(plate, withWords ? drawClimates(plate, linked) : smallClimates(plate, linked));
	if (withWords) return sheet(plate, wholeDesign(plate, linked));
	return sheet(plate, mosaicOf(fieldIn(plate, SMALL), contentOf(plate), codesOf(plate, linked), SMALL, plate.taken));
}
