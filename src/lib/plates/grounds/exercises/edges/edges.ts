import { z } from 'zod';
import { edgeBetween, type Edge } from '$lib/core/ground/edges';
import { said } from '$lib/core/remark';
import { type Patch } from '$lib/drawing/patch';
import { LOOKED_AT } from '../../../decision';
import { type GroundExercise } from '../../exercise';
import { namedGrounds } from '../../grounds-colours';
import { GROUND_BOXES, placesOfGrounds } from '../../grounds-layout';
import { codesOfPair } from '../../previews';
import { bothGrounds } from '../../seen';
import { borderWords } from './border-words';
import { drawEdge, drawMeasure } from './draw-edge';

const schema = z.strictObject({
	name: z.literal('edges'),
	/** Whether the measure of the border is shown. */
	measured: z.boolean()
});
export type Edges = z.infer<typeof schema>;

interface Made {
	readonly grounds: readonly [Patch, Patch];
	readonly edge: Edge;
}

/** A border that nearly disappears, or one that flickers. */
export const edges: GroundExercise<Edges, Made> = {
	name: 'edges',
	schema,
	words: {
		name: 'Edges',
		says: 'A border that nearly disappears, or one that flickers.',
		source: 'Josef Albers, 1963; Susanne Liebmann, 1927'
	},
	heading: 'edges',
	decides: { measured: LOOKED_AT },
	fields: [],
	begin: () => ({ name: 'edges', measured: false }),
	make: (common, _, linked) => {
		const { grounds } = bothGrounds(common, linked);
		return { grounds, edge: edgeBetween(grounds[0].linear, grounds[1].linear) };
	},
	draw: ({ settings, made: { grounds, edge } }) => [
		...drawEdge(grounds),
		...(settings.measured ? drawMeasure(edge) : [])
	],
	places: () => placesOfGrounds(GROUND_BOXES),
	colours: ({ made }) => namedGrounds(made.grounds),
	preview: ({ common, linked }) => codesOfPair(common, linked),
	reveals: (settings) => [
		{ settings: { ...settings, measured: false }, says: 'the border' },
		{ settings: { ...settings, measured: true }, says: 'with its measure' }
	],
	remarks: ({ made: { edge } }) => {
		return [said('edges.border', edge.vanishing > 0.5 || edge.vibrating > 0.5, borderWords(edge))];
	}
};
