import PDFDocument from 'pdfkit';
import { type Of, type Shape } from '$lib/drawing/drawing';
import { barsOf, figuresOf } from '$lib/drawing/bars';
import { takenAway } from '$lib/drawing/taken-away';
import { type TitleBlock } from '$lib/study/parts';
import { pageSize, type PageLayout } from '$lib/study/print';
import { sayUnit } from '$lib/study/say-unit';
import { pictureFiles } from '../images/sources';
import { faceFiles } from './faces';
import { CODE_LINE, CODE_SIZE, MARGIN, roomOf, topOfFoot } from '$lib/paper/paper';
import { sheetsOf, type Page, type Placed } from '$lib/paper/sheets';
import { pagesOfText, WRITTEN } from '$lib/paper/written-pages';
import { rasterImage } from './raster-image';
import { INK, measureIn, SOFT, write, type Words } from './write';

type Pdf = PDFKit.PDFDocument;

/**
 * Drawings as a PDF: one a page where it lies across, as many as fit where it stands upright, with the title block at its foot; all
 * of it vectors, with its faces embedded.
 * @param take is given the file part by part, so that it need not be held
 * @param pages gives the drawings, each when it is needed; gone through twice for upright paper, to count the sheets first
 * @param count how many they are
 * @param reflection what their maker wrote on the whole, on pages of its own at the end; none where it is empty
 */
export async function pagesToPdf(
	take: (part: Uint8Array) => void,
	pages: () => Iterable<Page>,
	count: number,
	titleBlock: TitleBlock,
	layout: PageLayout,
	reflection = ''
): Promise<void> {
	const [width, height] = pageSize(layout);
	const date = dayOf(titleBlock.date);
	const info = {
		Title: titleBlock.title,
		Author: titleBlock.maker,
		Creator: 'Ricercar',
		CreationDate: date,
		ModDate: date
	};
	const page = { autoFirstPage: false, size: [width, height] as [number, number], margin: 0 };
	const form = { lang: 'en-GB', subset: 'PDF/A-2b', pdfVersion: '1.7', tagged: true, displayTitle: true } as const;
	// As PDF/A (ISO 19005-2) has it: with the sRGB profile inside, so that the codes mean the same on every press and screen. Tagged
	// (ISO 32000-1 §14.8): whoever has it read to them hears what each plate shows.
	const pdf = new PDFDocument({ ...page, info, ...form });
	for (const { name, path } of await faceFiles()) pdf.registerFont(name, path);
	const done = written(pdf, take);
	const measure = measureIn(pdf);
	const room = roomOf(layout, measure);
	const textPages = pagesOfText(reflection, room, measure);
	const total = (layout.across ? count : countOf(sheetsOf(pages(), room, true))) + textPages.length;
	const whole = pdf.struct('Document');
	pdf.addStructure(whole);
	let sheet = 0;
	for (const { placed, lines } of sheetsOf(pages(), room, !layout.across)) {
		sheet++;
		pdf.addPage();
		for (const each of placed) place(pdf, whole, each, await pictureFiles(each.drawing));
		foot(pdf, whole, titleBlock, { number: sheet, total, lines }, width, height);
		// What was written is given away before more is drawn.
		await new Promise((next) => setImmediate(next));
	}
	for (const lines of textPages) {
		sheet++;
		pdf.addPage();
		whole.add(pdf.struct('H1', {}, [() => writeHeading(pdf)]));
		whole.add(pdf.struct('P', {}, [() => writeLines(pdf, lines)]));
		foot(pdf, whole, titleBlock, { number: sheet, total, lines: [] }, width, height);
	}
	whole.end();
	pdf.end();
	await done;
}

/** The day that a print is dated by: the study's, so that the same print is the same file; without one the day it is made. */
function dayOf(date: string): Date {
	const day = new Date(`${date || new Date().toISOString().slice(0, 10)}T00:00:00Z`);
	return Number.isNaN(day.getTime()) ? new Date(0) : day;
}

function countOf(all: Iterable<unknown>): number {
	let count = 0;
	for (const each of all) count += each ? 1 : 0;
	return count;
}

function written(pdf: Pdf, take: (part: Uint8Array) => void): Promise<void> {
	return new Promise((done, fail) => {
		pdf.on('data', take);
		pdf.on('end', done);
		pdf.on('error', fail);
	});
}

/** Pictures by their shapes, as JPEG or PNG files; one that is missing is not among them. */
type Pictures = ReadonlyMap<object, Buffer>;

/** A picture in its box; a frame with a cross where it is not at hand. */
function picture(pdf: Pdf, shape: Of<'image'>, pictures: Pictures): void {
	const { x, y, width, height } = shape;
	const file = pictures.get(shape);
	if (file) pdf.image(file, x, y, { width, height });
	else
		pdf
			.path(`M${x} ${y}h${width}v${height}h${-width}zl${width} ${height}m0 ${-height}l${-width} ${height}`)
			.stroke(SOFT);
}

function draw(pdf: Pdf, shape: Shape, pictures: Pictures): void {
	switch (shape.kind) {
		case 'image':
			return picture(pdf, shape, pictures);
		case 'raster': {
			const { x, y, width, height } = shape;
			// Its types know only images that are files.
			pdf.image(rasterImage(pdf, shape) as unknown as Buffer, x, y, { width, height });
			return;
		}
		case 'bar':
			pdf.rect(shape.x, shape.y, shape.width, shape.height).fill(shape.fill);
			return;
		case 'row':
			for (const bar of barsOf(shape)) draw(pdf, bar, pictures);
			return;
		case 'mosaic':
			for (const figure of figuresOf(shape)) draw(pdf, figure, pictures);
			return;
		case 'gradient': {
			const { x, y, width, height, stops } = shape;
			const run = pdf.linearGradient(x, y, x + width, y);
			for (const { at, fill } of stops) run.stop(at, fill);
			pdf.rect(x, y, width, height).fill(run);
			return;
		}
		case 'area':
			pdf.path(shape.path).fill(shape.fill);
			return;
		case 'rule':
			pdf.moveTo(shape.x1, shape.y1).lineTo(shape.x2, shape.y2).lineWidth(0.8).stroke(shape.stroke);
			return;
		case 'words':
			write(pdf, shape);
	}
}

type Structure = PDFKit.PDFStructureElement;

/** A drawing at its place, as a figure that says what it shows. */
function place(pdf: Pdf, whole: Structure, { drawing, says, scale, x, y }: Placed, pictures: Pictures): void {
	const figure = (): void => {
		pdf
			.save()
			.translate(MARGIN + x, MARGIN + y)
			.scale(scale);
		// White paper is white already.
		if (drawing.paper !== '#ffffff') pdf.rect(0, 0, drawing.width, drawing.height).fill(drawing.paper);
		for (const shape of takenAway(drawing).shapes) draw(pdf, shape, pictures);
		pdf.restore();
	};
	whole.add(pdf.struct('Figure', { title: drawing.title, alt: `${drawing.title}. ${says()}` }, [figure]));
}

/** A line in the sans of the title block, or as is said. */
function line(pdf: Pdf, x: number, y: number, words: string, more: Partial<Words> = {}): void {
	const plain = { size: CODE_SIZE, face: 'sans', strong: false, anchor: 'start', fill: SOFT } as const;
	write(pdf, { kind: 'words', x, y, words, ...plain, ...more });
}

const writeHeading = (pdf: Pdf): void =>
	line(pdf, MARGIN, MARGIN + WRITTEN.heading.size, 'Reflection', {
		face: 'serif',
		size: WRITTEN.heading.size,
		fill: INK
	});

function writeLines(pdf: Pdf, lines: readonly string[]): void {
	lines.forEach((words, i) => {
		const y = MARGIN + WRITTEN.heading.height + (i + 0.75) * WRITTEN.line;
		line(pdf, MARGIN, y, words, { face: 'serif', size: WRITTEN.size, fill: INK });
	});
}

/**
 * The title block: who made what, for which course and unit, when, and which page of how many this is. It is read out on the first
 * page; on the others it is an ornament of the page, and only its codes are read.
 */
function foot(
	pdf: Pdf,
	whole: Structure,
	{ title, maker, course, unit, date }: TitleBlock,
	{ number, total, lines }: { number: number; total: number; lines: readonly string[] },
	width: number,
	height: number
): void {
	const top = topOfFoot(height, lines.length);
	const rule = () =>
		pdf
			.moveTo(MARGIN, top)
			.lineTo(width - MARGIN, top)
			.lineWidth(0.5)
			.stroke(INK);
	const block = () => {
		line(pdf, MARGIN, top + 14, title, { face: 'serif', size: 11, fill: INK });
		line(pdf, MARGIN, top + 25, [maker, course].filter(Boolean).join(' · '));
		line(pdf, width - MARGIN, top + 14, [sayUnit(unit), date].filter(Boolean).join(' · '), { anchor: 'end' });
		line(pdf, width - MARGIN, top + 25, `${number} of ${total}`, { anchor: 'end' });
	};
	ornament(pdf, rule);
	if (number === 1) whole.add(pdf.struct('P', {}, [block]));
	else ornament(pdf, block);
	if (lines.length === 0) return;
	const codes = () => lines.forEach((each, i) => line(pdf, MARGIN, top + 25 + (i + 1) * CODE_LINE, each));
	whole.add(pdf.struct('P', {}, [codes]));
}

/** What is not read out. */
function ornament(pdf: Pdf, write: () => void): void {
	pdf.markContent('Artifact', { type: 'Pagination' });
	write();
	pdf.endMarkedContent();
}
