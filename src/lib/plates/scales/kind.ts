import { newId } from '$lib/model/ids';
import { linksTo } from '$lib/model/sources';
import { type PlateKind } from '../kind';
import { scaleDecisions } from './decisions';
import { SCALES_OFFERS } from './offers';
import { describeScales } from './describe';
import { drawScales } from './draw-scales';
import { scalesGive } from './gives';
import { newScales } from './make';
import { scalesParts } from './parts';
import { scalesPlaces, type ScalesPlace } from './places';
import { scaleChecks } from './plate-checks';
import { copyOfScale } from './scale-edits';
import { usedParents, usedSources } from './scale-of';
import { coloursOfScale } from './scale-colours';
import { scalesPlateSchema, type ScalesPlate } from './schema';
import { mapScalesSources } from './sources';
import { titleOfScales } from './title';

/** The same plate with ids of its own for scales and checks. */
function copyParts(plate: ScalesPlate): ScalesPlate {
	const scales = plate.scales.map(copyOfScale);
	const newIdOf = new Map(plate.scales.map(({ id }, i) => [id, scales[i]!.id]));
	const checks = plate.checks?.map((check) => ({
		...check,
		id: newId(),
		scale: check.scale && (newIdOf.get(check.scale) ?? null)
	}));
	return { ...plate, scales, checks };
}

/** Parents times steps, of all rows: even steps of paint take a millisecond or two for each of these (measured). */
const MANY_STEPS = 160;

/** Scales, one in a row, and what they are asked to meet. */
export const scales = {
	schema: scalesPlateSchema,
	words: {
		uses: (count) => `${count} scale${count === 1 ? '' : 's'}`,
		empty: 'Add a scale to the plate, and its parent comes into the mixer.'
	},
	mapSources: mapScalesSources,
	uses: (plate, id) => plate.scales.filter((scale) => usedSources(scale).some((source) => linksTo(source, id))).length,
	title: titleOfScales,
	part: { name: 'Scales', says: 'a colour on its way to another' },
	offers: SCALES_OFFERS,
	make: newScales,
	copyParts,
	partIds: ({ scales, checks = [] }) => [...scales, ...checks].map(({ id }) => id),
	contradictions: ({ scales, checks = [] }) =>
		checks
			.filter(({ scale }) => scale !== null && !scales.some(({ id }) => id === scale))
			.map(({ scale }) => `a check of a scale that its plate has, not ${scale}`),
	draw: (plate, linked, detail) => drawScales(plate, linked, detail !== 'colours'),
	describe: describeScales,
	heavy: ({ scales }) =>
		scales.reduce((sum, scale) => sum + usedParents(scale).length * (1 + scale.between), 0) > MANY_STEPS,
	colours: (plate, linked) => plate.scales.flatMap((scale) => coloursOfScale(scale, linked)),
	places: scalesPlaces,
	gives: scalesGive,
	parts: scalesParts,
	checks: scaleChecks,
	decisions: scaleDecisions,
	scales: (plate) => plate.scales
} satisfies PlateKind<ScalesPlate, ScalesPlace>;
