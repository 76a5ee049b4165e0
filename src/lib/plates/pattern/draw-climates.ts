import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { header } from '$lib/drawing/head';
import { rounded } from '$lib/drawing/rounded';
import { INK, shortened, SOFT, words } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { contentOf, exchangedContent, patchesOf, readingsOf } from './design';
import { fieldIn } from './field';
import { mosaicOf } from './mosaic';
import { climateBox } from './pattern-layout';
import { type PatternPlate } from './schema';
import { perCent } from './words';

type Linked = readonly LinkedColour[];

export const climateCount = ({ climates }: PatternPlate): number => climates.length + 1;
/** What a climate is called, by its number: the first is the design as it is. */
export const climateName = ({ climates }: PatternPlate, climate: number): string =>
	climate === 0 ? 'As it is' : climates[climate - 1]!.name;

function design(plate: PatternPlate, linked: Linked, climate: number, box: Box): Shape[] {
	const codes = patchesOf(plate, linked, climate).map(({ hex }) => hex);
	const content = plate.exchanged ? exchangedContent(plate) : contentOf(plate);
	return mosaicOf(fieldIn(plate, box), content, codes, box, plate.taken);
}

const BAR_HIGH = 12;

/** The shares of one of them as a bar, and under it each of its values on a line from 0 to 100. */
function measures(plate: PatternPlate, linked: Linked, climate: number, box: Box): Shape[] {
	const { shares, values, range, warm } = readingsOf(plate, linked, climate, plate.exchanged);
	const patches = patchesOf(plate, linked, climate);
	let x = box.x;
	const bars = shares.flatMap((share, i): Shape[] => {
		const part = { x, y: box.y, width: share * box.width, height: BAR_HIGH };
		x += part.width;
		return part.width > 0 ? [bar(part, patches[i]!.hex)] : [];
	});
	const y = box.y + BAR_HIGH + 14;
	const at = (value: number): number => rounded(box.x + (value / 100) * box.width);
	const line: Shape = { kind: 'rule', x1: box.x, y1: y, x2: box.x + box.width, y2: y, stroke: SOFT };
	const marks = values.flatMap((value, i): Shape[] =>
		shares[i]! > 0 ? [bar({ x: at(value) - 1, y: y - 4, width: 2, height: 8 }, INK)] : []
	);
	const span = range
		? [bar({ x: at(range[0]), y: y - 0.75, width: at(range[1]) - at(range[0]), height: 1.5 }, INK)]
		: [];
	const said = range ? `value ${range[0].toFixed(0)}–${range[1].toFixed(0)}, ${perCent(warm)} warm` : '';
	return [
		...bars,
		line,
		...span,
		...marks,
		words(box.x + 17, y + 41, said),
		words(box.x, y + 22, String(climate + 1), { face: 'serif', size: 15, fill: INK }),
		words(box.x + 17, y + 22, shortened(climateName(plate, climate), 32), { face: 'serif', size: 15, fill: INK })
	];
}

const all = (plate: PatternPlate): number[] => Array.from({ length: climateCount(plate) }, (_, i) => i);

/** The same design in several climates, each with its shares and its values. */
export function drawClimates(plate: PatternPlate, linked: Linked): Shape[] {
	const note = plate.exchanged
		? 'shares exchanged: what covered most covers least'
		: 'every cell keeps its number; only the colours change';
	return [
		...all(plate).flatMap((climate) => design(plate, linked, climate, climateBox(climate))),
		...header(plate.title, note),
		...all(plate).flatMap((climate) => {
			const box = climateBox(climate);
			return measures(plate, linked, climate, { ...box, y: box.y + box.height + 9 });
		})
	];
}

/** The designs alone, larger, as a thumbnail shows them. */
export const smallClimates = (plate: PatternPlate, linked: Linked): Shape[] =>
	all(plate).flatMap((climate) => design(plate, linked, climate, climateBox(climate)));
