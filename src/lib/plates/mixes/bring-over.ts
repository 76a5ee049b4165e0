import { hasExercise, leftAside, pick, type StoredPlate } from '../bring-over';
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
export function bringOverMixes(stored: StoredPlate): unknown {
	if (!hasExercise(stored)) return stored;
	const common = pick(stored, 'id', 'kind', 'title', 'parents');
	const begin = (name: string) => mixExercises.named(name).begin(common as unknown as MixesCommon);
	return { ...common, ...leftAside(stored.exercise, settingsIn(stored), begin) };
}
