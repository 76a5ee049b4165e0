import { withCaption } from '$lib/drawing/caption';
import { type Drawing } from '$lib/drawing/drawing';
import { inked } from '$lib/drawing/inks';
import { sheetOf } from '$lib/drawing/plate-ground';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { type Detail, type NamedCode, type Reveal } from './kind';
import { kindOf } from './kinds';

/**
 * Draws a plate on its own ground. This is the only way a plate gets drawn: the screen, the
 * thumbnails, SVG, PNG and PDF all take what it gives.
 */
export const drawPlate = (plate: PlateBase, linked: readonly LinkedColour[], detail: Detail): Drawing =>
	onSheet(plate, linked, kindOf(plate).draw(plate, linked, detail), detail);

/** What a kind has drawn of a plate, on the plate's own ground, with its caption where words are shown. */
export const onSheet = (plate: PlateBase, linked: readonly LinkedColour[], drawing: Drawing, detail: Detail): Drawing =>
	inked(detail === 'colours' ? drawing : withCaption(drawing, plate.caption), sheetOf(plate, linked).hex);

/** The part of a plate that can be taken away by itself, on the plate's ground; null where it has none. */
export function drawPiece(plate: PlateBase, linked: readonly LinkedColour[]): Drawing | null {
	const drawing = kindOf(plate).piece?.draw(plate, linked) ?? null;
	return drawing && onSheet(plate, linked, drawing, 'colours');
}

/** A plate in a few sentences, for those who do not see it. */
export const describePlate = (plate: PlateBase, linked: readonly LinkedColour[]): string =>
	kindOf(plate).describe(plate, linked);

/** The colours that a plate is read by, with their names; none where there is nothing to read. */
export const coloursOfPlate = (plate: PlateBase, linked: readonly LinkedColour[]): readonly NamedCode[] =>
	kindOf(plate).colours(plate, linked);

/** Whether the title block lists the colours of a plate where codes are asked for. */
export const isListed = (plate: PlateBase): boolean => kindOf(plate).listed ?? false;

/** The states in which a plate is shown to a room, one after the other: what is to be found out is hidden first. */
export const revealsOf = <P extends PlateBase>(plate: P): readonly Reveal<P>[] =>
	kindOf(plate).reveals?.(plate) ?? [{ plate, says: plate.title }];
