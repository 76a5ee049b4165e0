import { toLinear } from '$lib/core/colour/colour';
import { readColour } from '$lib/core/colour/read';
import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { valueOf } from '$lib/core/colour/value-of';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { kindOf } from '$lib/plates/kinds';

/** A row of one plate beside the row of another that stands where it stands: step by step, member by member. */
export interface Corresponding {
	/** What the row is called on each. */
	readonly names: readonly [string, string];
	/** As many as both have: codes `#rrggbb` of each, and ΔE00 between them. */
	readonly pairs: readonly { readonly hexes: readonly [string, string]; readonly difference: number }[];
	/** ΔE00, over all pairs. */
	readonly average: number;
	/** L* of the second beyond that of the first, over all pairs. */
	readonly lighter: number;
	/** So many colours of each have nothing beside them. */
	readonly alone: readonly [number, number];
}

interface Row {
	readonly name: string;
	readonly hexes: readonly string[];
}

/** The colours of a plate in its rows; all in one where its kind has no rows. */
function rowsOf(plate: PlateBase, linked: readonly LinkedColour[]): Row[] {
	const rows = kindOf(plate).gives?.rows(plate, linked);
	if (rows) return rows.map(({ name, colours }) => ({ name, hexes: colours.map(({ hex }) => hex) }));
	return [{ name: plate.title, hexes: coloursOfPlate(plate, linked).map(({ hex }) => hex) }];
}

const linearOf = (hex: string) => toLinear(readColour(hex));
const mean = (numbers: readonly number[]): number => numbers.reduce((sum, x) => sum + x, 0) / numbers.length;

/** What of two plates corresponds, row by row, by number; rows that only one of them has are left out. Differences are of the codes. */
export function corresponding(
	one: PlateBase,
	other: PlateBase,
	linked: readonly LinkedColour[],
	otherLinked: readonly LinkedColour[] = linked
): Corresponding[] {
	const [rows, others] = [rowsOf(one, linked), rowsOf(other, otherLinked)];
	return rows.slice(0, others.length).flatMap(({ name, hexes }, i) => {
		const beside = others[i]!;
		const count = Math.min(hexes.length, beside.hexes.length);
		if (count === 0) return [];
		const both = hexes.slice(0, count).map((hex, at) => [linearOf(hex), linearOf(beside.hexes[at]!)] as const);
		const differences = both.map(([a, b]) => differenceOfLinear(a, b));
		return {
			names: [name, beside.name] as const,
			pairs: differences.map((difference, at) => ({ hexes: [hexes[at]!, beside.hexes[at]!] as const, difference })),
			average: mean(differences),
			lighter: mean(both.map(([a, b]) => valueOf(b) - valueOf(a))),
			alone: [hexes.length - count, beside.hexes.length - count] as const
		};
	});
}
