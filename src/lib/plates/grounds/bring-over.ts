import { MOST_STRENGTH } from '$lib/core/ground/on-ground';
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
	'strengths',
	'palette'
] as const;

/**
 * A series that was never begun had no settings. A prediction was on from the start, whether or not anybody had asked for it: only the
 * exercise that was shown keeps it.
 */
function settingsIn(stored: StoredPlate): Readonly<Record<string, StoredPlate>> {
	const shown = (name: string): StoredPlate => ({ ...stored, predicted: stored.exercise === name && stored.predicted });
	return {
		'one-as-two': pick(shown('one-as-two'), 'predicted', 'strip', 'cover'),
		'two-as-one': pick(shown('two-as-one'), 'predicted', 'cover', 'solved'),
		'like-ground': pick(shown('like-ground'), 'predicted', 'strip', 'cover', 'solved'),
		rows: { scale: null, ...pick(shown('rows'), 'predicted', 'row', 'count', 'scale') },
		edges: { measured: stored.predicted },
		assimilation: pick(stored, 'line', 'strip'),
		'after-image': { covered: stored.cover, predicted: shown('after-image').predicted },
		judging: { ...(stored.judged as StoredPlate | undefined) },
		'own-contrast': { ...(stored.contrast as StoredPlate | undefined) }
	};
}

/** How much of the one strength that a plate once had works on colour. */
const ON_COLOUR = 0.27;

/** One strength for value and colour alike, as two; each brought into its range. */
function withStrengths({ influence, ...stored }: StoredPlate): StoredPlate {
	if (influence === undefined) return stored;
	if (typeof influence !== 'number') return { ...stored, influence };
	const held = (strength: number, most: number): number => Math.max(-most, Math.min(most, strength));
	const strengths = {
		value: held(influence, MOST_STRENGTH.value),
		colour: held(ON_COLOUR * influence, MOST_STRENGTH.colour)
	};
	return { ...stored, strengths };
}

/** A plate of the first format had the settings of all exercises beside each other. */
export const bringOverGrounds = (stored: StoredPlate): unknown =>
	bringOver(withStrengths(stored), {
		common: COMMON,
		settingsIn,
		begin: (name, common) => groundExercises.named(name).begin(common as unknown as GroundsCommon)
	});
