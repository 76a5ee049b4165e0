import { type Recipe } from '$lib/core/scale/recipe';
import { begunAs } from '$lib/core/scale/recipe-defaults';
import { type ColourSource } from '$lib/model/colour-text';
import { platesOf } from '$lib/model/edit';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { sameSource } from '$lib/model/sources';
import { partnerOf, type Surroundings } from '$lib/model/surroundings';
import { type ScaleDecision } from './scale';
import { usedParents } from './scale-of';
import { titleOfScales } from './title';
import { type ScalesPlate } from './schema';

/** The recipes that every course begins with; the others are chosen. */
const TAUGHT_FIRST = ['tints', 'shades', 'tones-level', 'interval'] as const satisfies readonly Recipe[];

function madeAlready({ scales }: ScalesPlate, recipe: Recipe, parents: readonly ColourSource[]): boolean {
	return scales.some(
		(scale) => scale.recipe === recipe && usedParents(scale).every((source, i) => sameSource(source, parents[i]!))
	);
}

/** A plate of intervals goes on with intervals; any other with the recipes that every course begins with. */
const recipesFor = ({ scales }: ScalesPlate): readonly Recipe[] =>
	scales.length > 0 && scales.every(({ recipe }) => recipe === 'interval') ? ['interval'] : TAUGHT_FIRST;

/** Nothing decided yet: what a recipe itself asks for. */
const UNDECIDED = { recipe: null, method: 'oklab', spacing: 'shares' } as const;

/**
 * The scale that a person most likely wants next on a plate: the chosen scale's parent by the next recipe that the
 * plate lacks, or, once all are there, the next colour of the study; with the same count, and the same method and spacing as far as its recipe
 * makes sense of them. Of a recipe that is asked for, the first colour that has none of it yet.
 */
export function nextScale(
	study: Surroundings,
	plate: ScalesPlate,
	chosen: ScaleDecision | null,
	recipe: Recipe | null = null
): ScaleDecision {
	const model = chosen ?? plate.scales.at(-1);
	const start = model?.parents[0] ?? study.colours[0];
	const colours = [start, ...study.colours.filter((source) => !sameSource(source, start))];
	const candidates = colours.flatMap((source) =>
		(recipe ? [recipe] : recipesFor(plate)).map((each) => ({
			recipe: each,
			parents: [source, partnerOf(source, study)]
		}))
	);
	const next = candidates.find(({ recipe, parents }) => !madeAlready(plate, recipe, parents)) ?? candidates[0]!;
	return {
		id: newId(),
		...next,
		...begunAs(next.recipe, model ?? UNDECIDED),
		between: model?.between ?? 5,
		route: model?.route,
		bias: model?.bias,
		look: model?.look
	};
}

/** A plate to go on with: the tints of the study's first colour that has no plate beginning with it. */
export function newScales(study: Surroundings): ScalesPlate {
	const begun = platesOf<ScalesPlate>('scales', study.plates)
		.map(({ scales }) => scales[0]?.parents[0])
		.filter((source) => source !== undefined);
	const colours = study.colours;
	const colour = colours.find((source) => !begun.some((other) => sameSource(other, source))) ?? colours[0]!;
	const plate: ScalesPlate = {
		id: newId(),
		kind: 'scales',
		title: '',
		titledBy: 'machine',
		scales: []
	};
	const parents: ScaleDecision['parents'] = [colour, partnerOf(colour, study)];
	const scales = [{ ...nextScale(study, plate, null), ...begunAs('tints', UNDECIDED), parents }];
	return { ...plate, scales, title: asLine(titleOfScales({ ...plate, scales }, study.linked)) };
}

/** A plate of these scales. */
export const plateOfScales = (title: string, scales: readonly ScaleDecision[]): ScalesPlate => ({
	id: newId(),
	kind: 'scales',
	title: asLine(title),
	scales: [...scales]
});
