import { type Plate } from '$lib/model/plate';
import { type LinkedColour } from '$lib/model/study';
import { type Drawing } from './drawing';
import { drawScales } from './draw-scales';
import { drawGrounds } from './grounds/draw-grounds';
import { drawMixes } from './mixes/draw-mixes';
import { drawScheme } from './scheme/draw-scheme';
import { drawWheel } from './wheel/draw-wheel';

/** Full: as it is read and printed. Question: without what an exercise of mixes comes to. Colours: without words, as a thumbnail shows it. */
export type Detail = 'full' | 'question' | 'colours';

/**
 * Draws a plate. This is the only way a plate gets drawn: the screen, the thumbnails, SVG and PNG all take what it gives.
 */
export function drawPlate(plate: Plate, linked: readonly LinkedColour[], detail: Detail): Drawing {
	const withWords = detail !== 'colours';
	switch (plate.kind) {
		case 'scales':
			return drawScales(plate, linked, withWords);
		case 'grounds':
			return drawGrounds(plate, linked, withWords);
		case 'mixes':
			return drawMixes(plate, linked, withWords, { answered: detail !== 'question' });
		case 'scheme':
			return drawScheme(plate, linked, withWords);
		case 'wheel':
			return drawWheel(plate, linked, withWords);
	}
}
