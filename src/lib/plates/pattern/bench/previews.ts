import { type Drawing } from '$lib/drawing/drawing';
import { type LinkedColour } from '$lib/model/linked';
import { patchesOf } from '../design';
import { fieldIn } from '../field';
import { laidOn } from '../laying';
import { mosaicOf } from '../mosaic';
import { DESIGN } from '../pattern-layout';
import { type PatternPlate } from '../schema';
import { type Laying } from '../words';

/** A grid of few cells, which is what can be seen in a small picture. */
const FEW = 10;
const BOX = { x: 0, y: 0, width: DESIGN.width, height: DESIGN.height };

function small(plate: PatternPlate, content: readonly (number | null)[], linked: readonly LinkedColour[]): Drawing {
	const codes = patchesOf(plate, linked).map(({ hex }) => hex);
	return {
		title: '',
		width: DESIGN.width,
		height: DESIGN.height,
		paper: '#ffffff',
		shapes: mosaicOf(fieldIn(plate, BOX), content, codes, BOX, plate.taken)
	};
}

function coarse(plate: PatternPlate): PatternPlate {
	if (plate.drawing) return plate;
	const { columns, bands } = plate.grid;
	const few = { across: bands.across.slice(0, FEW), down: bands.down.slice(0, FEW) };
	return { ...plate, grid: { ...plate.grid, columns: Math.min(FEW, columns), bands: few } };
}

/** What a rule would lay, in few cells. */
export function previewOfLaying(plate: PatternPlate, laying: Laying, linked: readonly LinkedColour[]): Drawing {
	const few = coarse(plate);
	return small(few, laidOn(few, laying, linked), linked);
}

/** Another grid or drawing with the colours laid across. */
export const previewOfField = (plate: PatternPlate, linked: readonly LinkedColour[]): Drawing =>
	previewOfLaying(plate, 'across', linked);

/** The design itself in other colours, by their codes. */
export function previewInCodes(
	plate: PatternPlate,
	content: readonly (number | null)[],
	codes: readonly string[]
): Drawing {
	return {
		title: '',
		width: DESIGN.width,
		height: DESIGN.height,
		paper: '#ffffff',
		shapes: mosaicOf(fieldIn(plate, BOX), content, codes, BOX, plate.taken)
	};
}
