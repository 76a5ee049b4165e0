import { linearToHex } from '$lib/core/colour/bytes';
import { linearToNumber, numberToHex } from '$lib/core/colour/code-number';
import { fit, type Fitted } from '$lib/core/colour/shown';
import { type Triple } from '$lib/core/colour/vector';
import { nearestIn, readied, type Nearest } from '$lib/core/scheme/nearest';
import { DIRECTIONS, relativesOf, type Direction } from '$lib/core/scheme/relatives';
import { makeScheme, type MemberRule } from '$lib/core/scheme/scheme-members';
import { valueOf } from '$lib/core/colour/value-of';
import { SCHEME_RULES, type Member, type SchemeSpec } from '$lib/core/scheme/schemes';
import { placeOf, type Place } from '$lib/core/scheme/wheel-place';
import { type RelativeCell, type SchemePlate } from './schema';
import { type KeptPalette } from '$lib/model/palette';
import { remembered } from '$lib/model/remembered';
import { sourcesOfScheme } from './sources';
import { type LinkedColour } from '$lib/model/linked';
import { colourOf, textOf } from '$lib/model/resolve';

/** A member as it is shown: its code and value beside its colour. */
export interface ShownMember extends Member {
	readonly hex: string;
	readonly value: number;
	/** Where it stands on the plate's wheel. */
	readonly place: Place;
	readonly fixed: boolean;
}

export interface MadeScheme {
	readonly spec: SchemeSpec;
	readonly rules: readonly MemberRule[];
	/** As the scheme has them, the lead colour first. */
	readonly members: readonly ShownMember[];
	/** What stands for each of them where the scheme keeps to a palette. */
	readonly kept: readonly ShownMatch[] | null;
	/** What is used further on: the members, or what stands for them. */
	readonly used: readonly Triple[];
	readonly usedHexes: readonly string[];
}

export interface ShownMatch extends Nearest {
	readonly name: string;
	readonly hex: string;
}

const fitOf = (text: string): Fitted => fit(colourOf(text));

/** The spread of a plate, brought into the range of its scheme; none where the scheme has none. */
export function spreadOf({ scheme, spread }: Pick<SchemePlate, 'scheme' | 'spread'>): number | undefined {
	const range = SCHEME_RULES[scheme].spread;
	if (!range) return undefined;
	return spread === undefined ? range.usual : Math.min(range.most, Math.max(range.least, spread));
}

/** A scheme plate as the core takes it. */
export function schemeSpecOf(plate: SchemePlate, linked: readonly LinkedColour[]): SchemeSpec {
	const { scheme, wheel, holdValue, others } = plate;
	const lead = fitOf(textOf(plate.lead, linked));
	return {
		scheme,
		wheel,
		holdValue,
		lead: lead.linear,
		leadMapped: lead.mapped,
		spread: spreadOf(plate),
		free: others.map(({ angle }) => angle)
	};
}

const rulesOf = ({ others }: SchemePlate, linked: readonly LinkedColour[]): MemberRule[] =>
	others.map(({ strength, value, fixed }) => {
		if (!fixed) return { strength, value };
		const { linear, mapped } = fitOf(textOf(fixed, linked));
		return { fixed: linear, mapped };
	});

interface ReadyPalette {
	readonly linears: readonly Triple[];
	readonly labs: readonly Triple[];
	readonly codes: readonly number[];
}

const ready = new WeakMap<KeptPalette, ReadyPalette>();

function readyPalette(palette: KeptPalette): ReadyPalette {
	const known = ready.get(palette);
	if (known) return known;
	const linears = palette.colours.map(({ text }) => fitOf(text).linear);
	const made = { linears, labs: readied(linears), codes: linears.map((linear) => linearToNumber(...linear)) };
	ready.set(palette, made);
	return made;
}

function matchesOf(members: readonly Member[], palette: KeptPalette): ShownMatch[] {
	const { labs, codes } = readyPalette(palette);
	return members.map(({ linear }) => {
		const nearest = nearestIn(labs, linear)!;
		return { ...nearest, name: palette.colours[nearest.index]!.name, hex: numberToHex(codes[nearest.index]!) };
	});
}

function make(plate: SchemePlate, linked: readonly LinkedColour[]): MadeScheme {
	const spec = schemeSpecOf(plate, linked);
	const rules = rulesOf(plate, linked);
	const members = makeScheme(spec, rules).map((member, i): ShownMember => ({
		...member,
		hex: linearToHex(...member.linear),
		value: valueOf(member.linear),
		place: placeOf(spec.wheel, member.linear),
		fixed: i > 0 && 'fixed' in rules[i - 1]!
	}));
	const kept = plate.keptTo && matchesOf(members, plate.keptTo);
	const used = kept
		? kept.map(({ index }) => readyPalette(plate.keptTo!).linears[index]!)
		: members.map((m) => m.linear);
	return { spec, rules, members, kept, used, usedHexes: (kept ?? members).map(({ hex }) => hex) };
}

/** A scheme plate worked out: its members, and what stands for them where it keeps to a palette. */
export const schemeOf = remembered(sourcesOfScheme, make);

/** The relatives of one member as numbers 0xrrggbb, nearest first in every direction: as many as fit. */
export type RelativeCodes = Readonly<Record<Direction, readonly number[]>>;

/** So many members have a cross each; where there are more, only one of them. */
export const MOST_CROSSES = 4;

/** The members whose crosses are drawn, by their indices. */
export function crossesOf({ others, relatives }: Pick<SchemePlate, 'others' | 'relatives'>): number[] {
	const count = others.length + 1;
	if (!relatives.shown) return [];
	return count > MOST_CROSSES ? [Math.min(relatives.cross, count - 1)] : Array.from({ length: count }, (_, i) => i);
}

const NONE = Object.fromEntries(DIRECTIONS.map((direction) => [direction, []])) as unknown as RelativeCodes;

/**
 * The relatives of the members, member by member; none of those whose cross is not drawn and of whom none is chosen. The nearest of the
 * palette where the scheme keeps to one.
 */
export const relativesOfScheme = remembered(sourcesOfScheme, (plate: SchemePlate, linked): RelativeCodes[] => {
	const { members } = schemeOf(plate, linked);
	const { steps, size, chosen } = plate.relatives;
	const palette = plate.keptTo && readyPalette(plate.keptTo);
	const code = (linear: Triple): number =>
		palette ? palette.codes[nearestIn(palette.labs, linear)!.index]! : linearToNumber(linear[0], linear[1], linear[2]);
	const codes = (linear: Triple, direction: Direction): number[] =>
		relativesOf(linear, direction, steps, size).map((relative) => code(relative.linear));
	const needed = new Set([...crossesOf(plate), ...chosen.map(({ member }) => member)]);
	return members.map(({ linear }, i) =>
		needed.has(i)
			? (Object.fromEntries(
					DIRECTIONS.map((direction) => [direction, codes(linear, direction)])
				) as unknown as RelativeCodes)
			: NONE
	);
});

/** A relative that is chosen, with its code as long as it fits. */
export interface ChosenRelative extends RelativeCell {
	readonly hex: string;
}

/** The chosen relatives that there are, in the order in which they were chosen. */
export function chosenOf(plate: SchemePlate, linked: readonly LinkedColour[]): ChosenRelative[] {
	if (!plate.relatives.shown || plate.relatives.chosen.length === 0) return [];
	const codes = relativesOfScheme(plate, linked);
	return plate.relatives.chosen.flatMap((cell) => {
		const code = codes[cell.member]?.[cell.direction][cell.step - 1];
		return code === undefined ? [] : [{ ...cell, hex: numberToHex(code) }];
	});
}

/** What can be at work in the designs: the members, or what stands for them, and after them the chosen relatives. */
export const workers = (plate: SchemePlate, linked: readonly LinkedColour[]): string[] => [
	...schemeOf(plate, linked).usedHexes,
	...chosenOf(plate, linked).map(({ hex }) => hex)
];
