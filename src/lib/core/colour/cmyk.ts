import { type ReadonlyTriple, type Triple } from './vector';

/** Cyan, magenta, yellow and black ink, each 0–1. */
export type Inks = [cyan: number, magenta: number, yellow: number, black: number];

/**
 * The plain estimate of inks from encoded sRGB 0–1: black as far as it goes, the rest as complements. It knows no paper
 * and no press (that takes a printing condition), and is always to be called an estimate.
 */
export function estimateCmyk([r, g, b]: ReadonlyTriple): Inks {
	const black = 1 - Math.max(r, g, b);
	if (black >= 1) return [0, 0, 0, 1];
	const ink = (channel: number): number => (1 - channel - black) / (1 - black);
	return [ink(r), ink(g), ink(b), black];
}

/** Encoded sRGB of estimated inks. */
export function estimatedCmykToSrgb([cyan, magenta, yellow, black]: Inks): Triple {
	const light = (ink: number): number => (1 - ink) * (1 - black);
	return [light(cyan), light(magenta), light(yellow)];
}
