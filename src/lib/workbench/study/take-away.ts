import { type TakenColours } from '$lib/client/colour-files';
import { download, downloadMade, handInName, plainName, type Making } from '$lib/client/files';
import { colourWords } from '$lib/core/colour/hue-words';
import { type NamedColour } from '$lib/core/format/colour-list';
import { RECIPE_WORDS } from '$lib/core/scale/words';
import { drawPlate } from '$lib/drawing/draw-plate';
import { coloursOfExercise } from '$lib/drawing/exercise-colours';
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
import { type SchemePlate } from '$lib/model/scheme-plate';
import { coloursOfScheme } from '../scheme/scheme-subject';
import { coloursOfSpoke } from '../wheel/wheel-subject';

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
	{ titleBlock, linked }: StudyDocument,
	plates: readonly Plate[],
	form: PageForm,
	codes: boolean,
	making: Making
): Promise<string | null> {
	const request: PrintRequest = { titleBlock, plates: [...plates], linked, form, codes };
	return downloadMade('/api/print', request, `${handInName(titleBlock)}.pdf`, making);
}

export function downloadStudy(document: StudyDocument): void {
	const content = new Blob([writeStudyFile(document)], { type: 'application/json' });
	download(`${handInName(document.titleBlock)}.study.json`, content);
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

/** The members of a scheme, or what stands for them. */
export function coloursOfSchemePlate(plate: SchemePlate, linked: readonly LinkedColour[]): TakenColours {
	const named = coloursOfScheme(plate, linked).map(({ name, hex }): NamedColour => ({ name, text: hex }));
	return { name: plainName(plate.title), hexes: named.map(({ text }) => text), named };
}

/** The colours of an exercise: of mixes the parents and what is made of them, of grounds what stands on them. */
export function coloursOfExercisePlate(plate: Plate, linked: readonly LinkedColour[]): TakenColours {
	const named = coloursOfExercise(plate, linked).map(({ name, hex }): NamedColour => ({ name, text: hex }));
	return { name: plainName(plate.title), hexes: named.map(({ text }) => text), named };
}

/** All colours of a wheel, spoke by spoke from the middle outwards. */
export function coloursOfWheel(plate: WheelPlate, linked: readonly LinkedColour[]): TakenColours {
	const named = chartOf(plate, linked).flatMap(({ steps }, spoke) =>
		coloursOfSpoke(plate, spoke, steps).map(({ name, hex }): NamedColour => ({ name, text: hex }))
	);
	return { name: plainName(plate.title), hexes: named.map(({ text }) => text), named };
}
