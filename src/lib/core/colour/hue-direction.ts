import { angleBetween, turn } from './vector';

/** The hue words of the trade, each at the OKLCH hue of its pure colour on screen (orange #ff8000, violet #8000ff, as the light wheel has them). */
const WORDS: readonly (readonly [hue: number, word: string])[] = [
	[29.2, 'red'],
	[52.9, 'orange'],
	[109.8, 'yellow'],
	[142.5, 'green'],
	[194.8, 'blue-green'],
	[264.1, 'blue'],
	[293.8, 'violet'],
	[328.4, 'purple']
];

/** A turn that is larger than this arrives at a hue; a smaller one goes towards one. */
const ARRIVES = 30;
/** A hue that lies nearer than this is the hue that was left, not one to go to. */
const BEYOND = 8;

/** The hue word nearest to an OKLCH hue in degrees. */
export const nearestHue = (hue: number): string =>
	WORDS.reduce((best, word) => (angleBetween(word[0], hue) < angleBetween(best[0], hue) ? word : best))[1];

/**
 * What a hue turns to, in words: the first hue word that lies clearly beyond it in the direction of the turn, or the hue arrived at
 * when it turns by more than 30°. Never one that the end is farther from than the start was.
 * @param from OKLCH hue in degrees; `turned` degrees with sign, −180 to 180
 */
export function hueTowards(from: number, turned: number): string {
	const end = from + turned;
	const nearer = WORDS.filter(([hue]) => angleBetween(end, hue) < angleBetween(from, hue));
	if (Math.abs(turned) > ARRIVES)
		return nearer.reduce((best, word) => (angleBetween(word[0], end) < angleBetween(best[0], end) ? word : best))[1];
	const ahead = (hue: number): number => turn(Math.sign(turned) * (hue - from));
	const beyond = nearer.filter(([hue]) => ahead(hue) >= BEYOND);
	return beyond.reduce((best, word) => (ahead(word[0]) < ahead(best[0]) ? word : best))[1];
}
