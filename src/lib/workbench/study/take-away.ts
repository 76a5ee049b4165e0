import { type TakenColours } from '$lib/client/colour-files';
import { download, downloadMade, handInName, plainName, type Making } from '$lib/client/files';
import { type NamedColour } from '$lib/core/format/colour-list';
import { drawPlate } from '$lib/plates/draw-plate';
import { drawingToSvg } from '$lib/drawing/svg';
import { type Plate } from '$lib/plates/plate';
import { type PageLayout, type PrintRequest } from '$lib/study/print';
import { type StudyDocument } from '$lib/study/study';
import { type LinkedColour } from '$lib/model/linked';
import { writeStudyFile } from '$lib/study/study-file';
import { type ColourSet } from '../bench';

export function downloadSvg(plate: Plate, linked: readonly LinkedColour[]): void {
	const svg = drawingToSvg(drawPlate(plate, linked, 'full'));
	download(`${plainName(plate.title)}.svg`, new Blob([svg], { type: 'image/svg+xml' }));
}

/** The plate as PNG, so many pixels wide, drawn by the server. Says in words what went wrong. */
export const downloadPng = (
	plate: Plate,
	linked: readonly LinkedColour[],
	width: number,
	making: Making
): Promise<string | null> =>
	downloadMade('/api/pictures', { plate, linked, width }, `${plainName(plate.title)}.png`, making);

/** Plates of a study as a PDF, one a page. Says in words what went wrong. */
export function downloadPdf(
	{ titleBlock, linked, reflection, plates: all }: StudyDocument,
	plates: readonly Plate[],
	page: PageLayout,
	codes: boolean,
	making: Making
): Promise<string | null> {
	// A reflection is on the whole: it goes with all plates, and not with one.
	const whole = plates.length === all.length ? (reflection ?? '') : '';
	const request: PrintRequest = { titleBlock, plates: [...plates], linked, page, codes, reflection: whole };
	return downloadMade('/api/print', request, `${handInName(titleBlock)}.pdf`, making);
}

export function downloadStudy(document: StudyDocument): void {
	const content = new Blob([writeStudyFile(document)], { type: 'application/json' });
	download(`${handInName(document.titleBlock)}.study.json`, content);
}

/** Colours as files take them. */
export function taken({ name, colours, run }: ColourSet): TakenColours {
	const named = colours().map(({ name: called, hex }): NamedColour => ({ name: called, text: hex }));
	return { name: plainName(name), hexes: named.map(({ text }) => text), named, run: run?.() };
}
