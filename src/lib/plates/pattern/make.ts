import { fit, fittedOklab } from '$lib/core/colour/shown';
import { linearToHex } from '$lib/core/colour/bytes';
import { linearToOklab } from '$lib/core/colour/oklab';
import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { patchBy } from '$lib/drawing/patch';
import { type ColourSource } from '$lib/model/colour-text';
import { platesOf } from '$lib/model/edit';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { colourOf, textOf } from '$lib/model/resolve';
import { sameSource } from '$lib/model/sources';
import { type Surroundings } from '$lib/model/surroundings';
import { scalesGive } from '../scales/gives';
import { usedParents } from '../scales/scale-of';
import { type ScalesPlate } from '../scales/schema';
import { writeCells } from './cells-text';
import { laidOn } from './laying';
import { type GridDecision, type PatternColour, type PatternPlate } from './schema';
import { titleOfPattern } from './title';
import { type Laying } from './words';

export const colourOfSource = (source: ColourSource, accent = false): PatternColour => ({
	id: newId(),
	source,
	...(accent ? { accent: true as const } : {})
});

export const USUAL_GRID: GridDecision = {
	kind: 'triangle-upright',
	columns: 18,
	stretched: false,
	bands: { across: [3, 1, 4, 1, 3, 2, 6, 2], down: [2, 1, 3, 1, 2] }
};

/** A pattern of these colours on a grid, without any cell filled. */
export function emptyPattern(colours: readonly PatternColour[], grid: Partial<GridDecision> = {}): PatternPlate {
	return {
		id: newId(),
		kind: 'pattern',
		title: '',
		titledBy: 'machine',
		grid: { ...USUAL_GRID, ...grid },
		colours: [...colours],
		cells: '',
		symmetry: { across: 0, down: 0, mirror: 'none', turns: 1 },
		boxes: { light: 0, apart: false },
		seed: 1,
		line: true,
		taken: 'joined',
		checks: [],
		shows: 'design',
		climates: [],
		exchanged: false
	};
}

/** The same with its colours laid by rule, and a title by what is on it. */
export function laidPattern(
	plate: PatternPlate,
	laying: Laying | null,
	{ linked }: Pick<Surroundings, 'linked'>
): PatternPlate {
	const laid = laying ? { ...plate, cells: writeCells(laidOn(plate, laying, linked)) } : plate;
	return { ...laid, title: asLine(titleOfPattern(laid, linked)) };
}

/** A row of a scale, and whether it goes from one colour to others: of such a row all steps make a design. */
interface ScaleRow {
	readonly name: string;
	readonly goesOn: boolean;
	readonly sources: readonly ColourSource[];
}

/** The rows of the study's scales, as colours that follow them. */
const rowsOfScales = ({ plates, linked }: Surroundings): ScaleRow[] =>
	platesOf<ScalesPlate>('scales', plates).flatMap((plate) =>
		scalesGive.rows(plate, linked).map(({ name, colours }, i) => ({
			name,
			goesOn: usedParents(plate.scales[i]!).length > 1,
			sources: colours.map(({ place, hex }): ColourSource => ({ text: hex, follows: { plate: plate.id, place } }))
		}))
	);

/** Rows of the study that could be another climate of a design: not the one that it has already. */
export const rowsBeside = ({ colours }: PatternPlate, study: Surroundings): ScaleRow[] =>
	rowsOfScales(study).filter(
		({ sources }) =>
			sources.length > 2 && !sources.every((source) => colours.some((own) => sameSource(own.source, source)))
	);

/** A row of fewer makes no design; of more than this every second or third is enough to take in. */
const [SHORT, LONG] = [4, 12] as const;
const TAKEN_IN = 9;

/** So many of a row, evenly along it, both ends among them. */
const evenly = <T>(row: readonly T[], count: number): T[] =>
	Array.from({ length: count }, (_, i) => row[Math.round((i / (count - 1)) * (row.length - 1))]!);

/** The colours of a design: a row of the study that can be taken in, or a long one thinned, or the study's colours themselves. */
export function coloursForDesign(study: Surroundings): ColourSource[] {
	const rows = rowsOfScales(study).filter(({ sources }) => sources.length >= SHORT);
	const taken = rows.filter(({ sources }) => sources.length <= LONG);
	const fits = taken.find(({ goesOn }) => goesOn) ?? taken[0];
	if (fits) return [...fits.sources];
	if (rows[0]) return evenly(rows[0].sources, TAKEN_IN);
	return study.colours.length >= 2 ? study.colours.slice(0, LONG) : valuesOf(study, study.colours[0]);
}

/** A colour of the study that stands far off from these, as an accent; null where none does. */
export function farOff({ colours, linked }: Surroundings, row: readonly ColourSource[]): ColourSource | null {
	const linearOf = (source: ColourSource) => patchBy(source, linked).linear;
	const others = row.map(linearOf);
	const offOf = (source: ColourSource): number =>
		Math.min(...others.map((other) => differenceOfLinear(linearOf(source), other)));
	const [best] = colours.map((source) => ({ source, off: offOf(source) })).sort((one, other) => other.off - one.off);
	return best && best.off >= FAR ? best.source : null;
}

/** ΔE00 from which on a colour is far off (our choice). */
const FAR = 15;

/** Light, middle and dark of one colour: its hue at three values. */
export function valuesOf({ linked }: Pick<Surroundings, 'linked'>, source: ColourSource): ColourSource[] {
	const [, a, b] = linearToOklab(...fit(colourOf(textOf(source, linked))).linear);
	return THREE_VALUES.map(([lightness, strength]): ColourSource => {
		const { linear } = fittedOklab(lightness, a * strength, b * strength);
		return { text: linearToHex(...linear) };
	});
}

/** OKLab lightness of the light, the middle and the dark, and what is left of the chroma: near white and black there is less. */
const THREE_VALUES = [
	[0.84, 0.7],
	[0.62, 1],
	[0.38, 0.8]
] as const;
