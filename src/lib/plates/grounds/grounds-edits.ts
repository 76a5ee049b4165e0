import { type ColourSource } from '$lib/model/colour-text';
import { type GroundsPlate } from './schema';
import { seriesOf } from './contrast-of';
import { type ContrastSeries } from '$lib/model/own-contrast';
import { withPlateOf, withPlatesOf, type Edit } from '$lib/model/edit';

const withGrounds = (plateId: string, change: (plate: GroundsPlate) => GroundsPlate): Edit =>
	withPlateOf<GroundsPlate>('grounds', plateId, change);

/** Decides something about a plate of grounds. */
export const decideGrounds = (plateId: string, decisions: Partial<Omit<GroundsPlate, 'id' | 'kind'>>): Edit =>
	withGrounds(plateId, (plate) => ({ ...plate, ...decisions }));

/** Sets a ground or a figure, the first or the second. */
export const setGroundColour = (plateId: string, what: 'ground' | 'figure', index: 0 | 1, source: ColourSource): Edit =>
	withGrounds(plateId, (plate) => {
		const key = what === 'ground' ? 'grounds' : 'figures';
		const [one, other] = plate[key];
		return { ...plate, [key]: index === 0 ? [source, other] : [one, source] };
	});

/** Changes the series of matches of one's own contrast. */
export const setContrast = (plateId: string, change: (series: ContrastSeries) => ContrastSeries): Edit =>
	withGrounds(plateId, (plate) => ({ ...plate, contrast: change(seriesOf(plate)) }));

/** Lets every plate of grounds predict with this strength. */
export const setAllInfluences = (influence: number): Edit =>
	withPlatesOf<GroundsPlate>('grounds', (plate) => ({ ...plate, influence }));

/** Lets the two grounds change places. */
export const exchangeGrounds = (plateId: string): Edit =>
	withGrounds(plateId, (plate) => ({ ...plate, grounds: [plate.grounds[1], plate.grounds[0]] }));
