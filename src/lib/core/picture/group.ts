import { seeded } from '../seeded';
import { mapToGamut } from '../colour/gamut';
import { type Triple } from '../colour/vector';
import { Problem } from '../problem';
import { chromaOf, gather, type Bins } from './bins';
import { mainHue, nearHue } from './main-hue';

/** What counts most when a picture is brought to a few colours. */
export const EMPHASES = ['area', 'strong', 'quiet', 'light', 'dark', 'spread', 'one-hue'] as const;
export type Emphasis = (typeof EMPHASES)[number];

/** A colour of a picture: linear sRGB, and the share of the picture's area that is nearest to it. */
export interface PictureColour {
	readonly linear: Triple;
	readonly share: number;
}

/** How much a pixel of this OKLab lightness and chroma counts. */
const WEIGHT: Readonly<Record<Emphasis, (lightness: number, chroma: number) => number>> = {
	area: () => 1,
	strong: (_, chroma) => 0.0005 + (chroma / 0.15) ** 4,
	quiet: (_, chroma) => 1 / (0.05 + (chroma / 0.05) ** 2),
	light: (lightness) => 0.01 + lightness ** 4,
	dark: (lightness) => 0.01 + (1 - lightness) ** 4,
	spread: () => 1,
	'one-hue': () => 1
};

const ATTEMPTS = 4;
const ROUNDS = 20;

interface Group {
	l: number;
	a: number;
	b: number;
	weight: number;
}

const squared = (bins: Bins, i: number, { l, a, b }: Group): number =>
	(bins.l[i]! - l) ** 2 + (bins.a[i]! - a) ** 2 + (bins.b[i]! - b) ** 2;
const groupOf = (bins: Bins, i: number): Group => ({ l: bins.l[i]!, a: bins.a[i]!, b: bins.b[i]!, weight: 0 });

/** First groups far from each other (k-means++, D. Arthur and S. Vassilvitskii 2007), by weight times squared distance. */
function begin(bins: Bins, weights: Float64Array, count: number, random: () => number): Group[] {
	const nearest = new Float64Array(bins.count).fill(Infinity);
	const groups: Group[] = [];
	let next = weights.indexOf(Math.max(...weights));
	while (groups.length < count) {
		const group = groupOf(bins, next);
		groups.push(group);
		let total = 0;
		for (let i = 0; i < bins.count; i++) {
			nearest[i] = Math.min(nearest[i]!, squared(bins, i, group));
			total += nearest[i]! * weights[i]!;
		}
		if (total === 0) break;
		let left = random() * total;
		next = 0;
		while (next < bins.count - 1 && (left -= nearest[next]! * weights[next]!) > 0) next++;
	}
	return groups;
}

function nearestGroup(bins: Bins, i: number, groups: readonly Group[]): number {
	let best = 0;
	let least = Infinity;
	for (let k = 0; k < groups.length; k++) {
		const distance = squared(bins, i, groups[k]!);
		if (distance < least) {
			best = k;
			least = distance;
		}
	}
	return best;
}

/** One round of S. Lloyd's: every bin to its nearest group, every group to the mean of its bins. Empty groups fall away. */
function settle(bins: Bins, weights: Float64Array, groups: readonly Group[]): Group[] {
	const sums = groups.map((): Group => ({ l: 0, a: 0, b: 0, weight: 0 }));
	for (let i = 0; i < bins.count; i++) {
		const sum = sums[nearestGroup(bins, i, groups)]!;
		const weight = weights[i]!;
		sum.l += weight * bins.l[i]!;
		sum.a += weight * bins.a[i]!;
		sum.b += weight * bins.b[i]!;
		sum.weight += weight;
	}
	return sums
		.filter(({ weight }) => weight > 0)
		.map(({ l, a, b, weight }) => ({ l: l / weight, a: a / weight, b: b / weight, weight }));
}

/** Joins the two groups whose joining costs least (J. H. Ward 1963), again and again, until so many are left. */
function join(groups: Group[], count: number): Group[] {
	const left = [...groups];
	while (left.length > count) {
		let [first, second, least] = [0, 1, Infinity];
		for (let i = 0; i < left.length; i++)
			for (let k = i + 1; k < left.length; k++) {
				const [one, other] = [left[i]!, left[k]!];
				const distance = (one.l - other.l) ** 2 + (one.a - other.a) ** 2 + (one.b - other.b) ** 2;
				const cost = ((one.weight * other.weight) / (one.weight + other.weight)) * distance;
				if (cost < least) [first, second, least] = [i, k, cost];
			}
		const [one, other] = [left[first]!, left[second]!];
		const weight = one.weight + other.weight;
		const mean = (key: 'l' | 'a' | 'b') => (one[key] * one.weight + other[key] * other.weight) / weight;
		left[first] = { l: mean('l'), a: mean('a'), b: mean('b'), weight };
		left.splice(second, 1);
	}
	return left;
}

/** What less of a picture has than this is no colour of it, however far it lies from the others. */
const LEAST_AREA = 0.002;
/** Hue and chroma count so many times as much as lightness where colours shall lie far apart: OKLab has five times less room for them. */
const HUE_COUNTS = 2;

/**
 * Groups that lie far apart: the two that are farthest from each other, then always the one that is farthest from all chosen (T. F.
 * Gonzalez 1985). The groups that the picture is first cut into, with next to nothing left out.
 */
function farApart(bins: Bins, groups: readonly Group[], count: number): Group[] {
	const areas = areasOf(bins, groups);
	const large = groups.filter((_, k) => areas[k]! >= LEAST_AREA);
	const left = large.length >= count ? large : [...groups];
	const distance = (one: Group, other: Group): number =>
		(one.l - other.l) ** 2 + HUE_COUNTS ** 2 * ((one.a - other.a) ** 2 + (one.b - other.b) ** 2);
	const chosen = farthestPair(left, distance);
	while (chosen.length < count && chosen.length < left.length) {
		const away = left.map((group) => Math.min(...chosen.map((other) => distance(group, other))));
		chosen.push(left[away.indexOf(Math.max(...away))]!);
	}
	return chosen;
}

function farthestPair(groups: readonly Group[], distance: (one: Group, other: Group) => number): Group[] {
	let [pair, most] = [groups.slice(0, 2), -1];
	for (const [i, one] of groups.entries())
		for (const other of groups.slice(i + 1)) {
			const apart = distance(one, other);
			if (apart > most) [pair, most] = [[one, other], apart];
		}
	return pair;
}

/** The groups that a picture is first cut into, far more than are asked for. */
function manyOf(bins: Bins, weights: Float64Array, count: number, random: () => number): Group[] {
	let groups = begin(bins, weights, Math.min(bins.count, Math.max(48, 3 * count)), random);
	for (let round = 0; round < 3; round++) groups = settle(bins, weights, groups);
	return groups;
}

/** Groups from several beginnings, of which those are kept that lie nearest to the pixels. */
function bestOf(bins: Bins, weights: Float64Array, count: number, random: () => number): Group[] {
	let best: Group[] = [];
	let least = Infinity;
	for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
		let groups = join(manyOf(bins, weights, count, random), count);
		for (let round = 0; round < ROUNDS; round++) groups = settle(bins, weights, groups);
		let miss = 0;
		for (let i = 0; i < bins.count; i++) miss += weights[i]! * squared(bins, i, groups[nearestGroup(bins, i, groups)]!);
		if (miss < least) [best, least] = [groups, miss];
	}
	return best;
}

/**
 * The colours of a picture: its pixels grouped in OKLab to `count` colours (2 to 16), the one with the greatest area first.
 * `rgba` is a plain buffer, 8 bits a channel, row by row; more than half transparent pixels are left out. The same seed
 * gives the same colours. Fewer come back where the picture has fewer; of one hue, where it has fewer of that.
 * @throws Problem `picture` for a buffer that is no picture of this width, or nothing to be seen in it; `count`.
 */
export function coloursOfPicture(
	rgba: Uint8Array | Uint8ClampedArray,
	width: number,
	count: number,
	emphasis: Emphasis,
	seed: number
): PictureColour[] {
	if (!Number.isInteger(count) || count < 2 || count > 16)
		throw new Problem('count', `${count} colours cannot be found.`, '2 to 16');
	if (!Number.isInteger(width) || width < 1 || rgba.length === 0 || rgba.length % (4 * width) !== 0)
		throw new Problem('picture', 'The buffer is no picture of this width.', '4 bytes for each pixel, in whole rows');
	const bins = gather(rgba, width);
	if (bins.count === 0)
		throw new Problem('picture', 'There is nothing to be seen in the picture.', 'pixels that are not transparent');
	const weights = weightsFor(bins, emphasis);
	const groups =
		emphasis === 'spread'
			? farApart(bins, manyOf(bins, weights, count, seeded(seed)), count)
			: bestOf(bins, weights, count, seeded(seed));
	const shares = areasOf(bins, groups);
	return groups
		.map(({ l, a, b }, k): PictureColour => ({ linear: mapToGamut(l, a, b), share: shares[k]! }))
		.sort((one, other) => other.share - one.share);
}

/** How much each bin counts. */
function weightsFor(bins: Bins, emphasis: Emphasis): Float64Array {
	// Spread asks for what is far apart, however small: area counts only by its root.
	const area = (i: number): number => (emphasis === 'spread' ? Math.sqrt(bins.pixels[i]!) : bins.pixels[i]!);
	const ofHue = emphasis === 'one-hue' ? nearHue(bins, mainHue(bins)) : null;
	return Float64Array.from(
		{ length: bins.count },
		(_, i) => area(i) * WEIGHT[emphasis](bins.l[i]!, chromaOf(bins, i)) * (ofHue ? ofHue(i) : 1)
	);
}

function areasOf(bins: Bins, groups: readonly Group[]): number[] {
	const areas = groups.map(() => 0);
	let whole = 0;
	for (let i = 0; i < bins.count; i++) {
		const nearest = nearestGroup(bins, i, groups);
		areas[nearest] = areas[nearest]! + bins.pixels[i]!;
		whole += bins.pixels[i]!;
	}
	return areas.map((area) => area / whole);
}
