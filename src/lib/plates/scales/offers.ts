import { type Recipe } from '$lib/core/scale/recipe';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type Surroundings } from '$lib/model/surroundings';
import { type Offer } from '../offer';
import { newScales, nextScale } from './make';
import { MOST_PARENTS, type ScaleDecision } from './scale';
import { type ScalesPlate } from './schema';
import { titleOfScales } from './title';

/** A plate of rows, each of a recipe from parents that are given, the other decisions as the recipe has them. */
function sheet(
	study: Surroundings,
	rows: readonly { readonly recipe: Recipe; readonly parents: readonly ColourSource[]; readonly between?: number }[]
): ScalesPlate {
	const empty: ScalesPlate = { id: newId(), kind: 'scales', title: '', titledBy: 'machine', scales: [] };
	const scales = rows.map(({ recipe, parents, between = 5 }): ScaleDecision => {
		const next = nextScale(study, empty, null, recipe);
		return { ...next, parents: parents.length > 1 ? [...parents] : [parents[0]!, next.parents[1]!], between };
	});
	const plate = { ...empty, scales };
	return { ...plate, title: asLine(titleOfScales(plate, study.linked)) };
}

/** So many of the study's colours at the most, the first ones. */
const some = ({ colours }: Surroundings, most: number): readonly ColourSource[] => colours.slice(0, most);

/**
 * As many pairs as are wanted, in the order of the study: two and two where there are colours enough for each pair to have its own;
 * otherwise neighbours, and the last with the first, again from the beginning where they end.
 */
const pairs = ({ colours }: Surroundings, count: number): (readonly ColourSource[])[] =>
	colours.length >= 2 * count
		? Array.from({ length: count }, (_, i) => [colours[2 * i]!, colours[2 * i + 1]!])
		: Array.from({ length: count }, (_, i) => [
				colours[i % colours.length]!,
				colours[(i + 1 + Math.floor(i / colours.length)) % colours.length]!
			]);

const only = (plate: ScalesPlate, ...recipes: readonly Recipe[]): boolean =>
	plate.scales.length > 0 && plate.scales.every(({ recipe }) => recipes.includes(recipe));

/** The exercises of scales in the order of a course. */
export const SCALES_OFFERS: readonly Offer<ScalesPlate>[] = [
	{
		key: 'tints',
		name: 'Tints',
		says: 'One colour on its way to white. Dark hues show it best.',
		make: newScales,
		is: (plate) => only(plate, 'tints')
	},
	{
		key: 'three-ways',
		name: 'Tints, shades, tones',
		says: 'One hue to white, to black and to the grey of its own value.',
		make: (study) =>
			sheet(
				study,
				(['tints', 'shades', 'tones-level'] as const).map((recipe) => ({ recipe, parents: some(study, 1) }))
			),
		is: ({ scales }) =>
			(['tints', 'shades', 'tones-level'] as const).every((each) => scales.some(({ recipe }) => recipe === each))
	},
	{
		key: 'value-steps',
		name: 'Value steps',
		says: 'Only how light it is changes: from white through a colour to black.',
		source: 'Denman Ross, The Painter’s Palette, 1919',
		make: (study) =>
			sheet(
				study,
				some(study, 3).map((colour) => ({ recipe: 'value-steps', parents: [colour], between: 7 }))
			),
		is: (plate) => only(plate, 'value-steps')
	},
	{
		key: 'hue-steps',
		name: 'Hue steps',
		says: 'Only the hue moves: one turned into another, each at its purest.',
		make: (study) =>
			sheet(
				study,
				pairs(study, 2).map((parents) => ({ recipe: 'hue-steps', parents }))
			),
		is: (plate) => only(plate, 'hue-steps')
	},
	{
		key: 'intervals',
		name: 'Four intervals',
		says: 'What lies between two colours has a share of both, so it holds together.',
		source: 'Johannes Itten, The Art of Color, 1961',
		make: (study) =>
			sheet(
				study,
				pairs(study, 4).map((parents) => ({ recipe: 'interval', parents }))
			),
		is: (plate) => only(plate, 'interval')
	},
	{
		key: 'dulling',
		name: 'Dulling pairs',
		says: 'Opposites put each other out: each colour through a grey to its complement.',
		source: 'Michel Eugène Chevreul, 1839',
		make: (study) =>
			sheet(
				study,
				some(study, 3).map((colour) => ({ recipe: 'dulling', parents: [colour] }))
			),
		is: (plate) => only(plate, 'dulling')
	},
	{
		key: 'path',
		name: 'Many in one row',
		says: 'Strangers brought into one order: a path through all of them.',
		make: (study) => {
			const found = some(study, MOST_PARENTS);
			const parents = found.length > 1 ? found : pairs(study, 1)[0]!;
			return sheet(study, [{ recipe: 'path', parents, between: Math.min(47, (parents.length - 1) * 3 - 1) }]);
		},
		is: (plate) => only(plate, 'path')
	},
	{
		key: 'empty',
		name: 'Empty sheet',
		says: 'Nothing on it yet: rows are added one by one.',
		make: (study) => sheet(study, []),
		is: ({ scales }) => scales.length === 0
	}
];
