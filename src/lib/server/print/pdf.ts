import PDFDocument from 'pdfkit';
import { type Shape } from '$lib/drawing/drawing';
import { barsOf, figuresOf } from '$lib/drawing/bars';
import { type TitleBlock } from '$lib/study/study';
import { pageSize, type PageLayout } from '$lib/study/print';
import { sayUnit } from '$lib/study/say-unit';
import { faceFiles } from './faces';
import { pagesOfText, writePage } from './reflection';
import { sheetsOf, type Page } from './sheets';
import { INK, SOFT, write, type Words } from './write';

/** All around the page, and what the title block takes at its foot, in points. */
const MARGIN = 36;
const FOOT = 38;
const CODE_LINE = 11;

type Pdf = PDFKit.PDFDocument;

/**
 * Drawings as a PDF: one a page where it lies across, as many as fit where it stands upright, with the title block at its foot; all
 * of it vectors, with its faces embedded.
 * @param pages gives the drawings, each when it is needed; gone through twice for upright paper, to count the sheets first
 * @param count how many they are
 * @param reflection what their maker wrote on the whole, on pages of its own at the end; none where it is empty
 */
export async function pagesToPdf(
	pages: () => Iterable<Page>,
	count: number,
	titleBlock: TitleBlock,
	layout: PageLayout,
	reflection = ''
): Promise<Uint8Array> {
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
	// As PDF/A (ISO 19005-2) has it: with the sRGB profile inside, so that the codes mean the same on every press and screen.
	const pdf = new PDFDocument({ ...page, info, lang: 'en-GB', subset: 'PDF/A-2b', pdfVersion: '1.7' });
	for (const { name, path } of await faceFiles()) pdf.registerFont(name, path);
	const done = collected(pdf);
	const room = {
		width: width - 2 * MARGIN,
		height: height - 2 * MARGIN - FOOT,
		lineHeight: CODE_LINE,
		linesOf: (codes: readonly string[]) => linesOf(pdf, codes, width - 2 * MARGIN)
	};
	const written = pagesOfText(pdf, reflection, room);
	const total = (layout.across ? count : [...sheetsOf(pages(), room, true)].length) + written.length;
	let sheet = 0;
	for (const { placed, lines } of sheetsOf(pages(), room, !layout.across)) {
		sheet++;
		pdf.addPage();
		for (const { drawing, scale, x, y } of placed) {
			pdf
				.save()
				.translate(MARGIN + x, MARGIN + y)
				.scale(scale);
			// White paper is white already.
			if (drawing.paper !== '#ffffff') pdf.rect(0, 0, drawing.width, drawing.height).fill(drawing.paper);
			for (const shape of drawing.shapes) draw(pdf, shape);
			pdf.restore();
		}
		foot(pdf, titleBlock, { page: `${sheet} of ${total}`, lines }, width, height);
	}
	for (const lines of written) {
		sheet++;
		pdf.addPage();
		writePage(pdf, lines, MARGIN);
		foot(pdf, titleBlock, { page: `${sheet} of ${total}`, lines: [] }, width, height);
	}
	pdf.end();
	return done;
}

/** The day that a print is dated by: the study's, so that the same print is the same file; without one the day it is made. */
function dayOf(date: string): Date {
	const day = new Date(`${date || new Date().toISOString().slice(0, 10)}T00:00:00Z`);
	return Number.isNaN(day.getTime()) ? new Date(0) : day;
}

function collected(pdf: Pdf): Promise<Uint8Array> {
	const parts: Buffer[] = [];
	return new Promise((resolve, reject) => {
		pdf.on('data', (part: Buffer) => parts.push(part));
		pdf.on('end', () => resolve(new Uint8Array(Buffer.concat(parts))));
		pdf.on('error', reject);
	});
}

function draw(pdf: Pdf, shape: Shape): void {
	switch (shape.kind) {
		case 'bar':
			pdf.rect(shape.x, shape.y, shape.width, shape.height).fill(shape.fill);
			return;
		case 'row':
			for (const bar of barsOf(shape)) draw(pdf, bar);
			return;
		case 'mosaic':
			for (const figure of figuresOf(shape)) draw(pdf, figure);
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

const CODE_SIZE = 8.5;
const BETWEEN = ' · ';

/** Names with their codes in as few lines as they fit in, each code whole. */
function linesOf(pdf: Pdf, codes: readonly string[], width: number): string[] {
	pdf.font('sans').fontSize(CODE_SIZE);
	return codes.reduce<string[]>((lines, code) => {
		const longer = lines.length === 0 ? code : `${lines.at(-1)!}${BETWEEN}${code}`;
		if (lines.length > 0 && pdf.widthOfString(longer) <= width) return [...lines.slice(0, -1), longer];
		return [...lines, code];
	}, []);
}

/** The title block: who made what, for which course and unit, when, and which page of how many this is. */
function foot(
	pdf: Pdf,
	{ title, maker, course, unit, date }: TitleBlock,
	{ page, lines }: { page: string; lines: readonly string[] },
	width: number,
	height: number
): void {
	const top = height - MARGIN - FOOT + 14 - lines.length * CODE_LINE;
	pdf
		.moveTo(MARGIN, top)
		.lineTo(width - MARGIN, top)
		.lineWidth(0.5)
		.stroke(INK);
	const line = (x: number, y: number, words: string, more: Partial<Words>): void =>
		write(pdf, {
			kind: 'words',
			x,
			y,
			words,
			size: CODE_SIZE,
			face: 'sans',
			strong: false,
			anchor: 'start',
			fill: SOFT,
			...more
		});
	line(MARGIN, top + 14, title, { face: 'serif', size: 11, fill: INK });
	line(MARGIN, top + 25, [maker, course].filter(Boolean).join(' · '), {});
	line(width - MARGIN, top + 14, [sayUnit(unit), date].filter(Boolean).join(' · '), { anchor: 'end' });
	line(width - MARGIN, top + 25, page, { anchor: 'end' });
	lines.forEach((codes, i) => line(MARGIN, top + 25 + (i + 1) * CODE_LINE, codes, {}));
}
