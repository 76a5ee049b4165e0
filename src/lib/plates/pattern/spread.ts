import { linearToHex } from '$lib/core/colour/bytes';
import { CLIMATES, inClimate, type ClimateKind } from '$lib/core/pattern/climates';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { type LinkedColour } from '$lib/model/linked';
import { asLine } from '$lib/model/line';
import { patchesOf } from './design';
import { rowOf } from './laying';
import { MOST_CLIMATES, type Climate, type PatternPlate } from './schema';

export const CLIMATE_WORDS: Readonly<Record<ClimateKind, string>> = {
	light: 'High key',
	dark: 'Low key',
	quiet: 'Quiet',
	warm: 'Warm',
	cool: 'Cool'
};

/**
 * The colours of a design by a row of others, each by its share of the way: the first by the first, the last by the last. Accents stay.
 */
export function spreadOver(plate: PatternPlate, row: readonly ColourSource[]): ColourSource[] {
	const places = rowOf(plate);
	return plate.colours.map(({ source }, i) => {
		const place = places.indexOf(i);
		if (place < 0) return source;
		const share = places.length < 2 ? 0 : place / (places.length - 1);
		return row[Math.round(share * (row.length - 1))]!;
	});
}

/** The same design in other colours: rows of others, as many as there is room for. */
export const climatesOfRows = (
	plate: PatternPlate,
	rows: readonly { readonly name: string; readonly sources: readonly ColourSource[] }[]
): Climate[] =>
	rows.slice(0, MOST_CLIMATES - plate.climates.length).map(({ name, sources }) => ({
		id: newId(),
		name: asLine(name),
		colours: spreadOver(plate, sources)
	}));

/** The design's own colours brought into a climate, as they are now. */
export function climateOfKind(plate: PatternPlate, linked: readonly LinkedColour[], kind: ClimateKind): Climate {
	const turned = inClimate(
		kind,
		patchesOf(plate, linked).map(({ linear }) => linear)
	);
	return {
		id: newId(),
		name: CLIMATE_WORDS[kind],
		colours: turned.map((linear): ColourSource => ({ text: linearToHex(...linear) }))
	};
}

/** Climates up to six in all: other rows of the study first, then the design's own colours in each climate that there is. */
export function sixClimates(
	plate: PatternPlate,
	rows: Parameters<typeof climatesOfRows>[1],
	linked: readonly LinkedColour[]
): Climate[] {
	const byRows = climatesOfRows(plate, rows);
	const room = MOST_CLIMATES - plate.climates.length - byRows.length;
	return [...byRows, ...CLIMATES.slice(0, room).map((kind) => climateOfKind(plate, linked, kind))];
}
