import { type ColourSource } from '$lib/model/colour-text';
import { type MapSources } from '$lib/model/sources';
import { type ScaleDecision } from './scale';
import { type ScalesPlate } from './schema';

/** The same scale with each of its colour sources changed as asked; the very same where none is. */
export function mapScaleSources(scale: ScaleDecision, change: (source: ColourSource) => ColourSource): ScaleDecision {
	const parents = scale.parents.map(change);
	const pins = scale.pins?.map((pin) => ({ ...pin, colour: change(pin.colour) }));
	const same =
		parents.every((source, i) => source === scale.parents[i]) &&
		(pins ?? []).every(({ colour }, i) => colour === scale.pins![i]!.colour);
	if (same) return scale;
	return pins ? { ...scale, parents, pins } : { ...scale, parents };
}

export const mapScalesSources: MapSources<ScalesPlate> = (plate, change) => ({
	...plate,
	scales: plate.scales.map((scale) => mapScaleSources(scale, change))
});
