import { repeats, tileOf } from '$lib/core/pattern/tile';
import { type Drawing } from '$lib/drawing/drawing';
import { PAPER } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { contentOf, patchesOf } from './design';
import { fieldIn, gridOfPlate } from './field';
import { mosaicOf } from './mosaic';
import { DESIGN } from './pattern-layout';
import { type PatternPlate } from './schema';

/** One repeat of a design by itself: laid beside itself it makes the whole. Null where the design does not repeat both ways. */
export function drawTile(plate: PatternPlate, linked: readonly LinkedColour[]): Drawing | null {
	if (plate.shows !== 'design') return null;
	const grid = gridOfPlate(plate);
	const tile = tileOf(grid, plate.symmetry);
	if (!tile || !repeats(grid, contentOf(plate), plate.symmetry)) return null;
	const box = { ...DESIGN, x: DESIGN.x - tile.x, y: DESIGN.y - tile.y };
	const codes = patchesOf(plate, linked).map(({ hex }) => hex);
	return {
		title: `One repeat of ${plate.title}`,
		width: tile.width,
		height: tile.height,
		paper: PAPER,
		shapes: mosaicOf(fieldIn(plate, box), contentOf(plate), codes, box, plate.taken)
	};
}
