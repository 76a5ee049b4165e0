import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { holds } from '$lib/core/remark';
import { evenness } from '$lib/core/scale/readings';
import { METHOD_WORDS } from '$lib/core/scale/words';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { type Patch } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { type LinkedColour } from '$lib/model/linked';
import { decided } from '../../../decision';
import { type MixesCommon } from '../../common';
import { type MixExercise } from '../../exercise';
import { LEFT, rowOf } from '../../mix-shapes';
import { namedRow, parentName, plural } from '../../parents';
import { STROKES, treeBoxes } from './halving-layout';
import { halvingOf, type MadeHalving } from './halving-of';
import { halvingSchema, type Halving } from './schema';

/** The smallest difference of a row's neighbours over the largest, in ΔE00. */
const evennessOf = (row: readonly Patch[]): number =>
	evenness(row.slice(1).map(({ linear }, i) => differenceOfLinear(row[i]!.linear, linear)));

/** What a stroke, from 1, changes. */
const strokeBy = (row: readonly Patch[], stroke: number): string =>
	differenceOfLinear(row[stroke - 1]!.linear, row[stroke]!.linear).toFixed(1);

/** The name of a row beside it, with what is to be told of it where the row is high enough. */
const beside = ({ y, height }: Box, name: string, told: readonly string[]): Shape[] => [
	words(LEFT, y + Math.min(17, height / 2 + 5), name, { face: 'serif', size: 14, fill: INK }),
	...(height > 28 ? told.map((text, i) => words(LEFT, y + 32 + i * 13, text)) : [])
];

const howOften = (level: number): string => ['Halved once', 'Twice'][level] ?? `${level + 1} times`;

function drawTree({ levels, method }: Halving, tree: MadeHalving['tree']): Shape[] {
	const boxes = treeBoxes(levels);
	return tree.flatMap((patches, level) => [
		...rowOf(boxes[level]!, patches),
		...beside(boxes[level]!, howOften(level), [
			`${patches.length - 2} between · ${patches.length} in all`,
			...(level === 0 ? [METHOD_WORDS[method].name] : [])
		])
	]);
}

function drawStrokes(
	common: MixesCommon,
	{ strokes, strength }: Halving,
	made: MadeHalving,
	linked: readonly LinkedColour[]
): Shape[] {
	const [first, second] = [0, 1].map((i) => parentName(common, i, linked).toLowerCase());
	return [
		...rowOf(STROKES.row, made.strokes),
		...beside(STROKES.row, plural(strokes, 'stroke'), [`of ${second}`, `over ${first}`]),
		words(
			STROKES.row.x,
			STROKES.row.y - 8,
			`Strokes of ${Math.round(strength * 100)} % cover, one laid over the other: evenness ${evennessOf(made.strokes).toFixed(2)}`
		),
		...rowOf(STROKES.even, made.even),
		...beside(STROKES.even, 'Even steps', ['for comparison'])
	];
}

/** A scale by taking middles of middles, and one by thin strokes laid over each other. */
export const halving: MixExercise<Halving, MadeHalving> = {
	name: 'halving',
	schema: halvingSchema,
	words: {
		name: 'Halving and strokes',
		says: 'A scale by taking middles of middles, and one by thin strokes laid over each other.',
		source: 'Weber and Fechner, as Josef Albers used them, 1963'
	},
	heading: 'halving, and strokes laid over each other',
	decides: {
		levels: decided('levels', 'how often it is halved'),
		method: decided('method', 'how the middles are mixed'),
		strength: decided('strength', 'how much a stroke covers'),
		strokes: decided('strokes', 'the number of strokes')
	},
	begin: () => ({ name: 'halving', levels: 3, method: 'oklab', strength: 0.35, strokes: 6 }),
	make: halvingOf,
	draw: ({ common, settings, made, linked }, detail) =>
		detail === 'question'
			? drawTree(settings, made.tree.slice(0, 1))
			: [...drawTree(settings, made.tree), ...drawStrokes(common, settings, made, linked)],
	places: (_, { levels }) => {
		const [first] = treeBoxes(levels);
		const third = (i: number): Box => ({ ...first!, x: first!.x + (i * first!.width) / 3, width: first!.width / 3 });
		return [
			{ what: 'parent', key: '0', box: third(0) },
			{ what: 'mix', key: 'halved', box: third(1) },
			{ what: 'parent', key: '1', box: third(2) }
		];
	},
	seen: ({ made }) => ({ ...made.tree[0]![1]!, name: 'First middle' }),
	colours: ({ made }) => [
		...namedRow(made.tree.at(-1)!, (i) => `Step ${i + 1}`),
		...namedRow(made.strokes, (i) => (i === 0 ? 'Bare ground' : `Stroke ${i}`))
	],
	reveals: (settings) => [
		{ settings, asks: true, says: 'halved once' },
		{ settings, says: 'halved again and again, and by strokes' }
	],
	remarks: ({ made: { strokes } }) => [
		holds(
			'halving.tree',
			'Each middle is taken from its two neighbours, again and again: the trade’s way to a scale by eye.'
		),
		holds(
			'halving.strokes',
			`The first stroke changes ${strokeBy(strokes, 1)} ΔE00, the last ${strokeBy(strokes, strokes.length - 1)}.`
		)
	]
};
