import { holds, type Remark } from '$lib/core/remark';
import { decided, LOOKED_AT } from '../../../decision';
import { mapScaleSources } from '../../../scales/sources';
import { type GroundExercise } from '../../exercise';
import { figureIn } from '../../grounds-layout';
import { drawRow } from './draw-row';
import { rowOf, type SeenRow } from './row-of';
import { rowBoxes } from './rows-layout';
import { rowsSchema, type Rows } from './schema';

const signed = (value: number): string => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(0)}`;

function remarksOnRow({ scale, predicted }: Rows, row: readonly SeenRow[]): Remark[] {
	if (row.length === 0 || !predicted) return [];
	const values = row.map(({ value }) => value);
	const [least, most] = [signed(Math.min(...values)), signed(Math.max(...values))];
	const range = least === most ? `${least} L* on every ground` : `${least} to ${most} L*`;
	const what = scale ? 'the value of the whole scale, in the mean, seems' : 'its value seems';
	return [holds('grounds.row', `By the model ${what} to shift by ${range}.`)];
}

/** One colour, or a whole scale, over a row of grounds. */
export const rows: GroundExercise<Rows, readonly SeenRow[]> = {
	name: 'rows',
	schema: rowsSchema,
	words: { name: 'Rows of grounds', says: 'One colour over a row of grounds, and what it seems to become on each.' },
	heading: 'rows of grounds',
	decides: {
		predicted: LOOKED_AT,
		row: decided('row', 'which row of grounds it is'),
		count: decided('count', 'the number of grounds'),
		scale: decided('scale', 'the scale that lies over the grounds')
	},
	fields: ['figures', 'strength'],
	begin: () => ({ name: 'rows', predicted: false, row: 'values', count: 7, scale: null }),
	mapSources: (settings, change) => ({
		...settings,
		scale: settings.scale && mapScaleSources(settings.scale, change)
	}),
	make: rowOf,
	draw: ({ common, settings, made }) => drawRow(common, settings, made),
	// The steps of a scale follow from it.
	places: ({ form, size }, { scale, count }) =>
		scale ? [] : [{ what: 'figure', index: 0, said: 'Figure', box: figureIn(rowBoxes(count)[0]!, form, size) }],
	colours: ({ settings, made }) =>
		settings.scale || !settings.predicted
			? (made[0]?.seen ?? []).map(({ figure }, i) => ({
					name: settings.scale ? `Step ${i + 1}` : 'Figure',
					hex: figure.hex
				}))
			: made.flatMap(({ seen }, i) =>
					seen.map(({ looks, shift }) => ({ name: `On ground ${i + 1}: ${shift.words}`, hex: looks.hex }))
				),
	preview: ({ made }) => made.map(({ ground }) => ground.hex),
	reveals: (settings) => [
		{ settings: { ...settings, predicted: false }, says: 'on every ground' },
		{ settings: { ...settings, predicted: true }, says: 'what they seem to become, by the model' }
	],
	remarks: ({ settings, made }) => remarksOnRow(settings, made)
};
