import { closeSync, openSync, readFileSync, writeFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { takenAway } from '$lib/drawing/taken-away';
import { Problem } from '$lib/core/problem';
import {
	countPortfolioPages,
	countWallPages,
	portfolioPages,
	thawedSmall,
	wallPages,
	type PrintedHandIn,
	type SheetOfWall
} from '$lib/paper/handed-pages';
import { countPages, pagesOf } from '$lib/paper/paper';
import { type Page } from '$lib/paper/sheets';
import { drawPiece, drawPlate } from '$lib/plates/draw-plate';
import { readHandIn, readHandInOnly } from '$lib/study/handed/hand-in-file';
import { envelopeOf, type Envelope, type PrintHanded } from '$lib/study/handed/requests';
import { type GivenBack } from '$lib/study/handed/returned';
import { printRequestSchema } from '$lib/study/print';
import { pictureRequestSchema } from '$lib/study/requests';
import { readAs, Refusal } from '../answer';
import { type pagesToPdf } from '../print/pdf';
import { made } from './refusing';
import { type Made } from './messages';
import { MADE_FILE } from './work-files';

/** What work apart is given beside its content: a folder of its own, and the texts that belong to it, one at a time. */
export interface Apart {
	readonly folder: string;
	readonly need: (number: number) => Promise<string | null>;
}

/** Bytes that a print may have. */
const MOST_OF_PRINT = 500_000_000;

/** Bytes from which on what nobody needs any more is cleared away at once, not when the engine finds it worth while. */
const MUCH = 130_000_000;
const clearAway = (): void => {
	if (process.memoryUsage.rss() > MUCH) globalThis.gc?.();
};

/** Pages one after the other; of those that are written nothing is kept. */
function* clearing<T>(all: Iterable<T>): Generator<T> {
	for (const each of all) {
		yield each;
		clearAway();
	}
}

type ToPdf = typeof pagesToPdf;

/** Writes a print into its file, part by part. @throws Refusal where it grows beyond all measure */
async function printInto(
	folder: string,
	print: (take: (part: Uint8Array) => void, toPdf: ToPdf) => Promise<void>
): Promise<void> {
	const { pagesToPdf: toPdf } = await import('../print/pdf');
	const file = openSync(join(folder, MADE_FILE), 'w');
	let size = 0;
	try {
		await print((part) => {
			size += writeSync(file, part);
			if (size > MOST_OF_PRINT)
				throw new Refusal(503, 'takes-too-much', 'This print is too large.', 'Take fewer hand-ins at once.');
		}, toPdf);
	} finally {
		closeSync(file);
	}
}

/** Copies one by one, with which all goes that was remembered for drawing them again. */
function* copiesOf<T>(all: readonly T[]): Generator<T> {
	for (const each of all) yield structuredClone(each);
}

/** Plates as a PDF, out of the text of a print request. */
const print = (text: string, { folder }: Apart): Promise<Made<null>> =>
	made(async () => {
		const { titleBlock, plates, linked, page, codes, reflection, questions, sheet } = readAs(text, printRequestSchema);
		// Drawn one after the other, as they are written.
		const pages = () => clearing(pagesOf({ plates: copiesOf(plates), linked, questions, codes, sheet }));
		const count = countPages(plates.length, sheet);
		await printInto(folder, (take, toPdf) => toPdf(take, pages, count, titleBlock, page, reflection));
		return null;
	});

/** What is printed of hand-ins: the request, and how many there are, each asked for as a text by its number from 0. */
export interface HandedToPrint {
	readonly request: PrintHanded;
	readonly given: readonly GivenBack[];
}

/**
 * Hand-ins on the disk, as far as they are drawn, so that one of them at a time is in memory however many are printed. What cannot be
 * read is left out, and hides no other.
 */
async function laidOut({ request, given }: HandedToPrint, { folder, need }: Apart): Promise<string[]> {
	const files: string[] = [];
	for (let number = 0; number < given.length; number++) {
		const text = await need(number);
		if (text === null) continue;
		try {
			const read = readHandInOnly(text);
			const { plate } = request;
			const drawings = read.drawings.filter((_, i) => plate === null || read.study.plates[i]?.id === plate);
			const file = join(folder, `handed ${number}`);
			const printed: PrintedHandIn = {
				handIn: { ...read, drawings, pictures: {} },
				given: request.notes ? given[number]! : null
			};
			writeFileSync(file, JSON.stringify(printed));
			files.push(file);
		} catch (error) {
			if (!(error instanceof Problem)) throw error;
		}
		clearAway();
	}
	return files;
}

const readPrinted = (file: string): PrintedHandIn => JSON.parse(readFileSync(file, 'utf8')) as PrintedHandIn;

/** One after the other, each read when it is its turn. */
function* eachOf<T>(files: readonly string[], as: (printed: PrintedHandIn) => T): Generator<T> {
	for (const file of files) {
		yield as(readPrinted(file));
		clearAway();
	}
}

const onWall = ({ handIn: { maker, asked, drawings } }: PrintedHandIn): SheetOfWall => ({
	maker,
	asked,
	drawing: drawings[0] ? thawedSmall(drawings[0]) : null
});

function sumOf(numbers: Iterable<number>): number {
	let sum = 0;
	for (const number of numbers) sum += number;
	return sum;
}

/** Hand-ins as a PDF. */
const printHanded = (handed: HandedToPrint, apart: Apart): Promise<Made<null>> =>
	made(async () => {
		const { title, plate, page } = handed.request;
		const files = await laidOut(handed, apart);
		const [first] = files;
		if (!first) throw new Refusal(422, 'unreadable', 'None of these hand-ins can be read.', 'Take others.');
		const { study, maker, at } = readPrinted(first).handIn;
		const { course, unit } = study.titleBlock;
		const titleBlock = { title, maker: plate === null ? maker : '', course, unit, date: at.slice(0, 10) };
		const isWall = plate !== null;
		const pages = (): Iterable<Page> =>
			clearing(isWall ? wallPages(title, eachOf(files, onWall)) : portfolioPages(eachOf(files, (printed) => printed)));
		const count = isWall ? countWallPages(files.length) : sumOf(eachOf(files, countPortfolioPages));
		await printInto(apart.folder, (take, toPdf) => toPdf(take, pages, count, titleBlock, page));
		return null;
	});

/** A plate as PNG, out of the text of a picture request. */
const picture = (text: string, { folder }: Apart): Promise<Made<null>> =>
	made(async () => {
		const { plate, linked, width, piece } = readAs(text, pictureRequestSchema);
		const drawing = (piece && drawPiece(plate, linked)) || drawPlate(plate, linked, 'full');
		// As many whole pixels high as come nearest: a part that is laid beside itself must have no edge of half a pixel.
		const height = (Math.round((width * drawing.height) / drawing.width) * drawing.width) / width;
		const { drawingToPng } = await import('../picture/png');
		const png = await drawingToPng(takenAway(piece ? { ...drawing, height } : drawing), width);
		writeFileSync(join(folder, MADE_FILE), png);
		return null;
	});

/** What the file of a hand-in says of itself, and whether it is as it was written. */
const readHanded = (file: string): Promise<Made<Envelope>> =>
	made(() => {
		try {
			return envelopeOf(readHandIn(new TextDecoder('utf-8', { fatal: true }).decode(readFileSync(file))));
		} catch (error) {
			const [what, expected] =
				error instanceof Problem
					? [error.message, error.expected]
					: ['It holds letters that are none.', 'a hand-in as it was handed in'];
			throw new Refusal(422, 'not-as-expected', what, `Expected: ${expected}.`);
		}
	});

/** All that is done in a process of its own, by name. */
export const WORK = { print, printHanded, picture, readHanded } as const;
export type WorkName = keyof typeof WORK;
