import { bringOver, pick, type StoredPlate } from '../bring-over';
import { type MixesCommon } from './common';
import { mixExercises } from './exercises';

const settingsIn = (stored: StoredPlate): Readonly<Record<string, StoredPlate>> => ({
	ways: pick(stored, 'way'),
	middle: pick(stored, 'lean', 'guess', 'revealed'),
	halving: pick(stored, 'levels', 'method', 'strength', 'strokes'),
	overlap: { form: stored.figure, ...pick(stored, 'front', 'crossings') },
	optical: pick(stored, 'pattern', 'grain'),
	balance: pick(stored, 'laid')
});

/** A plate of the first format had the settings of all exercises beside each other. */
export const bringOverMixes = (stored: StoredPlate): unknown =>
	bringOver(stored, {
		common: ['id', 'kind', 'title', 'parents'],
		settingsIn,
		begin: (name, common) => mixExercises.named(name).begin(common as unknown as MixesCommon)
	});
