import { type Scale } from '$lib/core/scale/scale';
import { type ScaleLook } from '../look';
import { type Drawing } from '$lib/drawing/drawing';
import { drawSteps } from '../draw-steps';
import { placeSteps } from './forms';
import { inked } from '$lib/drawing/inks';
import { PAPER } from '$lib/drawing/words';

const EDGE = 6;

/** A scale alone in a form, small and without words: to choose a form by looking. */
export function drawForm(scale: Scale, look: ScaleLook, width: number, height: number): Drawing {
	const band = { x: EDGE, y: EDGE, width: width - 2 * EDGE, height: height - 2 * EDGE };
	const place = { ...placeSteps(look, scale.inAll, band), y: 0, height, band, gradation: null };
	return inked({ title: '', width, height, paper: PAPER, shapes: drawSteps(scale, place, look, false) }, '#ffffff');
}
