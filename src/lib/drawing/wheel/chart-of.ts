import { fit } from '$lib/core/colour/shown';
import { makeChart, type ChartSpec, type Spoke } from '$lib/core/scheme/hue-chart';
import { type LinkedColour } from '$lib/model/study';
import { type WheelPlate } from '$lib/model/wheel-plate';
import { colourOf, textOf } from '../resolve';

/** A wheel plate as the core takes it. */
export function chartSpecOf(plate: WheelPlate, linked: readonly LinkedColour[]): ChartSpec {
	const { from, lead, value, chroma } = plate;
	const strength: ChartSpec['strength'] =
		from === 'given'
			? { kind: 'given', value, chroma }
			: { kind: 'lead', lead: fit(colourOf(textOf(lead, linked))).linear, holdValue: from === 'lead-value' };
	return { ...plate, strength };
}

const made = new WeakMap<WheelPlate, { text: string; chart: readonly Spoke[] }>();

/** The hues of a wheel plate with their rings. Reckoned again only when the plate or its lead colour has changed. */
export function chartOf(plate: WheelPlate, linked: readonly LinkedColour[]): readonly Spoke[] {
	const text = textOf(plate.lead, linked);
	const known = made.get(plate);
	if (known?.text === text) return known.chart;
	const chart = makeChart(chartSpecOf(plate, linked));
	made.set(plate, { text, chart });
	return chart;
}

/** The ring of the hues themselves, counted from the middle. */
export const hueRing = ({ inside }: WheelPlate): number => inside.count;
