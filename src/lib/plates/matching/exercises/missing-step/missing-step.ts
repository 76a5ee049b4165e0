import { z } from 'zod';
import { ordinal } from '$lib/core/ordinals';
import { pathBetween, pointOn } from '$lib/core/scale/path';
import { seeded } from '$lib/core/seeded';
import { bar } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { colourSourceSchema } from '$lib/model/colour-text';
import { decided, decidedColours } from '../../../decision';
import { byEye } from '../../by-eye';
import { drawnColours } from '../../drawn-colours';
import { matchShape } from '../../match-state';

const [LEAST, MOST] = [5, 9] as const;
const schema = z
	.strictObject({
		name: z.literal('missing-step'),
		...matchShape,
		parents: z.tuple([colourSourceSchema, colourSourceSchema]),
		count: z.int().min(LEAST).max(MOST),
		/** Which step is missing, from 1; never an end. */
		missing: z
			.int()
			.min(1)
			.max(MOST - 2)
	})
	.refine(({ count, missing }) => missing < count - 1, 'a step between the ends');
export type MissingStep = z.infer<typeof schema>;

/** Where a step stands: they touch. */
const stepBox = ({ x, y, width, height }: Box, index: number, count: number): Box => ({
	x: x + (index * width) / count,
	y,
	width: width / count,
	height
});

/** A scale with one of its steps to be found. */
export const missingStep = byEye<MissingStep, readonly Patch[]>({
	name: 'missing-step',
	schema,
	words: {
		name: 'The step that is missing',
		says: 'A scale in equal steps with one of them left out.'
	},
	heading: 'a step is missing',
	decides: {
		parents: decidedColours('subject', (i) => `the ${ordinal(i)} end`),
		count: decided('count', 'the number of steps'),
		missing: decided('missing', 'which step is missing')
	},
	begin: () => ({ name: 'missing-step', parents: [{ text: '#303030' }, { text: '#e8e8e8' }], count: 7, missing: 3 }),
	make: ({ parents: [one, other], count }, linked) => {
		const path = pathBetween(patchBy(one, linked).linear, patchBy(other, linked).linear, 'oklab', false);
		return Array.from({ length: count }, (_, i) => patchOf(pointOn(path, i / (count - 1)).linear));
	},
	regions: ({ settings, made }) => [{ name: 'The missing step', target: made[settings.missing]!, lit: null }],
	colours: ([0, 1] as const).map((index) => ({
		key: String(index),
		name: index === 0 ? 'First end' : 'Other end',
		note: 'of the scale',
		of: ({ parents }: MissingStep) => parents[index],
		put: (settings: MissingStep, source) => ({
			...settings,
			parents: index === 0 ? [source, settings.parents[1]] : [settings.parents[0], source]
		})
	})),
	count: 1,
	layout: 'one',
	subject: ({ made }, box) => made.map(({ hex }, i) => bar(stepBox(box, i, made.length), hex)),
	drawn: ({ settings, made }, box, [fill]) =>
		made.map(({ hex }, i) => bar(stepBox(box, i, made.length), i === settings.missing ? fill! : hex)),
	open: ({ settings, made }, box) => stepBox(box, settings.missing, made.length),
	another: (settings, seed) => {
		const [next, chance] = [drawnColours(seed), seeded(seed * 41 + 3)];
		const missing = 1 + Math.floor(chance() * (settings.count - 2));
		return { ...settings, seed, parents: [next(), next()], missing };
	},
	asks: () => 'Set the step that is grey, so that the scale goes on evenly.'
});
