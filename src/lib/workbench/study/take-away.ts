import { type TakenColours } from '$lib/client/colour-files';
import { download, downloadMade, handInName, plainName, type Making } from '$lib/client/files';
import { type NamedColour } from '$lib/core/format/colour-list';
import { takenAwayApart } from '$lib/client/drawings';
import { sourcesOf } from '$lib/client/pictures';
import { zipOfStudy } from '$lib/client/study-zip';
import { drawPiece, drawPlate, revealsOf } from '$lib/plates/draw-plate';
import { drawingToSvg } from '$lib/drawing/svg';
import { type Plate } from '$lib/plates/plate';
import { type PageLayout, type PrintRequest } from '$lib/study/print';
import { type StudyDocument } from '$lib/study/study';
import { notices } from '$lib/ui/notices.svelte';
import { type LinkedColour } from '$lib/model/linked';
import { writeStudyFile } from '$lib/study/study-file';
import { show } from '$lib/core/colour/shown';
import { sayDay } from '$lib/drawing/say-day';
import { asLine } from '$lib/model/line';
import { colourOf } from '$lib/model/resolve';
import { type Brief } from '$lib/study/brief/brief';
import { givenBy } from '$lib/study/brief/given';
import { type ColourSet } from '../bench';

/** What of a plate is taken away: the whole, or the part of it that stands by itself. */
export type Piece = 'plate' | 'piece';

/** The plate as SVG, its pictures inside; says so where one is not at hand. */
export async function downloadSvg(plate: Plate, linked: readonly LinkedColour[], what: Piece = 'plate'): Promise<void> {
	const drawn = what === 'piece' ? drawPiece(plate, linked) : drawPlate(plate, linked, 'full');
	if (!drawn) return;
	const said = (error: Error) => notices.say(error.message);
	const drawing = await takenAwayApart(drawn).catch(said);
	const sources = drawing && (await sourcesOf(drawing).catch(said));
	if (!drawing || !sources) return;
	const svg = drawingToSvg(drawing, undefined, sources);
	download(`${plainName(drawn.title)}.svg`, new Blob([svg], { type: 'image/svg+xml' }));
}

/** The plate as PNG, so many pixels wide, drawn by the server. Says in words what went wrong. */
export const downloadPng = (
	plate: Plate,
	linked: readonly LinkedColour[],
	{ width, what }: { width: number; what: Piece },
	making: Making
): Promise<string | null> => {
	const title = (what === 'piece' && drawPiece(plate, linked)?.title) || plate.title;
	const asked = { plate, linked, width, ...(what === 'piece' ? { piece: true } : {}) };
	return downloadMade('/api/pictures', asked, `${plainName(title)}.png`, making);
};

/** A study as it stands, as a hand-out whose answers are still to be found, or as one that gives them. */
export const PRINTED_AS = ['stands', 'questions', 'answers'] as const;
export type PrintedAs = (typeof PRINTED_AS)[number];

export interface Printed {
	readonly plates: readonly Plate[];
	readonly page: PageLayout;
	readonly as: PrintedAs;
	readonly codes: boolean;
}

/** How a plate is printed: as it stands, in the first of its states, where all is hidden, or in the last, where all is shown. */
function statesOf(plates: readonly Plate[], as: PrintedAs): { plate: Plate; asks: boolean }[] {
	if (as === 'stands') return plates.map((plate) => ({ plate, asks: false }));
	return plates.map((plate) => {
		const { plate: shown, asks = false } = revealsOf(plate).at(as === 'questions' ? 0 : -1)!;
		return { plate: shown, asks };
	});
}

/** What is asked of the server to print plates of a study so. */
export function printRequest(
	{ titleBlock, linked, reflection, plates: all }: StudyDocument,
	{ plates, page, as, codes }: Printed
): PrintRequest {
	const shown = statesOf(plates, as);
	return {
		titleBlock,
		plates: shown.map(({ plate }) => plate),
		linked,
		page,
		questions: shown.flatMap(({ asks }, place) => (asks ? [place] : [])),
		codes: codes && as !== 'questions',
		// A reflection is on the whole, by whoever made it: it goes with all plates, and not with one or with a hand-out.
		reflection: as === 'stands' && plates.length === all.length ? (reflection ?? '') : ''
	};
}

/** Plates of a study as a PDF. Says in words what went wrong. */
export function downloadPdf(document: StudyDocument, printed: Printed, making: Making): Promise<string | null> {
	const { as } = printed;
	const name = as === 'stands' ? handInName(document.titleBlock) : `${handInName(document.titleBlock)}-${as}`;
	return downloadMade('/api/print', printRequest(document, printed), `${name}.pdf`, making);
}

/** A brief on paper: its text, and its plates empty but for what is given. Says in words what went wrong. */
export function downloadBriefSheet(
	{ titleBlock, linked, plates }: StudyDocument,
	brief: Brief,
	page: PageLayout,
	making: Making
): Promise<string | null> {
	const { due, worth, words, text } = brief.terms;
	const facts = [
		...(due ? [`Due: ${sayDay(due)}`] : []),
		...(worth ? [`Worth: ${worth}`] : []),
		...(words > 0 ? [`With a reflection of ${words} words or more`] : [])
	].map((fact) => asLine(fact));
	const given = givenBy(brief).flatMap((plate) => plate.given.filter(({ isColour }) => isColour));
	const keep = [...new Set(given.map(({ value }) => show(colourOf(value)).hex))];
	const shown = statesOf(plates, 'questions');
	const request: PrintRequest = {
		titleBlock,
		plates: shown.map(({ plate }) => plate),
		linked,
		page,
		questions: shown.map((_, place) => place),
		codes: false,
		reflection: '',
		sheet: { title: brief.title, text, facts, keep }
	};
	return downloadMade('/api/print', request, `${plainName(brief.title)}-sheet.pdf`, making);
}

export function downloadStudy(document: StudyDocument): void {
	const content = new Blob([writeStudyFile(document)], { type: 'application/json' });
	download(`${handInName(document.titleBlock)}.study.json`, content);
}

/** A study with its pictures; says in words what went wrong. */
export async function downloadStudyWhole(document: StudyDocument): Promise<void> {
	const notice = notices.hold('Packing the study with its pictures …');
	try {
		download(`${handInName(document.titleBlock)}.study.zip`, await zipOfStudy(document));
	} catch (error) {
		notices.say(error instanceof Error ? error.message : 'The zip could not be made.');
	} finally {
		notice.end();
	}
}

/** Colours as files take them. */
export function taken({ name, colours, run }: ColourSet): TakenColours {
	const named = colours().map(({ name: called, hex }): NamedColour => ({ name: called, text: hex }));
	return { name: plainName(name), named, run: run?.() };
}
