import { type Parts } from '../parts';
import { firstParent, type ScalesPlace } from './places';
import { scaleSchema, type ScaleDecision } from './scale';
import { coloursOfScale } from './scale-colours';
import { addScale, copyOfScale, deleteScale } from './scale-edits';
import { MOST_SCALES, type ScalesPlate } from './schema';
import { mapScaleSources } from './sources';

/** Rows of scales, taken along one by one. */
export const scalesParts: Parts<ScalesPlate, ScalesPlace, ScaleDecision> = {
	word: 'row',
	schema: scaleSchema,
	ids: ({ scales }) => scales.map(({ id }) => id),
	idAt: (_, place) => place.scale,
	placeOf: ({ scales }, id) => {
		const row = scales.find((each) => each.id === id);
		return row ? firstParent(row) : null;
	},
	at: ({ scales }, place) => scales.find(({ id }) => id === place.scale) ?? null,
	mapSources: mapScaleSources,
	colours: coloursOfScale,
	full: ({ scales }) =>
		scales.length < MOST_SCALES ? null : `A plate holds ${MOST_SCALES} scales at most. Add another plate for more.`,
	add: (plate, part, after) => {
		const row = copyOfScale(part);
		const under = plate.scales.some(({ id }) => id === after?.scale) ? after!.scale : null;
		return { edit: addScale(plate.id, row, under), place: firstParent(row) };
	},
	remove: (plate, place) => deleteScale(plate.id, place.scale)
};
