import { HUELESS } from '../colour/hueless';
import { greyInk, ownGrey } from '../colour/grey';
import { linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { hueTurn } from './route';
import { courseOf, type Course } from './course';
import { type Scale } from './scale';

/** Under this many ΔE00 two colours side by side are hard to tell apart (common practice, no source). */
export const HARD_TO_TELL = 2;

/** What is measured of a scale. Step numbers count from 1, as people count. */
export interface Readings {
	/** L* of each step, 0–100. */
	readonly values: readonly number[];
	/** OKLCH chroma of each step, and its hue in degrees; null where the chroma is too low for a hue to mean anything. */
	readonly chromas: readonly number[];
	readonly hues: readonly (number | null)[];
	/** The largest departure of a hue, in degrees, from the straight way between the hues of the ends. */
	readonly hueDrift: number;
	/** ΔE00 between each step and the next. */
	readonly differences: readonly number[];
	/** The smallest difference divided by the largest, 0–1, without the leaps at the ends; 1 where nothing differs. */
	readonly evenness: number;
	/** Intervals, from 0, that hold the leap of an end that is not the purest of its hue. */
	readonly leaps: readonly number[];
	readonly course: Course;
	/** Own grey of the first parent: its screen code, and the grey ink, 0–100 %, that prints it. */
	readonly ownGrey: { readonly hex: string; readonly ink: number };
	/** Steps that lay outside the screen gamut. */
	readonly outOfGamut: readonly number[];
	/** Steps that are hard to tell from the next one. */
	readonly likeNext: readonly number[];
	/** Steps that are hard to tell from the ground. */
	readonly likeGround: readonly number[];
}

/** Under this many ΔE00 there is only the rounding of the reckoning, and no difference at all. */
export const NO_DIFFERENCE = 1e-6;

/** Evenness: the smallest difference divided by the largest; 1 where there is none. */
export function evenness(differences: readonly number[]): number {
	const largest = Math.max(...differences);
	return largest > NO_DIFFERENCE ? Math.min(...differences) / largest : 1;
}

/**
 * How far hues leave the straight way, by the shorter turn, from the first step's hue to the last one's; an end without a
 * hue takes the other's. Mixed on screen, blue on its way to white is the known case. 0 where no end has a hue.
 */
function driftOf(hues: readonly (number | null)[], shares: readonly number[]): number {
	const [first, last] = [hues[0] ?? hues.at(-1) ?? null, hues.at(-1) ?? hues[0] ?? null];
	if (first === null || last === null) return 0;
	const turned = hueTurn(first, last, 'shorter');
	const drifts = hues.map((hue, i) =>
		hue === null ? 0 : Math.abs(hueTurn(first + turned * shares[i]!, hue, 'shorter'))
	);
	return Math.max(...drifts);
}

/** Measures a scale that lies on a ground (linear sRGB). Differences are of the colours before they become codes. */
export function readScale({ steps, leaps }: Pick<Scale, 'steps' | 'leaps'>, ground: ReadonlyTriple): Readings {
	const values = steps.map(({ value }) => value);
	const differences = steps.slice(1).map(({ linear }, i) => differenceOfLinear(steps[i]!.linear, linear));
	const leapt = leaps.map(({ step }) => (step === 1 ? 0 : steps.length - 2));
	const even = differences.filter((_, i) => !leapt.includes(i));
	const first = steps[0]!.linear;
	const polar = steps.map(({ linear }) => linearToOklch(linear));
	const hues = polar.map(([, chroma, hue]) => (chroma < HUELESS ? null : hue));
	const numbers = (matches: (index: number) => boolean): number[] =>
		steps.flatMap((_, i) => (matches(i) ? [i + 1] : []));
	return {
		values,
		chromas: polar.map(([, chroma]) => chroma),
		hues,
		hueDrift: driftOf(
			hues,
			steps.map(({ share }) => share)
		),
		differences,
		evenness: even.length > 0 ? evenness(even) : 1,
		leaps: leapt,
		course: courseOf(values),
		ownGrey: { hex: ownGrey(first), ink: greyInk(luminance(...first)) },
		outOfGamut: numbers((i) => steps[i]!.mapped),
		likeNext: numbers((i) => i < differences.length && differences[i]! < HARD_TO_TELL),
		likeGround: numbers((i) => differenceOfLinear(steps[i]!.linear, ground) < HARD_TO_TELL)
	};
}
