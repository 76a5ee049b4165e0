import { linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';
import { differenceOfLinear, linearToLab } from '../difference/lab-of-linear';
import { hueTurn } from '../scale/route';
import { angleOn } from '../scheme/turn-hue';

/** How near an attempt came to the colour that was to be matched. Signs are of the attempt: + is lighter, stronger. */
export interface MatchScore {
	/** ΔE00 between the two. */
	readonly difference: number;
	/** L* too light (+) or too dark (−). */
	readonly value: number;
	/** OKLCH chroma too strong (+) or too quiet (−). */
	readonly chroma: number;
	/** Degrees of OKLCH hue off; null where one of the two is a grey. */
	readonly hue: number | null;
	/** All of it as a teacher would say it: "2 lighter, a little too strong, hue right". */
	readonly words: string;
}

const GREY = 0.02;
/** Under these nobody sees the error; under the second ones it is "a little" (our choice). */
const RIGHT = { value: 1, chroma: 0.012, hue: 4 } as const;
const LITTLE = { chroma: 0.04, hue: 15 } as const;

function valueWords(value: number): string {
	if (Math.abs(value) < RIGHT.value) return 'value right';
	return `${Math.abs(value).toFixed(0)} ${value > 0 ? 'lighter' : 'darker'}`;
}

function chromaWords(chroma: number): string {
	if (Math.abs(chroma) < RIGHT.chroma) return 'strength right';
	return `${Math.abs(chroma) < LITTLE.chroma ? 'a little ' : ''}too ${chroma > 0 ? 'strong' : 'quiet'}`;
}

/** Towards which of its neighbours a hue is off, in hue words of the light wheel's sixths. */
function hueWords(hue: number | null, attempt: ReadonlyTriple, target: ReadonlyTriple): string {
	if (hue === null) return 'no hue to compare';
	if (Math.abs(hue) < RIGHT.hue) return 'hue right';
	const names = ['red', 'yellow', 'green', 'cyan', 'blue', 'magenta'];
	const way = hueTurn(angleOn('light', target), angleOn('light', attempt), 'shorter');
	const sixth = angleOn('light', target) / 60;
	const next = way > 0 ? Math.floor(sixth + 1 + 1e-9) : Math.ceil(sixth - 1 - 1e-9);
	return `hue ${Math.abs(hue) < LITTLE.hue ? 'a little ' : ''}towards ${names[(next + 6) % 6]}`;
}

/** Scores an attempt against its target; both in linear sRGB. */
export function scoreMatch(attempt: ReadonlyTriple, target: ReadonlyTriple): MatchScore {
	const [, chroma, angle] = linearToOklch(attempt);
	const [, targetChroma, targetAngle] = linearToOklch(target);
	const value = linearToLab(attempt)[0] - linearToLab(target)[0];
	const off = chroma - targetChroma;
	const hue = chroma < GREY || targetChroma < GREY ? null : hueTurn(targetAngle, angle, 'shorter');
	const words = [valueWords(value), chromaWords(off), hueWords(hue, attempt, target)].join(', ');
	return { difference: differenceOfLinear(attempt, target), value, chroma: off, hue, words };
}

/** How a colour seems to shift, from what it is to what it looks like, as a teacher would say it: "3 lighter, a little stronger". */
export function shiftWords(looks: ReadonlyTriple, figure: ReadonlyTriple): string {
	const { value, chroma, hue } = scoreMatch(looks, figure);
	const light = Math.abs(value) < RIGHT.value ? 'as light as it is' : valueWords(value);
	const little = Math.abs(chroma) < LITTLE.chroma ? 'a little ' : '';
	const strength = Math.abs(chroma) < RIGHT.chroma ? [] : [`${little}${chroma > 0 ? 'stronger' : 'quieter'}`];
	const turned = hue === null || Math.abs(hue) < RIGHT.hue ? [] : [hueWords(hue, looks, figure).replace('hue ', '')];
	return [light, ...strength, ...turned].join(', ');
}
