import { z } from 'zod';
import { mixBy } from '$lib/core/mix/ways';
import { holds } from '$lib/core/remark';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { patchOf, type Patch } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { decided } from '../../../decision';
import { type AtWork } from '../../../exercise';
import { type MixesCommon } from '../../common';
import { type MixExercise } from '../../exercise';
import { LEFT, under } from '../../mix-shapes';
import { namedParents, parentName, parentsOf } from '../../parents';
import { OPTICAL, steppedBack } from './optical-layout';
import { areaShares, OPTICAL_PATTERNS, patternIn } from './pattern';

const schema = z.strictObject({
	name: z.literal('optical'),
	pattern: z.enum(OPTICAL_PATTERNS),
	/** Width of a stripe, a check or a dot's field, in plate units. */
	grain: z.number().min(1.5).max(40)
});
export type Optical = z.infer<typeof schema>;

interface Made {
	readonly parents: readonly Patch[];
	/** The flat mean of light of all parents by the areas that the pattern gives them. */
	readonly mean: Patch;
}

/** @param back How far one has stepped back, as a share of its size. */
export function drawOptical(
	{ common, settings: { pattern, grain }, made: { parents, mean }, linked }: AtWork<MixesCommon, Optical, Made>,
	answered: boolean,
	back = 1
): Shape[] {
	const names = parents.map((_, i) => parentName(common, i, linked));
	const codes = parents.map(({ hex }) => hex);
	const areas = pattern === 'dots' && names.length > 2 ? 'unequal' : 'equal';
	const answer = [
		bar(steppedBack(OPTICAL.mean, back), mean.hex),
		under(OPTICAL.mean, `the mean of their light, ${mean.hex}`),
		words(
			LEFT + 24,
			462,
			'From far enough away the two fields look alike: the eye takes the mean of the light, not of the codes.',
			{ face: 'serif', size: 14, fill: INK }
		),
		words(LEFT + 24, 482, `${names.length} colours in ${areas} areas`)
	];
	return [
		...patternIn(steppedBack(OPTICAL.pattern, back), pattern, grain * back, codes),
		under(OPTICAL.pattern, `${pattern} of ${names.join(', ')}`),
		...(answered ? answer : [])
	];
}

/** Fine stripes, checks or dots beside the flat mean of their light. */
export const optical: MixExercise<Optical, Made> = {
	name: 'optical',
	schema,
	words: {
		name: 'The optical mix',
		says: 'Fine stripes, checks or dots beside the flat mean of their light; step back until they are one.',
		source: 'Chevreul, 1839; the practice of Georges Seurat'
	},
	heading: 'the optical mix',
	decides: {
		pattern: decided('pattern', 'the pattern'),
		grain: decided('grain', 'how fine the pattern is')
	},
	begin: () => ({ name: 'optical', pattern: 'stripes', grain: 8 }),
	make: (common, { pattern }, linked) => {
		const parents = parentsOf(common, linked);
		const areas = areaShares(pattern, parents.length);
		const seen = parents.map(({ linear }, i) => ({ linear, weight: areas[i]! }));
		return { parents, mean: patchOf(mixBy('optical', seen).linear) };
	},
	draw: (at, detail) => drawOptical(at, detail !== 'question'),
	places: () => [{ what: 'mix', key: 'mean', box: OPTICAL.mean }],
	seen: ({ made }) => ({ ...made.mean, name: 'Mean of light' }),
	colours: ({ common, made, linked }) => [
		...namedParents(common, linked),
		{ name: 'Mean of light', hex: made.mean.hex }
	],
	reveals: (settings) => [
		{ settings, asks: true, says: 'the pattern' },
		{ settings, says: 'and the mean of its light' }
	],
	remarks: () => [holds('optical.same-light', 'The fine pattern and the flat field send the eye the same light.')]
};
