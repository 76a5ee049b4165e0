import { fit } from '$lib/core/colour/shown';
import { type Triple } from '$lib/core/colour/vector';
import { areasInBalance } from '$lib/core/ground/balance';
import { middleMixture, halve, layStrokes } from '$lib/core/mix/halving';
import { judgeOverlap, overlapOf, type OverlapVerdict } from '$lib/core/mix/overlap';
import { leanedShare, mixBy, WAYS, type Way } from '$lib/core/mix/ways';
import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { pathBetween, pointOn } from '$lib/core/scale/path';
import { makeScale } from '$lib/core/scale/scale';
import { type ColourSource } from '$lib/model/colour-text';
import { type MixesPlate } from './schema';
import { remembered } from '$lib/model/remembered';
import { sourcesOfMixes } from './sources';
import { type LinkedColour } from '$lib/model/linked';
import { colourOf, textOf } from '$lib/model/resolve';
import { patchOf, type Patch } from '$lib/drawing/patch';
import { areaShares } from './figures';

/** A patch that had to be brought into what a screen can show. */
export interface MixedPatch extends Patch {
	readonly mapped: boolean;
}

const linearOf = (source: ColourSource, linked: readonly LinkedColour[]): Triple =>
	fit(colourOf(textOf(source, linked))).linear;

const parentsOf = ({ parents }: MixesPlate, linked: readonly LinkedColour[]): Patch[] =>
	parents.map(({ colour }) => patchOf(linearOf(colour, linked)));

export interface Middle extends Patch {
	/** Share of the way, 0–1, of the true middle and of the leaning one that is shown. */
	readonly middleShare: number;
	readonly share: number;
	/** The true middle. */
	readonly middle: Patch;
	/** ΔE00 of what is shown to the first and to the second parent. */
	readonly toFirst: number;
	readonly toSecond: number;
	readonly guess: (Patch & { readonly off: number; readonly toFirst: number; readonly toSecond: number }) | null;
}

export interface Crossing extends Patch {
	readonly verdict: OverlapVerdict;
	readonly byHand: boolean;
}

/** Everything that a plate of mixes can show, each reckoned when asked for. */
export interface MadeMixes {
	readonly parents: readonly Patch[];
	readonly ways: () => Readonly<Record<Way, MixedPatch>>;
	readonly middle: () => Middle;
	/** Rows of the tree of middles with both ends, level by level. */
	readonly halving: () => Patch[][];
	readonly strokes: () => { readonly row: Patch[]; readonly even: Patch[] };
	readonly crossings: () => Crossing[];
	/** Shares of area in which the parents hold each other in balance. */
	readonly balance: () => readonly number[];
	/** The flat mean of light of all parents by the areas that the pattern gives them. */
	readonly mean: () => Patch;
}

const once = <T>(work: () => T): (() => T) => {
	let made: { value: T } | null = null;
	return () => (made ??= { value: work() }).value;
};

function middleOf(plate: MixesPlate, [one, other]: readonly Patch[], linked: readonly LinkedColour[]): Middle {
	const [first, second] = [one!.linear, other!.linear];
	const { linear, share: middleShare } = middleMixture(first, second);
	const share = leanedShare(middleShare, plate.lean);
	const shown = plate.lean === 0 ? linear : pointOn(pathBetween(first, second, 'oklab', false), share).linear;
	const apart = (from: Triple): { toFirst: number; toSecond: number } => ({
		toFirst: differenceOfLinear(first, from),
		toSecond: differenceOfLinear(from, second)
	});
	const guess = plate.guess && patchOf(linearOf(plate.guess, linked));
	return {
		...patchOf(shown),
		middleShare,
		share,
		middle: patchOf(linear),
		...apart(shown),
		guess: guess && { ...guess, off: differenceOfLinear(guess.linear, linear), ...apart(guess.linear) }
	};
}

function treeOf({ method, levels }: MixesPlate, [one, other]: readonly Patch[]): Patch[][] {
	const tree = halve(one!.linear, other!.linear, method, levels);
	return tree.map((row) => [one!, ...row.map(patchOf), other!]);
}

/** Both colours with so many even steps between them. */
export function stepsBetween(one: Patch, other: Patch, between: number): Patch[] {
	const colour = ({ linear }: Patch) => ({ space: 'srgb-linear', channels: linear, alpha: 1 }) as const;
	const parents = [colour(one), colour(other)];
	const { steps } = makeScale({ recipe: 'interval', parents, between, method: 'oklab', spacing: 'differences' });
	return steps.map(({ linear }) => patchOf(linear));
}

/** The row that strokes give, from the bare ground on, and as many colours in even steps between its ends. */
function strokesOf({ strength, strokes }: MixesPlate, [ground, stroke]: readonly Patch[]) {
	const row = Array.from({ length: strokes + 1 }, (_, n) =>
		patchOf(layStrokes(ground!.linear, stroke!.linear, strength, n))
	);
	return { row, even: stepsBetween(row[0]!, row.at(-1)!, strokes - 1) };
}

function crossingsOf(plate: MixesPlate, parents: readonly Patch[], linked: readonly LinkedColour[]): Crossing[] {
	return parents.slice(1).map((second, i) => {
		const first = parents[i]!;
		const source = plate.crossings[i] ?? null;
		const linear = source ? linearOf(source, linked) : overlapOf(first.linear, second.linear, plate.front);
		return {
			...patchOf(linear),
			verdict: judgeOverlap(first.linear, second.linear, linear),
			byHand: source !== null
		};
	});
}

function waysOf({ parents: parts }: MixesPlate, parents: readonly Patch[]): Record<Way, MixedPatch> {
	const weighed = parents.map(({ linear }, i) => ({ linear, weight: parts[i]!.parts }));
	const mixes = WAYS.map((way) => {
		const { linear, mapped } = mixBy(way, weighed);
		return [way, { ...patchOf(linear), mapped }] as const;
	});
	return Object.fromEntries(mixes) as Record<Way, MixedPatch>;
}

function make(plate: MixesPlate, linked: readonly LinkedColour[]): MadeMixes {
	const parents = parentsOf(plate, linked);
	const areas = areaShares(plate.pattern, parents.length);
	const seen = parents.map(({ linear }, i) => ({ linear, weight: areas[i]! }));
	return {
		parents,
		ways: once(() => waysOf(plate, parents)),
		middle: once(() => middleOf(plate, parents, linked)),
		halving: once(() => treeOf(plate, parents)),
		strokes: once(() => strokesOf(plate, parents)),
		crossings: once(() => crossingsOf(plate, parents, linked)),
		balance: once(() => areasInBalance(parents.map(({ linear }) => linear))),
		mean: once(() => patchOf(mixBy('optical', seen).linear))
	};
}

/** A plate of mixes worked out, as far as it is asked for. Reckoned again only when the plate or one of its colours has changed. */
export const mixesOf = remembered(sourcesOfMixes, make);
