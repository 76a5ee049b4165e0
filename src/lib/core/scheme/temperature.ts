import { isGrey } from '../colour/hueless';
import { type ReadonlyTriple } from '../colour/vector';
import { angleOn } from './turn-hue';
import { angleBetween } from '../colour/vector';

export type Temperature = 'warm' | 'cool' | 'neutral';

const RED = 0;
const QUARTER = 90;
/** Just on the border between warm and cool, but for the rounding of the reckoning. */
const ROUNDING = 1e-6;
/** Warm: within 90° of red on the light wheel; cool: within 90° of cyan (common practice, no source). Greys are neither. */
export function temperature(linear: ReadonlyTriple): Temperature {
	if (isGrey(linear)) return 'neutral';
	const fromRed = angleBetween(angleOn('light', linear), RED);
	if (Math.abs(fromRed - QUARTER) < ROUNDING) return 'neutral';
	return fromRed < QUARTER ? 'warm' : 'cool';
}

/** What each is called. */
export const TEMPERATURE_WORDS: Readonly<Record<Temperature, string>> = {
	warm: 'warm',
	cool: 'cool',
	neutral: 'neither warm nor cool'
};

/** Adjacent: within 60° on the light wheel (common practice, no source), which greys never are. Half a degree is allowed for the rounding of codes. */
export function areAdjacent(one: ReadonlyTriple, other: ReadonlyTriple): boolean {
	return !isGrey(one) && !isGrey(other) && angleBetween(angleOn('light', one), angleOn('light', other)) <= 60.5;
}
