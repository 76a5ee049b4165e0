import { type Recipe } from '$lib/core/scale/recipe';
import { RECIPE_WORDS } from '$lib/core/scale/words';
import { linkedOf, textOf, usedParents } from '$lib/drawing/resolve';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type Plate, type ScalesPlate } from '$lib/model/plate';
import { type ScaleDecision } from '$lib/model/scale';
import { sourcesOf, type LinkedColour, type StudyDocument } from '$lib/model/study';

/** The recipes that every course begins with; the others are chosen. */
const TAUGHT_FIRST = ['tints', 'shades', 'tones-level', 'interval'] as const satisfies readonly Recipe[];

/** Where a study has no colours at all yet. */
const FALLBACK: readonly ColourSource[] = [{ text: '#b3392b' }, { text: '#2f5f86' }];

export const sourceFor = (colour: LinkedColour): ColourSource => ({ linked: colour.id });

export function sameSource(one: ColourSource, other: ColourSource): boolean {
	if ('linked' in one) return 'linked' in other && one.linked === other.linked;
	return 'text' in other && one.text === other.text;
}

/** The study's colours to choose parents from: its linked colours, or what its scales use, or two of ours. */
function coloursOf({ linked, plates }: StudyDocument): readonly ColourSource[] {
	if (linked.length > 0) return linked.map(sourceFor);
	const used = plates.flatMap(sourcesOf);
	return used.length > 0 ? used : FALLBACK;
}

/** A colour of the study other than this one, where there is one: the next in its order. */
function partnerOf(source: ColourSource, document: StudyDocument): ColourSource {
	const colours = coloursOf(document);
	const at = colours.findIndex((candidate) => sameSource(candidate, source));
	return colours[(at + 1) % colours.length] ?? FALLBACK[1]!;
}

function madeAlready({ scales }: ScalesPlate, recipe: Recipe, parents: readonly ColourSource[]): boolean {
	return scales.some(
		(scale) => scale.recipe === recipe && usedParents(scale).every((source, i) => sameSource(source, parents[i]!))
	);
}

/** A plate of intervals goes on with intervals; any other with the recipes that every course begins with. */
const recipesFor = ({ scales }: ScalesPlate): readonly Recipe[] =>
	scales.length > 0 && scales.every(({ recipe }) => recipe === 'interval') ? ['interval'] : TAUGHT_FIRST;

/**
 * The scale that a person most likely wants next on a plate: the chosen scale's parent by the next recipe that the
 * plate lacks, or, once all are there, the next colour of the study; with the same count, method and spacing.
 */
export function nextScale(document: StudyDocument, plate: ScalesPlate, chosen: ScaleDecision | null): ScaleDecision {
	const model = chosen ?? plate.scales.at(-1);
	const start = model?.parents[0] ?? coloursOf(document)[0]!;
	const colours = [start, ...coloursOf(document).filter((source) => !sameSource(source, start))];
	const candidates = colours.flatMap((source) =>
		recipesFor(plate).map((recipe) => ({
			recipe,
			parents: [source, partnerOf(source, document)]
		}))
	);
	const next = candidates.find(({ recipe, parents }) => !madeAlready(plate, recipe, parents)) ?? candidates[0]!;
	return {
		id: newId(),
		...next,
		between: model?.between ?? 5,
		method: model?.method ?? 'oklab',
		spacing: model?.spacing ?? 'shares',
		route: model?.route,
		bias: model?.bias,
		look: model?.look
	};
}

/** A wheel to go on with: twelve hues from the study's first colour, tints inside and shades outside. */
export function nextWheel(document: StudyDocument): Plate {
	const lead = coloursOf(document)[0]!;
	const name = nameOf(lead, document);
	return {
		id: newId(),
		kind: 'wheel',
		title: asLine(`A wheel from ${name}`),
		wheel: 'painter',
		hues: 12,
		from: 'lead',
		lead,
		value: 60,
		chroma: 0.12,
		inside: { recipe: 'tints', count: 3 },
		outside: { recipe: 'shades', count: 2 },
		making: 'mixed',
		method: 'oklab',
		discStrength: 0.4,
		label: 'name'
	};
}

/** A scheme from a colour: its triad on the painter’s wheel, with the relatives and the designs shown. */
export function schemeFrom(document: StudyDocument, lead: ColourSource): Plate {
	const other = { angle: 0, strength: 1, value: 0, fixed: null };
	return {
		id: newId(),
		kind: 'scheme',
		title: asLine(`A scheme from ${nameOf(lead, document)}`),
		wheel: 'painter',
		scheme: 'triad',
		holdValue: false,
		lead,
		others: [other, other],
		relatives: { shown: true, steps: 6, amount: 60 },
		inUse: true,
		roles: [0, 1, 2, 3, 4],
		keptTo: null
	};
}

/** A scheme to go on with, from the study’s first colour. */
export const nextScheme = (document: StudyDocument): Plate => schemeFrom(document, coloursOf(document)[0]!);

/** A plate of mixes to go on with: the study’s first two colours in equal parts, mixed six ways. */
export function nextMixes(document: StudyDocument): Plate {
	const first = coloursOf(document)[0]!;
	const second = partnerOf(first, document);
	return {
		id: newId(),
		kind: 'mixes',
		title: asLine(`${capital(nameOf(first, document))} and ${nameOf(second, document)}, mixed`),
		exercise: 'ways',
		parents: [
			{ colour: first, parts: 1 },
			{ colour: second, parts: 1 }
		],
		way: 'paint',
		lean: 0,
		guess: null,
		revealed: true,
		levels: 3,
		method: 'oklab',
		strength: 0.35,
		strokes: 6,
		figure: 'squares',
		front: 0,
		crossings: [null, null, null, null, null],
		pattern: 'stripes',
		grain: 8
	};
}

/** A plate of grounds to go on with: one colour on two colours of the study. */
export function nextGrounds(document: StudyDocument): Plate {
	const colours = coloursOf(document);
	const first = colours[0]!;
	const second = colours[2] ?? partnerOf(first, document);
	const figure: ColourSource = { text: '#9a8f7d' };
	return {
		id: newId(),
		kind: 'grounds',
		title: asLine(`One colour on ${nameOf(first, document)} and ${nameOf(second, document)}`),
		exercise: 'one-as-two',
		grounds: [first, second],
		figures: [figure, figure],
		form: 'squares',
		size: 0.3,
		influence: -0.3,
		predicted: true,
		strip: false,
		cover: false,
		solved: false,
		row: 'values',
		count: 7,
		palette: null,
		line: 3
	};
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const nameOf = (source: ColourSource, { linked }: StudyDocument): string =>
	linkedOf(source, linked)?.name.toLowerCase() ?? textOf(source, linked);

/** A plate to go on with: the tints of the study's first colour that has no plate beginning with it. */
export function nextPlate(document: StudyDocument): Plate {
	const begun = document.plates
		.map((plate) => (plate.kind === 'scales' ? plate.scales[0]?.parents[0] : undefined))
		.filter((source) => source !== undefined);
	const colours = coloursOf(document);
	const colour = colours.find((source) => !begun.some((other) => sameSource(other, source))) ?? colours[0]!;
	const plate: ScalesPlate = {
		id: newId(),
		kind: 'scales',
		title: asLine(`${RECIPE_WORDS.tints.name} of ${nameOf(colour, document)}`),
		scales: []
	};
	const parents: ScaleDecision['parents'] = [colour, partnerOf(colour, document)];
	return { ...plate, scales: [{ ...nextScale(document, plate, null), recipe: 'tints', parents }] };
}

/** A colour of the study that is not among these, or the first where all are. */
export function nextColour(document: StudyDocument, used: readonly ColourSource[]): ColourSource {
	const colours = coloursOf(document);
	return colours.find((colour) => !used.some((other) => sameSource(other, colour))) ?? colours[0]!;
}
