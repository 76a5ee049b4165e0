import { hueTowards } from '../colour/hue-direction';
import { HUELESS } from '../colour/hueless';
import { linearToOklab, linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';
import { hueTurn } from '../scale/route';
import { scoreMatch } from './score';
import { type Lighting } from './lit-colours';
import { type LitRegion } from './lit-shares';

/** Under this ΔE00 hardly anybody sees that two colours differ (common practice: a difference of 1 is about the least that is seen). */
export const CLOSE = 1;
/** OKLab chroma weighs as much as this many L*: about as far apart as both look. */
const CHROMA_AS_VALUE = 100;
/** What is missing must lie this near the direction of a light's hue, as a cosine, to be put down to that light. */
const ALONG = 0.7;

/** Which light a region holds more of than others, with what it is called. */
const LIGHT_OF: Partial<Readonly<Record<LitRegion, { readonly key: 'key' | 'ambient'; readonly called: string }>>> = {
	light: { key: 'key', called: 'the lamp' },
	highlight: { key: 'key', called: 'the lamp' },
	shadow: { key: 'ambient', called: 'the light from all round' }
};

/** Whether what an attempt lacks in colour lies towards the colour of the light that falls on its region. */
function lacksLight(attempt: ReadonlyTriple, target: ReadonlyTriple, light: ReadonlyTriple): boolean {
	const [, a, b] = linearToOklab(target[0], target[1], target[2]);
	const [, fromA, fromB] = linearToOklab(attempt[0], attempt[1], attempt[2]);
	const [, lightA, lightB] = linearToOklab(light[0], light[1], light[2]);
	const [missing, whole] = [Math.hypot(a - fromA, b - fromB), Math.hypot(lightA, lightB)];
	if (missing < 0.01 || whole < 0.02) return false;
	return ((a - fromA) * lightA + (b - fromB) * lightB) / (missing * whole) > ALONG;
}

/** What stands where the subject is lit, for what is said of its regions. */
export interface Lit {
	readonly region: LitRegion;
	readonly lighting: Lighting;
}

function aboutColour(attempt: ReadonlyTriple, target: ReadonlyTriple, lit: Lit | null): string {
	const light = lit && LIGHT_OF[lit.region];
	if (light && lacksLight(attempt, target, lit.lighting[light.key]))
		return `It holds more of the colour of ${light.called} than you gave it.`;
	const [own, aim] = [linearToOklch(attempt), linearToOklch(target)];
	const chroma = own[1] - aim[1];
	const grey = own[1] < HUELESS || aim[1] < HUELESS;
	const turn = grey ? 0 : hueTurn(own[2], aim[2], 'shorter');
	const across = 2 * Math.sqrt(own[1] * aim[1]) * Math.sin((Math.abs(turn) * Math.PI) / 360);
	if (!grey && across > Math.abs(chroma))
		return `It leans more towards ${hueTowards(own[2], turn)} than you made it: look at it beside a grey of its value.`;
	return chroma > 0
		? 'There is more grey in it than you gave it: look at it beside the purest colour of its hue.'
		: 'It holds more colour than you gave it: look at it beside a grey of its value.';
}

/**
 * One sentence on what to look for in a region, by where the attempt is farthest off: in value, or in colour. Both in linear sRGB.
 */
export function whatToLookFor(attempt: ReadonlyTriple, target: ReadonlyTriple, lit: Lit | null = null): string {
	const { difference, value } = scoreMatch(attempt, target);
	if (difference < CLOSE) return 'So near that hardly anybody sees a difference.';
	const one = linearToOklab(attempt[0], attempt[1], attempt[2]);
	const other = linearToOklab(target[0], target[1], target[2]);
	const colour = CHROMA_AS_VALUE * Math.hypot(one[1] - other[1], one[2] - other[2]);
	if (Math.abs(value) < colour) return aboutColour(attempt, target, lit);
	return value > 0
		? 'It is darker than you made it: half-close your eyes and see what it runs together with.'
		: 'It is lighter than you made it: half-close your eyes and see what it stands clear of.';
}
