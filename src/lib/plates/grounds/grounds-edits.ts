import { type Strengths } from '$lib/core/ground/on-ground';
import { type ColourSource } from '$lib/model/colour-text';
import { withPlateOf, withPlatesOf, type Edit } from '$lib/model/edit';
import { type Settings } from '../exercise';
import { type GroundsCommon } from './common';
import { type GroundExercise } from './exercise';
import { groundExercises } from './exercises';
import { type GroundsPlate } from './schema';

const withGrounds = (plateId: string, change: (plate: GroundsPlate) => GroundsPlate): Edit =>
	withPlateOf<GroundsPlate>('grounds', plateId, change);

/** Decides something that is common to all exercises of a plate of grounds. */
export const decideGrounds = (plateId: string, decisions: Partial<Omit<GroundsCommon, 'id' | 'kind'>>): Edit =>
	withGrounds(plateId, (plate) => ({ ...plate, ...decisions }));

/** Shows another exercise; the one before is kept as it was left. */
export const changeExercise = (plateId: string, name: string): Edit =>
	withGrounds(plateId, (plate) => groundExercises.change(plate, name));

/** Changes the settings of an exercise. */
export const setExercise = <S extends Settings, M>(
	plateId: string,
	exercise: GroundExercise<S, M>,
	change: (settings: S) => S
): Edit => withGrounds(plateId, (plate) => groundExercises.set(exercise, plate, change));

/** Sets a ground or a figure, the first or the second. */
export const setGroundColour = (plateId: string, what: 'ground' | 'figure', index: 0 | 1, source: ColourSource): Edit =>
	withGrounds(plateId, (plate) => {
		const key = what === 'ground' ? 'grounds' : 'figures';
		const [one, other] = plate[key];
		return { ...plate, [key]: index === 0 ? [source, other] : [one, source] };
	});

/** Lets every plate of grounds predict with these strengths. */
export const setAllStrengths = (strengths: Strengths): Edit =>
	withPlatesOf<GroundsPlate>('grounds', (plate) => ({ ...plate, strengths }));

/** Lets the two grounds change places. */
export const exchangeGrounds = (plateId: string): Edit =>
	withGrounds(plateId, (plate) => ({ ...plate, grounds: [plate.grounds[1], plate.grounds[0]] }));
