import { type ColourSource } from '$lib/model/colour-text';
import { type WheelPlate } from './schema';
import { withPlateOf, type Edit } from '$lib/model/edit';

/** Decides something about a wheel plate. */
export const decideWheel = (plateId: string, decisions: Partial<Omit<WheelPlate, 'id' | 'kind'>>): Edit =>
	withPlateOf<WheelPlate>('wheel', plateId, (plate) => ({ ...plate, ...decisions }));

/** Another lead colour. A wheel of given value and chroma is reckoned from its lead from then on. */
export const setLead = (plateId: string, lead: ColourSource): Edit =>
	withPlateOf<WheelPlate>('wheel', plateId, (plate) => ({
		...plate,
		lead,
		from: plate.from === 'given' ? 'lead' : plate.from
	}));
