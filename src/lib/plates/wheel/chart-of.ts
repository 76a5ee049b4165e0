import { fit } from '$lib/core/colour/shown';
import { makeChart, type ChartSpec, type Spoke } from '$lib/core/scheme/hue-chart';
import { type LinkedColour } from '$lib/model/linked';
import { remembered } from '$lib/model/remembered';
import { type WheelPlate } from './schema';
import { sourcesOfWheel } from './sources';
import { colourOf, textOf } from '$lib/model/resolve';

/** A wheel plate as the core takes it. */
export function chartSpecOf(plate: WheelPlate, linked: readonly LinkedColour[]): ChartSpec {
	const { from, lead, value, chroma, dulling = 'mixed' } = plate;
	const leadOf = fit(colourOf(textOf(lead, linked)));
	const strength: ChartSpec['strength'] =
		from === 'given'
			? { kind: 'given', value, chroma }
			: { kind: 'lead', lead: leadOf.linear, mapped: leadOf.mapped, holdValue: from === 'lead-value' };
	return { ...plate, strength, dulling };
}

/** The hues of a wheel plate with their rings. Reckoned again only when the plate or its lead colour has changed. */
export const chartOf = remembered(sourcesOfWheel, (plate: WheelPlate, linked): readonly Spoke[] =>
	makeChart(chartSpecOf(plate, linked))
);

/** The ring of the hues themselves, counted from the middle. */
export const hueRing = ({ inside }: WheelPlate): number => inside.count;
