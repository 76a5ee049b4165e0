import { z } from 'zod';
import { judgeOverlap, overlapOf, TRANSPARENCY_WORDS, type OverlapVerdict } from '$lib/core/mix/overlap';
import { said } from '$lib/core/remark';
import { type Shape } from '$lib/drawing/drawing';
import { FIGURE_FORMS, outlineOf } from '$lib/drawing/figure';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { INK, words } from '$lib/drawing/words';
import { colourSourceSchema, type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { decided, decidedColours } from '../../../decision';
import { MOST_MIXED, type MixesCommon } from '../../common';
import { type MixExercise, type MixPlace } from '../../exercise';
import { LEFT } from '../../mix-shapes';
import { namedParents, namedRow, parentName, parentsOf } from '../../parents';
import { chainPlaces } from './chain';
import { crossingOf } from './crossing';

const schema = z.strictObject({
	name: z.literal('overlap'),
	form: z.enum(FIGURE_FORMS),
	/** −1 the first figure in front, 0 level, 1 the second. */
	front: z.number().min(-1).max(1),
	/** Crossings set by hand, one for each two neighbours; null follows the slider. */
	crossings: z.array(colourSourceSchema.nullable()).length(MOST_MIXED - 1)
});
export type Overlap = z.infer<typeof schema>;

interface Crossing extends Patch {
	readonly verdict: OverlapVerdict;
	readonly byHand: boolean;
}

interface Made {
	readonly parents: readonly Patch[];
	readonly crossings: readonly Crossing[];
}

function make(common: MixesCommon, settings: Overlap, linked: readonly LinkedColour[]): Made {
	const parents = parentsOf(common, linked);
	const crossings = parents.slice(1).map((second, i): Crossing => {
		const first = parents[i]!;
		const source = settings.crossings[i] ?? null;
		const patch = source ? patchBy(source, linked) : patchOf(overlapOf(first.linear, second.linear, settings.front));
		return {
			...patch,
			verdict: judgeOverlap(first.linear, second.linear, patch.linear),
			byHand: source !== null
		};
	});
	return { parents, crossings };
}

function drawFigures(
	common: MixesCommon,
	{ form }: Overlap,
	{ parents, crossings }: Made,
	linked: readonly LinkedColour[]
): Shape[] {
	const { figures } = chainPlaces(parents.length, form);
	const figure = (path: string, fill: string): Shape => ({ kind: 'area', path, fill });
	return [
		...figures.map((box, i) => figure(outlineOf(form, box), parents[i]!.hex)),
		...crossings.map(({ hex }, i) => figure(crossingOf(form, figures[i]!, figures[i + 1]!), hex)),
		...figures.map((box, i) =>
			words(box.x + box.width / 2, 84, `${i + 1}, ${parentName(common, i, linked)}`, { anchor: 'middle' })
		)
	];
}

/** Whether each crossing reads as transparent, and why. */
function drawVerdicts(crossings: readonly Crossing[]): Shape[] {
	const step = crossings.length > 2 ? 30 : 36;
	return crossings.flatMap(({ verdict, hex, byHand }, i) => {
		const title = `${i + 1} over ${i + 2}, ${hex}${byHand ? ', by hand' : ''}: ${TRANSPARENCY_WORDS[verdict.transparency]}`;
		return [
			words(LEFT, 450 + i * step, title, { fill: INK, strong: true }),
			words(LEFT, 464 + i * step, verdict.reason)
		];
	});
}

/** The colour where figures cross, chosen so that one seems transparent, and which one is in front. */
export const overlap: MixExercise<Overlap, Made> = {
	name: 'overlap',
	schema,
	words: {
		name: 'Overlaps',
		says: 'The colour where figures cross, chosen so that one seems transparent, and which one is in front.',
		source: 'Fabio Metelli, 1974'
	},
	heading: 'overlaps',
	decides: {
		form: decided('form', 'the form of the figures'),
		front: decided('front', 'which figure is in front'),
		crossings: decidedColours('crossing', (i) => `the crossing of figures ${i + 1} and ${i + 2}`)
	},
	begin: () => ({ name: 'overlap', form: 'squares', front: 0, crossings: [null, null, null, null, null] }),
	mapSources: (settings, change) => ({
		...settings,
		crossings: settings.crossings.map((source) => source && change(source))
	}),
	make,
	draw: ({ common, settings, made, linked }, detail) => [
		...drawFigures(common, settings, made, linked),
		...(detail === 'question' ? [] : drawVerdicts(made.crossings))
	],
	places: ({ parents }, { form }): MixPlace[] => {
		const { figures, crossings } = chainPlaces(parents.length, form);
		return [
			...figures.map((box, i) => ({ what: 'parent', key: String(i), box }) as const),
			...crossings.map((box, i) => ({ what: 'crossing', key: String(i), box }) as const)
		];
	},
	seen: ({ made: { crossings } }, { key }) => {
		const index = Number(key);
		const crossing = crossings[index];
		return crossing ? { ...crossing, name: `Crossing of figures ${index + 1} and ${index + 2}` } : null;
	},
	settable: ({ settings, made: { crossings } }, { what, key }, set) => {
		const index = Number(key);
		const crossing = what === 'crossing' ? crossings[index] : undefined;
		if (!crossing) return null;
		return {
			source: settings.crossings[index] ?? { text: crossing.hex },
			name: 'Crossing',
			note: `of figures ${index + 1} and ${index + 2}, ${crossing.byHand ? 'set by hand' : 'follows the slider'}`,
			put: (source) => set(crossingSet(index, source))
		};
	},
	crossings: ({ made: { crossings } }) => crossings.map(({ linear }) => linear),
	// A crossing set by hand goes with the figures that it belonged to.
	without: (settings, parent) => ({
		...settings,
		crossings: [...settings.crossings.filter((_, i) => i !== Math.max(0, parent - 1)), null]
	}),
	colours: ({ common, made: { crossings }, linked }) => [
		...namedParents(common, linked),
		...namedRow(crossings, (i) => `Crossing ${i + 1}`)
	],
	reveals: (settings) => [
		{ settings, asks: true, says: 'do they seem transparent?' },
		{ settings, says: 'the verdicts' }
	],
	remarks: ({ made: { crossings } }) =>
		crossings.map(({ verdict }, i) =>
			said(
				'overlap.verdict',
				verdict.transparency === 'reads',
				`${i + 1} over ${i + 2} ${TRANSPARENCY_WORDS[verdict.transparency]}. ${verdict.reason}`
			)
		)
};

/** Sets a crossing by hand; null lets it follow the slider again. */
export const crossingSet =
	(index: number, source: ColourSource | null) =>
	(settings: Overlap): Overlap => ({
		...settings,
		crossings: settings.crossings.map((crossing, i) => (i === index ? source : crossing))
	});
