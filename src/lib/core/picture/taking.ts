import { linearToHex } from '../colour/bytes';
import { toLinear } from '../colour/colour';
import { linearToOklab } from '../colour/oklab';
import { readColour } from '../colour/read';
import { valueOf } from '../colour/value-of';
import { type Triple } from '../colour/vector';
import { coloursOfPicture, type Emphasis } from './group';
import { countValues, notanOf, type Notan } from './notan';
import { reducedTo } from './reduced';
import { meanOfSquare, spotsOf, type Pixels, type Spot } from './square';
import { toneOf, type Tone } from './tone';

/** A place that was found, with the mean of its square as `#rrggbb`. */
export interface Found extends Spot {
	readonly text: string;
}

/** What is asked to be found in a picture. */
export interface Wanted {
	/** 2 to 16 */
	readonly count: number;
	readonly emphasis: Emphasis;
	readonly seed: number;
	/** Pixels to a side of the square whose mean is taken. */
	readonly size: number;
	/** Places that stay where they are; each stands for the colour that it is nearest to. */
	readonly kept: readonly Found[];
}

const linearOf = (text: string): Triple => toLinear(readColour(text));

/** How far two colours (linear sRGB) are from each other in OKLab. */
function apart(one: Triple, other: Triple): number {
	const [from, to] = [linearToOklab(...one), linearToOklab(...other)];
	return Math.hypot(from[0] - to[0], from[1] - to[1], from[2] - to[2]);
}

/** The colours without those for which a kept place stands. */
function leftOver(colours: readonly Triple[], kept: readonly Found[]): Triple[] {
	const left = [...colours];
	for (const { text } of kept) {
		const linear = linearOf(text);
		const distances = left.map((each) => apart(each, linear));
		left.splice(distances.indexOf(Math.min(...distances)), 1);
	}
	return left;
}

/**
 * Places for the colours that make a picture, none of the kept ones among them. Fewer than are wanted where the picture has fewer.
 * @throws Problem `picture`, `count` as `coloursOfPicture` does.
 */
export function findPlaces(picture: Pixels, { count, emphasis, seed, size, kept }: Wanted): Found[] {
	const colours = coloursOfPicture(picture.rgba, picture.width, count, emphasis, seed).map(({ linear }) => linear);
	const left = leftOver(colours, kept).slice(0, Math.max(0, count - kept.length));
	const spots = spotsOf(
		picture,
		left.map((linear) => ({ linear })),
		size,
		kept
	);
	return spots.flatMap((spot) => {
		const mean = meanOfSquare(picture, spot, size);
		return mean ? [{ ...spot, text: linearToHex(...mean) }] : [];
	});
}

/** The colours that an emphasis would give, `#rrggbb`, light to dark. */
export function previewOf({ rgba, width }: Pixels, { count, emphasis, seed }: Omit<Wanted, 'size' | 'kept'>): string[] {
	const found = coloursOfPicture(rgba, width, count, emphasis, seed);
	found.sort((one, other) => valueOf(other.linear) - valueOf(one.linear));
	return found.map(({ linear }) => linearToHex(...linear));
}

/** What is known of a picture whatever is taken from it. */
export interface Known {
	readonly tone: Tone;
	/** It in two, three, four and five values; fewer where it has fewer. */
	readonly notans: readonly Notan[];
}

export function knownOf(picture: Pixels): Known {
	const counts = countValues(picture);
	return { tone: toneOf(picture), notans: [2, 3, 4, 5].map((count) => notanOf(counts, count)) };
}

/** How far colours stand for a picture. */
export interface StandFor {
	/** The share of its area to which each is nearest (CIEDE2000), 0–1. */
	readonly shares: readonly number[];
	/** ΔE00 in the mean over all pixels. */
	readonly difference: number;
	/** Where it is off most, in pixels; null where nothing is to be seen. */
	readonly farthest: Spot | null;
}

/** How far these colours (any text that can be read) stand for a picture. */
export function standFor(picture: Pixels, texts: readonly string[]): StandFor {
	const { shares, difference, farthest } = reducedTo(picture, texts.map(linearOf));
	const at = (share: number, length: number): number => Math.min(length - 1, Math.floor(share * length));
	return {
		shares,
		difference,
		farthest: farthest && { x: at(farthest.x, picture.width), y: at(farthest.y, picture.height) }
	};
}
