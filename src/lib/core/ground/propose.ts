import { HIGH_KEY, LOW_KEY } from '../brief/rules';
import { decodeSrgb } from '../colour/srgb';
import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { distance } from '../difference/euclidean';
import { linearToLab } from '../difference/lab-of-linear';
import { Problem } from '../problem';
import { seenColour, type Strengths } from './on-ground';

/** Where grounds are looked for: anywhere, among light or dark colours only, or in a palette that is given. */
export const GROUND_SEARCHES = ['free', 'high', 'low', 'palette'] as const;
export type GroundSearch = (typeof GROUND_SEARCHES)[number];

const GRID = 7;

/** Grounds to choose from, evenly over what a screen shows; of one key where that is asked. */
export function candidateGrounds(search: Exclude<GroundSearch, 'palette'>): Triple[] {
	const share = (i: number): number => i / (GRID - 1);
	const all = Array.from({ length: GRID ** 3 }, (_, i) =>
		decodeSrgb([share(i % GRID), share(Math.floor(i / GRID) % GRID), share(Math.floor(i / GRID ** 2))])
	);
	if (search === 'free') return all;
	return all.filter((colour) => {
		const [value] = linearToLab(colour);
		return search === 'high' ? value >= HIGH_KEY : value <= LOW_KEY;
	});
}

/** Two grounds, and how far apart (ΔEOK) they drive the appearances of a figure. */
export interface Proposal {
	readonly grounds: readonly [Triple, Triple];
	readonly apart: number;
}

/** Two proposals that differ less than this (ΔEOK) in both grounds are one proposal. */
const ALIKE = 0.12;

/** How far apart two grounds drive the appearances of one figure (all linear sRGB), in ΔEOK. */
export const drivenApart = (figure: ReadonlyTriple, [one, other]: Proposal['grounds'], strengths: Strengths): number =>
	distance(
		linearToOklab(...seenColour(figure, one, strengths)),
		linearToOklab(...seenColour(figure, other, strengths))
	);

/**
 * One as two: the pairs of grounds that drive a figure furthest apart, the best first, no two of them nearly the same.
 * Every pair is weighed; `progress` is told the share that is done, and may answer false to stop (then null is given).
 * @throws Problem `parts` for fewer than two grounds.
 */
export function proposeGrounds(
	figure: ReadonlyTriple,
	grounds: readonly Triple[],
	strengths: Strengths,
	most: number,
	progress: (share: number) => boolean = () => true
): Proposal[] | null {
	if (grounds.length < 2) throw new Problem('parts', 'There are too few grounds.', 'two grounds or more');
	const seen = grounds.map((ground) => linearToOklab(...seenColour(figure, ground, strengths)));
	const looks = grounds.map((ground) => linearToOklab(...ground));
	let pairs: { first: number; second: number; apart: number }[] = [];
	for (let first = 0; first < grounds.length; first++) {
		if (!progress(first / grounds.length)) return null;
		for (let second = first + 1; second < grounds.length; second++)
			pairs.push({ first, second, apart: distance(seen[first]!, seen[second]!) });
	}
	pairs = pairs.sort((one, other) => other.apart - one.apart);
	const near = (one: number, other: number): boolean => distance(looks[one]!, looks[other]!) < ALIKE;
	const chosen: typeof pairs = [];
	for (const pair of pairs) {
		if (chosen.length >= most) break;
		const known = chosen.some(
			({ first, second }) =>
				(near(first, pair.first) && near(second, pair.second)) || (near(first, pair.second) && near(second, pair.first))
		);
		if (!known) chosen.push(pair);
	}
	return chosen.map(({ first, second, apart }) => ({ grounds: [grounds[first]!, grounds[second]!], apart }));
}
