import { type Of } from '$lib/drawing/drawing';
import { type Measure } from '$lib/paper/paper';
import { runsOf, type FaceName } from './faces';

/** The inks of what stands on the paper itself. */
export const INK = '#1c1c1c';
export const SOFT = '#5f5f5f';

export type Words = Of<'words'>;
type Pdf = PDFKit.PDFDocument;

/** Words with their baseline at y, from, about or up to x. */
export function write(pdf: Pdf, { x, y, words, size, face, strong, anchor, fill }: Words): void {
	const name: FaceName = face === 'serif' ? 'serif' : strong ? 'strong' : 'sans';
	const runs = runsOf(words, name).map((run) => {
		pdf.font(run.font).fontSize(size);
		return { ...run, width: pdf.widthOfString(run.text) };
	});
	const whole = runs.reduce((sum, { width }) => sum + width, 0);
	let at = anchor === 'end' ? x - whole : anchor === 'middle' ? x - whole / 2 : x;
	for (const { font, text, width } of runs) {
		pdf.font(font).fontSize(size).fillColor(fill).text(text, at, y, { lineBreak: false, baseline: 'alphabetic' });
		at += width;
	}
}

/** How wide words are in a face at a size, in points. */
export const measureIn =
	(pdf: Pdf): Measure =>
	(words, face, size) =>
		runsOf(words, face).reduce((sum, { font, text }) => sum + pdf.font(font).fontSize(size).widthOfString(text), 0);
