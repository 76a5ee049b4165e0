import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { METHOD_WORDS, WHEEL_WORDS } from '$lib/core/scale/words';
import { MAKING_WORDS, ringName, ringWords } from '$lib/core/scheme/chart-words';
import { type Spoke } from '$lib/core/scheme/hue-chart';
import { type LinkedColour } from '$lib/model/linked';
import { type WheelPlate } from './schema';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { labelOf } from '$lib/drawing/label';
import { ticks, vanishes } from '$lib/drawing/lost';
import { sheetOf } from '$lib/drawing/plate-ground';
import { header, wrapped } from '$lib/drawing/head';
import { nameOf } from '$lib/model/surroundings';
import { PAPER, INK, SOFT, words } from '$lib/drawing/words';
import { hueName } from './cell-names';
import { chartOf, hueRing } from './chart-of';
import { layOutWheel, type WheelLayout } from './wheel-layout';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';

const MARGIN = 28;
const CAPTION_LETTERS = 25;
const COUNTS: Readonly<Record<number, string>> = { 6: 'Six', 12: 'Twelve', 18: 'Eighteen', 24: 'Twenty-four' };

/** "true mixes, in OKLab", "discs laid over, 40 % strong" */
export function makingOf({ making, method, discStrength, inside, outside }: WheelPlate): string | null {
	if (inside.count + outside.count === 0) return null;
	if (making === 'mixed') return `${MAKING_WORDS[making].name}, ${METHOD_WORDS[method].name}`;
	return `${MAKING_WORDS[making].name}, ${Math.round(discStrength * 100)} % strong`;
}

/** What the hues come from: "from madder", "from madder, at its value", "value 60, chroma 0.12". */
export function hueSourceOf(plate: WheelPlate, linked: readonly LinkedColour[]): string {
	if (plate.from === 'given') return `value ${plate.value.toFixed(0)}, chroma ${plate.chroma.toFixed(2)}`;
	const name = nameOf(plate.lead, { linked });
	return plate.from === 'lead' ? `from ${name}` : `from ${name}, at its value`;
}

function caption(plate: WheelPlate, linked: readonly LinkedColour[]): Shape[] {
	const { inside, outside } = plate;
	const told = [
		hueSourceOf(plate, linked),
		...(inside.count > 0 ? [`inside: ${ringWords(inside)}`] : []),
		...(outside.count > 0 ? [`outside: ${ringWords(outside)}`] : []),
		...[makingOf(plate)].filter((line) => line !== null)
	].flatMap((line) => wrapped(line, CAPTION_LETTERS));
	const name = `${COUNTS[plate.hues]} hues`;
	return [
		words(MARGIN, 84, name, { face: 'serif', size: 17, fill: INK }),
		words(MARGIN, 101, `of the ${WHEEL_WORDS[plate.wheel]}`),
		...told.map((line, i) => words(MARGIN, 122 + i * 16, line))
	];
}

const KEY = { width: 34, height: 15, bottom: 528 } as const;

/** What each ring is: the first spoke laid out straight, from the rim down to the middle. */
function key(plate: WheelPlate, chart: readonly Spoke[]): Shape[] {
	const { steps } = chart[0]!;
	if (steps.length < 2) return [];
	const top = KEY.bottom - steps.length * KEY.height;
	return [...steps].reverse().flatMap(({ hex, value }, i): Shape[] => {
		const y = top + i * KEY.height;
		const out = plate.outside.count - i;
		const name = out === 0 ? 'the hue' : ringName((out > 0 ? plate.outside : plate.inside).recipe, Math.abs(out));
		return [
			{ kind: 'bar', x: MARGIN, y, width: KEY.width, height: KEY.height, fill: hex },
			words(MARGIN + KEY.width + 8, y + 11, name.toLowerCase()),
			words(MARGIN + KEY.width + 112, y + 11, value.toFixed(0), { anchor: 'end' })
		];
	});
}

function cells(chart: readonly Spoke[], { spokes }: WheelLayout): Shape[] {
	const rings = spokes[0]!.cells.length;
	return Array.from({ length: rings }, (_, i) => rings - 1 - i).flatMap((ring) =>
		spokes.map(({ cells }, spoke): Shape => ({
			kind: 'area',
			path: cells[ring]!.path,
			fill: chart[spoke]!.steps[ring]!.hex
		}))
	);
}

/** Ticks at the rim and at the hole, for cells that would be lost on the plate. */
const lost = (chart: readonly Spoke[], { spokes }: WheelLayout, ground: ReadonlyTriple): Shape[] =>
	spokes.flatMap(({ rimCorners, holeCorners }, i) => [
		...(vanishes(chart[i]!.steps.at(-1)!.linear, ground) ? ticks(rimCorners) : []),
		...(vanishes(chart[i]!.steps[0]!.linear, ground) ? ticks(holeCorners) : [])
	]);

function labels(plate: WheelPlate, chart: readonly Spoke[], { spokes }: WheelLayout): Shape[] {
	if (plate.label === 'none') return [];
	return spokes.map(({ label: { x, y, anchor } }, i) => {
		const { angle, steps } = chart[i]!;
		const text =
			plate.label === 'name' ? hueName(plate, angle, steps) : labelOf(steps[hueRing(plate)]!, i, plate.label);
		const first = i === 0;
		return words(x, y, text, { anchor, strong: first, fill: first ? INK : SOFT });
	});
}

/** A wheel plate as a drawing. With `withWords` false only the colours are drawn, as a thumbnail shows them. */
export function drawWheel(plate: WheelPlate, linked: readonly LinkedColour[], withWords: boolean): Drawing {
	const chart = chartOf(plate, linked);
	const layout = layOutWheel(plate, withWords);
	return {
		title: plate.title,
		width: PLATE_WIDTH,
		height: PLATE_HEIGHT,
		paper: PAPER,
		shapes: [
			...(withWords ? [...header(plate.title, ''), ...caption(plate, linked)] : []),
			...cells(chart, layout),
			...lost(chart, layout, sheetOf(plate, linked).linear),
			...(withWords ? [...labels(plate, chart, layout), ...key(plate, chart)] : [])
		]
	};
}
