import { numberToHex } from '$lib/core/colour/code-number';
import { paintShapes } from '$lib/drawing/paint-shapes';
import { shortened } from '$lib/drawing/words';
import { asLine } from '$lib/model/line';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { type HandIn } from '$lib/study/handed/hand-in';
import { thawed } from '$lib/study/handed/stored-drawing';

/** Letters of a name that a note has room for. */
const LETTERS = 100;

/**
 * What is called by its plate the colour that lies at a place of a plate as it was handed in; its code where several look so; nothing where it is none of them.
 * @param x share of the width, 0–1
 * @param y share of the height, 0–1
 */
export function nameAt({ drawings, study }: HandIn, plate: number, x: number, y: number): string {
	const drawing = thawed(drawings[plate]!);
	const canvas = new OffscreenCanvas(Math.ceil(drawing.width), Math.ceil(drawing.height));
	const context = canvas.getContext('2d', { willReadFrequently: true })!;
	paintShapes(context, drawing.shapes, 1);
	const [left, top] = [Math.floor(x * (canvas.width - 1)), Math.floor(y * (canvas.height - 1))];
	const [r, g, b, opacity] = context.getImageData(left, top, 1, 1).data;
	if (opacity !== 255) return '';
	const hex = numberToHex((r! << 16) | (g! << 8) | b!);
	const [found, another] = coloursOfPlate(study.plates[plate]!, study.linked).filter((colour) => colour.hex === hex);
	if (!found) return '';
	// Of two that look the same nobody knows which is meant.
	return another ? hex : asLine(shortened(`${found.name}, ${hex}`, LETTERS));
}
