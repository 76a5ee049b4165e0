import { hueAngle } from '$lib/core/colour/hue-angle';
import { linearToOklch } from '$lib/core/colour/oklab';
import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { valueOf } from '$lib/core/colour/value-of';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { type HandIn } from './hand-in';
import { type HandInLine } from './requests';

/** By what hand-ins are sorted on the wall. */
export const WALL_SORTS = ['name', 'date', 'checks', 'value', 'hue', 'strength'] as const;
export type WallSort = (typeof WALL_SORTS)[number];
export const WALL_SORT_WORDS: Readonly<Record<WallSort, string>> = {
	name: 'By name',
	date: 'By date',
	checks: 'By checks held',
	value: 'By value, light first',
	hue: 'By hue',
	strength: 'By strength, strong first'
};

/** What a plate comes to in the mean of the colours that it is read by: value L*, OKLCH chroma and hue; null where it has none. */
export interface MeanColour {
	readonly value: number;
	readonly chroma: number;
	/** Degrees. */
	readonly hue: number;
}

/** The mean colour of one plate of a hand-in, or of all of them (null). */
export function meanColour({ study }: HandIn, plate: number | null): MeanColour | null {
	const plates = plate === null ? study.plates : study.plates.slice(plate, plate + 1);
	const colours = plates.flatMap((each) =>
		coloursOfPlate(each, study.linked).map(({ hex }) => toLinear(readColour(hex)))
	);
	if (colours.length === 0) return null;
	const sum = { value: 0, chroma: 0, a: 0, b: 0 };
	for (const linear of colours) {
		const [, chroma, hue] = linearToOklch(linear);
		sum.value += valueOf(linear);
		sum.chroma += chroma;
		// Hues count by how strong they are: a grey has none.
		sum.a += chroma * Math.cos((hue * Math.PI) / 180);
		sum.b += chroma * Math.sin((hue * Math.PI) / 180);
	}
	const count = colours.length;
	return { value: sum.value / count, chroma: sum.chroma / count, hue: hueAngle(sum.a, sum.b) };
}

/** What a hand-in is sorted by: the mean colour of all its plates, and of each. */
export interface MeanColours {
	readonly all: MeanColour | null;
	readonly plates: readonly (MeanColour | null)[];
}

export const meanColours = (handIn: HandIn): MeanColours => ({
	all: meanColour(handIn, null),
	plates: handIn.study.plates.map((_, i) => meanColour(handIn, i))
});

/** The last word of a name, as lists of names are sorted. */
const lastName = (maker: string): string => maker.trim().split(/\s+/).at(-1)?.toLowerCase() ?? '';
const held = ({ held: many, asked }: HandInLine): number => (asked === 0 ? 1 : many / asked);

type Order = (one: HandInLine, other: HandInLine) => number;
const byName: Order = (one, other) =>
	lastName(one.maker).localeCompare(lastName(other.maker)) || one.maker.localeCompare(other.maker);

/** The order of the wall; what has no colour, or is not read yet, stands last. */
export function wallOrder(sort: WallSort, meanOf: (id: string) => MeanColour | null): Order {
	const by =
		(key: (mean: MeanColour) => number): Order =>
		(one, other) => {
			const [first, second] = [meanOf(one.id), meanOf(other.id)];
			if (!first || !second) return Number(!first) - Number(!second);
			return key(first) - key(second);
		};
	const orders: Readonly<Record<WallSort, Order>> = {
		name: byName,
		date: (one, other) => one.at.localeCompare(other.at),
		checks: (one, other) => held(other) - held(one),
		value: by(({ value }) => -value),
		hue: by(({ hue }) => hue),
		strength: by(({ chroma }) => -chroma)
	};
	return (one, other) => orders[sort](one, other) || byName(one, other);
}

/** Of several hand-ins of one maker the newest, and the older ones behind it; by name, whatever its case. */
export function newestOfEach(lines: readonly HandInLine[]): { line: HandInLine; older: readonly HandInLine[] }[] {
	const byMaker = new Map<string, HandInLine[]>();
	for (const line of [...lines].sort((one, other) => other.at.localeCompare(one.at))) {
		const key = nameKey(line.maker);
		byMaker.set(key, [...(byMaker.get(key) ?? []), line]);
	}
	return [...byMaker.values()].map(([line, ...older]) => ({ line: line!, older }));
}

/** Hand-ins brief by brief, in the order in which the first of each was handed in; those of one brief the oldest first. */
export function inOrderOfBriefs(lines: readonly HandInLine[]): HandInLine[] {
	const inTime = [...lines].sort((one, other) => one.at.localeCompare(other.at));
	const briefs = [...new Set(inTime.map(({ brief }) => brief))];
	return briefs.flatMap((brief) => inTime.filter((line) => line.brief === brief));
}

/** By what two writings of a name are the same: its letters, whatever the order of its words; a name without letters is as it is. */
export function nameKey(name: string): string {
	const letters = name
		.toLowerCase()
		.normalize('NFKD')
		.replace(/[^\p{Letter}\p{Number}\s,]/gu, '')
		.split(/[\s,]+/)
		.filter(Boolean)
		.sort()
		.join(' ');
	return letters === '' ? name.trim() : letters;
}

/** Whether something was handed in after the day on which it was due; days are those of UTC, as everywhere here. */
export const isLate = (at: string, due: string): boolean => due !== '' && at.slice(0, 10) > due;

/** The names of a class that have not handed in. */
export const missingNames = (names: readonly string[], lines: readonly HandInLine[]): string[] => {
	const here = new Set(lines.map(({ maker }) => nameKey(maker)));
	return names.filter((name) => nameKey(name) !== '' && !here.has(nameKey(name)));
};

/** What was missed by the most, and by how many; null where everything holds. */
export function mostMissed(handIns: readonly HandIn[]): { asks: string; by: number } | null {
	const counts = new Map<string, number>();
	for (const { asked } of handIns)
		for (const asks of new Set(asked.filter(({ holds }) => !holds).map((each) => each.asks)))
			counts.set(asks, (counts.get(asks) ?? 0) + 1);
	const [most] = [...counts].sort((one, other) => other[1] - one[1]);
	return most ? { asks: most[0], by: most[1] } : null;
}
