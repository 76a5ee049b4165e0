import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { textOf } from '$lib/model/resolve';

type Linked = readonly LinkedColour[];

/** One thing that is decided on a plate, by which a brief can give it and hold it. */
export interface Decision {
	/** Its name in what is stored, of its plate alone. */
	readonly key: string;
	/** "the recipe of row 2" */
	readonly name: string;
	/** What is decided, as a text by which it is told whether it is still the same. */
	readonly value: string;
	/** Whether it is a colour, whose text the value is. */
	readonly isColour: boolean;
	/** Whether it counts for nothing as the plate is now: another recipe or exercise leaves it aside. It is held all the same. */
	readonly isAside: boolean;
}

export const decision = (key: string, name: string, value: unknown, isAside = false): Decision => ({
	key,
	name,
	value: JSON.stringify(value) ?? '',
	isColour: false,
	isAside
});

/** A colour, whatever it comes from: linked or not, it is held as it looks. */
export const colourDecision = (
	key: string,
	name: string,
	source: ColourSource | null | undefined,
	linked: Linked,
	isAside = false
): Decision => ({ key, name, value: source ? textOf(source, linked) : '', isColour: Boolean(source), isAside });

/** The checks of a plate, each by what it asks. */
export const checkKey = (id: string): string => `check.${id}`;

/** Why nothing is decided by a field. */
interface Free {
	readonly free: string;
}

/** What a field decides: of its value, of all that stands beside it, in a study with these linked colours. */
type Decides<T, V> = (value: V, of: T, linked: Linked) => readonly Decision[];

/**
 * What each field of something stored decides, or why it decides nothing. A field that says neither does not compile: so a brief
 * can give and hold whatever is decided on a plate.
 */
export type DecisionFields<T> = { readonly [K in keyof T]-?: Free | Decides<T, T[K]> };

/** All that is decided by the fields of something stored, in the order of the table. */
export const decisionsBy = <T extends object>(fields: DecisionFields<T>, of: T, linked: Linked): Decision[] =>
	(Object.keys(fields) as (keyof T)[]).flatMap((key) => {
		const field = fields[key];
		return typeof field === 'function' ? field(of[key], of, linked) : [];
	});

/** Whether something counts as what it belongs to is now. */
type Counts<T> = (of: T) => boolean;

export const free = (why: string): Free => ({ free: why });

/** A field that is one decision. */
export const decided =
	<T>(key: string, name: string, counts: Counts<T> = () => true) =>
	(value: unknown, of: T): Decision[] => [decision(key, name, value, !counts(of))];

/** A field that is a colour, or none. */
export const decidedColour =
	<T>(key: string, name: string, counts: Counts<T> = () => true) =>
	(source: ColourSource | null | undefined, of: T, linked: Linked): Decision[] => [
		colourDecision(key, name, source, linked, !counts(of))
	];

/** A field of several colours in their order; the key of each ends in its number from 0. */
export const decidedColours =
	<T>(key: string, name: (index: number) => string, counts: (of: T, index: number) => boolean = () => true) =>
	(sources: readonly (ColourSource | null)[], of: T, linked: Linked): Decision[] =>
		sources.map((source, i) => colourDecision(`${key}.${i}`, name(i), source, linked, !counts(of, i)));

/** What every kind of plate has. */
export const PLATE_DECISIONS = {
	id: free('it names the plate, whatever is decided on it'),
	kind: free('a plate stays of its kind'),
	title: free('words of whoever works on it'),
	titledBy: free('who wrote the title'),
	caption: free('words of whoever works on it'),
	ground: decidedColour('sheet', 'the ground of the plate')
} satisfies DecisionFields<PlateBase>;

/** What whoever takes a brief up does with it. */
export const WORK = free('the work itself, whatever is given');
/** What is kept of the work once it is done. */
export const KEPT_OF_WORK = free('kept of the work');
/** Answers, and what is laid over a plate to look at it. */
export const LOOKED_AT = free('looked at when the work is done');

/** Of checks a brief says for itself which it asks. */
export const CHECKS_APART = free('held by what the brief asks');
