import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type Surroundings } from '$lib/model/surroundings';
import { type WheelPlate } from './schema';
import { titleOfWheel } from './title';

/** A wheel to go on with: twelve hues from the study's first colour, tints inside and shades outside. */
export function newWheel(study: Surroundings): WheelPlate {
	const lead = study.colours[0];
	const plate: WheelPlate = {
		id: newId(),
		kind: 'wheel',
		title: '',
		titledBy: 'machine',
		wheel: 'painter',
		hues: 12,
		from: 'lead',
		lead,
		value: 60,
		chroma: 0.12,
		inside: { recipe: 'tints', count: 3 },
		outside: { recipe: 'shades', count: 2 },
		making: 'mixed',
		method: 'oklab',
		dulling: 'neutral',
		discStrength: 0.4,
		label: 'name'
	};
	return { ...plate, title: asLine(titleOfWheel(plate, study.linked)) };
}
