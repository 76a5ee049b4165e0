import { type ReadonlyTriple } from '../colour/vector';
import { linearToOklab } from '../colour/oklab';
import { angleOn } from './turn-hue';
import { angleBetween } from './wheel';

export type Temperature = 'warm' | 'cool' | 'neutral';

const RED = 0;
const QUARTER = 90;
/** Under this OKLab chroma a colour is a grey and has no temperature. */
const GREY = 0.02;

/** Warm: within 90° of red on the light wheel; cool: within 90° of cyan (common practice, no source). Greys are neither. */
export function temperature(linear: ReadonlyTriple): Temperature {
	const [, a, b] = linearToOklab(linear[0], linear[1], linear[2]);
	if (Math.sqrt(a * a + b * b) < GREY) return 'neutral';
	const fromRed = angleBetween(angleOn('light', linear), RED);
	if (fromRed === QUARTER) return 'neutral';
	return fromRed < QUARTER ? 'warm' : 'cool';
}

/** Adjacent: within 60° on the light wheel (common practice, no source). Half a degree is allowed for the rounding of codes. */
export function areAdjacent(one: ReadonlyTriple, other: ReadonlyTriple): boolean {
	return angleBetween(angleOn('light', one), angleOn('light', other)) <= 60.5;
}
