import { bringOver, pick, type StoredPlate } from '../bring-over';
import { type GroundsCommon } from './common';
import { groundExercises } from './exercises';

const COMMON = [
	'id',
	'kind',
	'title',
	'grounds',
	'figures',
	'form',
	'size',
	'groundForm',
	'groundSize',
	'influence',
	'palette'
] as const;

/** A series that was never begun had no settings. */
const settingsIn = (stored: StoredPlate): Readonly<Record<string, StoredPlate>> => ({
	'one-as-two': pick(stored, 'predicted', 'strip', 'cover'),
	'two-as-one': pick(stored, 'predicted', 'cover', 'solved'),
	'like-ground': pick(stored, 'predicted', 'strip', 'cover', 'solved'),
	rows: { scale: null, ...pick(stored, 'predicted', 'row', 'count', 'scale') },
	edges: { measured: stored.predicted },
	assimilation: pick(stored, 'line', 'strip'),
	'after-image': { covered: stored.cover, predicted: stored.predicted },
	judging: { ...(stored.judged as StoredPlate | undefined) },
	'own-contrast': { ...(stored.contrast as StoredPlate | undefined) }
});

/** A plate of the first format had the settings of all exercises beside each other. */
export const bringOverGrounds = (stored: StoredPlate): unknown =>
	bringOver(stored, {
		common: COMMON,
		settingsIn,
		begin: (name, common) => groundExercises.named(name).begin(common as unknown as GroundsCommon)
	});
