import { drawPiece, drawPlate } from '$lib/plates/draw-plate';
import { type Drawing } from '$lib/drawing/drawing';
import { drawingToSvg, type PictureSource } from '$lib/drawing/svg';
import { takenAway } from '$lib/drawing/taken-away';
import { type Palette } from '$lib/model/palette';
import { countPages, pagesOf } from '$lib/paper/paper';
import { portfolioPages, wallPages, type PrintedHandIn } from '$lib/paper/handed-pages';
import { readHandIn } from '$lib/study/handed/hand-in-file';
import { type PrintHanded } from '$lib/study/handed/requests';
import { type GivenBack } from '$lib/study/handed/returned';
import { printRequestSchema } from '$lib/study/print';
import { firstPlateSchema, pictureRequestSchema } from '$lib/study/requests';
import { readAs, Refusal } from '../answer';
import { byNearness } from '../palettes/nearness';
import { readStored } from '../stored';
import { type Made } from './made';

/**
 * What is done in a thread apart, because it can take long: reading what is asked for, drawing it, writing it. Each gives what was
 * made, or why not, as plain data that travels between threads. Heavy packages are loaded when they are first needed.
 */
async function made<T>(work: () => Promise<T>): Promise<Made<T>> {
	try {
		return { made: await work() };
	} catch (error) {
		if (!(error instanceof Refusal)) throw error;
		const { status, code, title, detail } = error;
		return { refused: { status, code, title, detail } };
	}
}

/** Copies one by one, with which all goes that was remembered for drawing them again. */
function* copiesOf<T>(all: readonly T[]): Generator<T> {
	for (const each of all) yield structuredClone(each);
}

/** Plates as a PDF, out of the text of a print request. */
export const print = (text: string): Promise<Made<Uint8Array>> =>
	made(async () => {
		const { titleBlock, plates, linked, page, codes, reflection, questions, sheet } = readAs(text, printRequestSchema);
		const { pagesToPdf } = await import('../print/pdf');
		// Drawn one after the other, as they are written.
		const pages = () => pagesOf({ plates: copiesOf(plates), linked, questions, codes, sheet });
		return pagesToPdf(pages, countPages(plates.length, sheet), titleBlock, page, reflection);
	});

/** What is printed of hand-ins: the request, and each as the text of its file, with what is given back with it. */
export interface HandedToPrint {
	readonly request: PrintHanded;
	readonly files: readonly { readonly text: string; readonly given: GivenBack }[];
}

/** Hand-ins as a PDF, out of the texts of their files; one that cannot be read is left out, and hides no other. */
export const printHanded = ({ request, files }: HandedToPrint): Promise<Made<Uint8Array>> =>
	made(async () => {
		const { title, notes, plate, page } = request;
		const read = files.flatMap(({ text, given }): PrintedHandIn[] => {
			try {
				return [{ handIn: readHandIn(text).content, given: notes ? given : null }];
			} catch {
				return [];
			}
		});
		const [first] = read;
		if (!first) throw new Refusal(422, 'unreadable', 'None of these hand-ins can be read.', 'Take others.');
		const { course, unit } = first.handIn.study.titleBlock;
		const sheets = read.map(({ handIn }) => ({
			handIn,
			plate: handIn.study.plates.findIndex(({ id }) => id === plate)
		}));
		const pages = () => (plate === null ? portfolioPages(read) : wallPages(title, sheets));
		const maker = plate === null ? first.handIn.maker : '';
		const { pagesToPdf } = await import('../print/pdf');
		const count = [...pages()].length;
		return pagesToPdf(pages, count, { title, maker, course, unit, date: first.handIn.at.slice(0, 10) }, page);
	});

/** A plate as PNG, out of the text of a picture request. */
export const picture = (text: string): Promise<Made<Uint8Array>> =>
	made(async () => {
		const { plate, linked, width, piece } = readAs(text, pictureRequestSchema);
		const drawing = (piece && drawPiece(plate, linked)) || drawPlate(plate, linked, 'full');
		// As many whole pixels high as come nearest: a part that is laid beside itself must have no edge of half a pixel.
		const height = (Math.round((width * drawing.height) / drawing.width) * drawing.width) / width;
		const { drawingToPng } = await import('../picture/png');
		return new Uint8Array(await drawingToPng(takenAway(piece ? { ...drawing, height } : drawing), width));
	});

/** The first plate of a stored study as SVG, in colours only; null where it has no plate. */
export const thumbnail = (text: string): Promise<Made<string | null>> =>
	made(async () => {
		const stored: unknown = JSON.parse(text);
		const { plates, linked } = readStored(stored, firstPlateSchema).document;
		const [plate] = plates;
		if (!plate) return null;
		const drawing = takenAway(drawPlate(plate, linked, 'colours'));
		return drawingToSvg(drawing, undefined, await sourcesIn(drawing, LONGEST_SMALL));
	});

/** Pixels along the longer side of a picture that is seen small. */
const LONGEST_SMALL = 420;

/** The pictures of a drawing; what reads them is only loaded where there are some. */
async function sourcesIn(drawing: Drawing, longest: number): Promise<PictureSource | undefined> {
	if (!drawing.shapes.some(({ kind }) => kind === 'image')) return undefined;
	const { pictureSources } = await import('../images/sources');
	return pictureSources(drawing, longest);
}

/** Palettes by how near one of their colours is to a colour. */
export const nearest = ({ palettes, text }: { palettes: readonly Palette[]; text: string }): Promise<Made<Palette[]>> =>
	made(() => Promise.resolve(byNearness(palettes, text)));
