import { download, downloadMade, handInName, plainName } from '$lib/client/files';
import { colourWords } from '$lib/core/colour/hue-words';
import { writeCgats } from '$lib/core/format/cgats';
import { type NamedColour } from '$lib/core/format/colour-list';
import { scaleColoursToCss } from '$lib/core/format/css-properties';
import { writeCsv } from '$lib/core/format/csv';
import { scaleColoursToTokens } from '$lib/core/format/design-tokens';
import { writeJsonList } from '$lib/core/format/json-list';
import { RECIPE_WORDS } from '$lib/core/scale/words';
import { drawPlate } from '$lib/drawing/draw-plate';
import { wayOf } from '$lib/drawing/draw-scales';
import { scaleOf } from '$lib/drawing/resolve';
import { drawingToSvg } from '$lib/drawing/svg';
import { chartOf } from '$lib/drawing/wheel/chart-of';
import { type Plate } from '$lib/model/plate';
import { type PageForm, type PrintRequest } from '$lib/model/print';
import { type ScaleDecision } from '$lib/model/scale';
import { type LinkedColour, type StudyDocument } from '$lib/model/study';
import { writeStudyFile } from '$lib/model/study-file';
import { type WheelPlate } from '$lib/model/wheel-plate';
import { coloursOfSpoke } from '../wheel/wheel-subject';

export function downloadSvg(plate: Plate, linked: readonly LinkedColour[]): void {
	const svg = drawingToSvg(drawPlate(plate, linked, 'full'));
	download(`${plainName(plate.title)}.svg`, new Blob([svg], { type: 'image/svg+xml' }));
}

/** The plate as PNG, so many pixels wide, drawn by the server. Says in words what went wrong. */
export const downloadPng = (plate: Plate, linked: readonly LinkedColour[], width: number): Promise<string | null> =>
	downloadMade('/api/pictures', { plate, linked, width }, `${plainName(plate.title)}.png`);

/** Plates of a study as a PDF, one a page. Says in words what went wrong. */
export function downloadPdf(
	{ titleBlock, linked }: StudyDocument,
	plates: readonly Plate[],
	form: PageForm
): Promise<string | null> {
	const request: PrintRequest = { titleBlock, plates: [...plates], linked, form };
	return downloadMade('/api/print', request, `${handInName(titleBlock)}.pdf`);
}

export function downloadStudy(document: StudyDocument): void {
	const content = new Blob([writeStudyFile(document)], { type: 'application/json' });
	download(`${handInName(document.titleBlock)}.study.json`, content);
}

/** Colours as files take them: what they are called together, their codes, and each with a name. */
export interface TakenColours {
	readonly name: string;
	readonly hexes: readonly string[];
	readonly named: readonly NamedColour[];
}

/** A scale's colours with the name that files give them: "tints-madder-to-white". */
export function coloursOfScale(scale: ScaleDecision, linked: readonly LinkedColour[]): TakenColours {
	const name = plainName(`${RECIPE_WORDS[scale.recipe].name} ${wayOf(scale, linked)}`);
	const { steps } = scaleOf(scale, linked);
	const named = steps.map(({ hex, linear }, i): NamedColour => ({
		name: `${i + 1}, ${colourWords(linear)}`,
		text: hex
	}));
	return { name, hexes: steps.map(({ hex }) => hex), named };
}

/** All colours of a wheel, spoke by spoke from the middle outwards. */
export function coloursOfWheel(plate: WheelPlate, linked: readonly LinkedColour[]): TakenColours {
	const named = chartOf(plate, linked).flatMap(({ steps }, spoke) =>
		coloursOfSpoke(plate, spoke, steps).map(({ name, hex }): NamedColour => ({ name, text: hex }))
	);
	return { name: plainName(plate.title), hexes: named.map(({ text }) => text), named };
}

export const cssOf = ({ name, hexes }: TakenColours): string => scaleColoursToCss(name, hexes);

/** The files that colours can be taken away in: what people read, the ending, and how it is written. */
export const COLOUR_FILES: readonly {
	readonly label: string;
	readonly ending: string;
	readonly type: string;
	readonly write: (colours: TakenColours) => string;
}[] = [
	{
		label: 'CSS properties',
		ending: 'css',
		type: 'text/css',
		write: ({ name, hexes }) => scaleColoursToCss(name, hexes)
	},
	{
		label: 'design tokens',
		ending: 'tokens.json',
		type: 'application/json',
		write: ({ name, hexes }) => scaleColoursToTokens(name, hexes)
	},
	{ label: 'a table (CSV)', ending: 'csv', type: 'text/csv', write: ({ named }) => writeCsv(named) },
	{ label: 'CGATS.17 text', ending: 'txt', type: 'text/plain', write: ({ named }) => writeCgats(named) },
	{ label: 'plain JSON', ending: 'json', type: 'application/json', write: ({ named }) => writeJsonList(named) }
];

export function downloadColours(file: (typeof COLOUR_FILES)[number], colours: TakenColours): void {
	download(`${colours.name}.${file.ending}`, new Blob([file.write(colours)], { type: file.type }));
}
