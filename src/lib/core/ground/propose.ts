import { HIGH_KEY, LOW_KEY } from '../brief/rules';
import { decodeSrgb } from '../colour/srgb';
import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { distance } from '../difference/euclidean';
import { ciede2000 } from '../difference/ciede2000';
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

/** Two grounds, and how far apart (ΔE00) they drive the appearances of a figure. */
export interface Proposal {
	readonly grounds: readonly [Triple, Triple];
	readonly apart: number;
}

/** Two grounds that differ less than this (ΔEOK) are nearly one. */
const ALIKE = 0.12;

/** Two grounds of the candidates by their places, and how far apart (ΔE00) the figure looks on them. */
interface Pair {
	readonly first: number;
	readonly second: number;
	readonly apart: number;
}

type Near = (one: number, other: number) => boolean;

/** Whether two pairs have both grounds nearly alike. */
const alike = (near: Near, one: Pair, other: Pair): boolean =>
	(near(one.first, other.first) && near(one.second, other.second)) ||
	(near(one.first, other.second) && near(one.second, other.first));
/** Whether two pairs have a ground nearly alike. */
const share = (near: Near, one: Pair, other: Pair): boolean =>
	[one.first, one.second].some((ground) => near(ground, other.first) || near(ground, other.second));

/**
 * The best of some pairs that differ from each other: such as share no ground first, then, where there are too few of those, such as
 * differ in one.
 */
function unlike(pairs: readonly Pair[], most: number, near: Near): Pair[] {
	const chosen: Pair[] = [];
	for (const same of [share, alike])
		for (const pair of pairs) {
			if (chosen.length >= most) break;
			if (!chosen.some((other) => same(near, other, pair))) chosen.push(pair);
		}
	return chosen.sort((one, other) => other.apart - one.apart);
}

/**
 * One as two: the pairs of grounds that drive a figure furthest apart, the best first, each unlike the others. Every pair is weighed;
 * `progress` is told the share that is done, and may answer false to stop (then null is given).
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
	const seen = grounds.map((ground) => linearToLab(seenColour(figure, ground, strengths)));
	const looks = grounds.map((ground) => linearToOklab(...ground));
	const pairs: Pair[] = [];
	for (let first = 0; first < grounds.length; first++) {
		if (!progress(first / grounds.length)) return null;
		for (let second = first + 1; second < grounds.length; second++)
			pairs.push({ first, second, apart: ciede2000(...seen[first]!, ...seen[second]!) });
	}
	pairs.sort((one, other) => other.apart - one.apart);
	const chosen = unlike(pairs, most, (one, other) => distance(looks[one]!, looks[other]!) < ALIKE);
	return chosen.map(({ first, second, apart }) => ({ grounds: [grounds[first]!, grounds[second]!], apart }));
}
