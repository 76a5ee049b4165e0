import { toLinear } from '$lib/core/colour/colour';
import { linearToOklab } from '$lib/core/colour/oklab';
import { readColour } from '$lib/core/colour/read';
import { PARENTS_OF } from '$lib/core/scale/recipe';
import { show } from '$lib/core/colour/shown';
import { valueOf } from '$lib/core/colour/value-of';
import { type LinkedColour } from '$lib/model/linked';
import { type ColourSource } from '$lib/model/colour-text';
import { calledBy, colourOf, textOf } from '$lib/model/resolve';
import { coloursOfPlate } from '$lib/plates/draw-plate';
import { kindOf, sourcesOf } from '$lib/plates/kinds';
import { type Plate } from '$lib/plates/plate';
import { type HandIn } from './hand-in';

type Linked = readonly LinkedColour[];

/** One colour of one hand-in: where it lies seen from above (OKLab a and b), and how light it is (L*). */
export interface ClassColour {
	readonly maker: string;
	/** What it is called on its plate. */
	readonly name: string;
	readonly hex: string;
	readonly a: number;
	readonly b: number;
	readonly value: number;
}

/** Which colours of each plate are compared: all; those of one of its rows, or of these the parents alone; or one, by its place in the list of its colours. Rows and places from 0. */
export type WhichColours =
	| { readonly of: 'all' }
	| { readonly of: 'row' | 'parents'; readonly row: number }
	| { readonly of: 'one'; readonly at: number };

/** What is compared, with what people read for it. */
export interface Compared {
	readonly which: WhichColours;
	readonly words: string;
}

const rowsOf = (plate: Plate, linked: Linked) => kindOf(plate).gives?.rows(plate, linked) ?? [];

/** What of a plate can be compared through a class, by the brief's own plate. */
export function comparedOf(plate: Plate, linked: Linked): Compared[] {
	const rows = rowsOf(plate, linked);
	const ofRows = rows.flatMap((_, row): Compared[] => {
		const name = rows.length > 1 ? `row ${row + 1}: ` : '';
		return [
			{ which: { of: 'parents', row }, words: `${name}parents` },
			{ which: { of: 'row', row }, words: `${name}every step` }
		];
	});
	const single = coloursOfPlate(plate, linked).map(({ name }, at): Compared => ({
		which: { of: 'one', at },
		words: `${at + 1}. ${name}`
	}));
	return [{ which: { of: 'all' }, words: 'all colours' }, ...(rows.length > 0 ? ofRows : single)];
}

type Named = Pick<ClassColour, 'name' | 'hex'>;

const shownOf = (source: ColourSource, linked: Linked): Named => ({
	name: calledBy(source, linked),
	hex: show(colourOf(textOf(source, linked))).hex
});

/** What somebody chose for a row: the parents of a scale, whether they fall on a step or between; elsewhere what the plate was told, as its row shows it. */
function parentsIn(plate: Plate, linked: Linked, row: number): readonly Named[] {
	const scale = kindOf(plate).scales?.(plate)[row];
	if (scale) return scale.parents.slice(0, PARENTS_OF[scale.recipe].most).map((source) => shownOf(source, linked));
	const told = new Set(sourcesOf(plate).map((source) => shownOf(source, linked).hex));
	return (rowsOf(plate, linked)[row]?.colours ?? []).filter(({ hex }) => told.has(hex));
}

function coloursOf(plate: Plate, linked: Linked, which: WhichColours): readonly Named[] {
	switch (which.of) {
		case 'all':
			return coloursOfPlate(plate, linked);
		case 'one':
			return coloursOfPlate(plate, linked).slice(which.at, which.at + 1);
		case 'row':
			return rowsOf(plate, linked)[which.row]?.colours ?? [];
		case 'parents':
			return parentsIn(plate, linked, which.row);
	}
}

/** The colours of one plate of every hand-in, hand-in by hand-in. */
export function classColours(
	handIns: readonly HandIn[],
	placeIn: (handIn: HandIn) => number,
	which: WhichColours
): ClassColour[] {
	return handIns.flatMap(({ study, maker }, i) => {
		const plate = study.plates[placeIn(handIns[i]!)];
		if (!plate) return [];
		return coloursOf(plate, study.linked, which).map(({ name, hex }): ClassColour => {
			const linear = toLinear(readColour(hex));
			const [, a, b] = linearToOklab(...linear);
			return { maker, name, hex, a, b, value: valueOf(linear) };
		});
	});
}
