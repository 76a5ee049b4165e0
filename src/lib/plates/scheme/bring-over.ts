import { MOST_RELATIVES, RELATIVE_SIZES } from '$lib/core/scheme/relatives';
import { type StoredPlate } from '../bring-over';

/** Relatives as they were stored before 2026-11-26: so many a side, up to twenty, the last one so many per cent of the way. */
interface ByShare {
	readonly shown: unknown;
	readonly steps: unknown;
	readonly amount: unknown;
}

const isByShare = (relatives: unknown): relatives is ByShare =>
	typeof relatives === 'object' && relatives !== null && 'amount' in relatives && 'steps' in relatives;

/** A scheme in today's shape: its relatives stand at equal differences now, and none is chosen yet. */
export function bringOverScheme(stored: StoredPlate): unknown {
	const { relatives } = stored;
	if (!isByShare(relatives)) return stored;
	const { shown, steps, amount } = relatives;
	// What was no number is refused by name, as it was.
	if (typeof steps !== 'number' || typeof amount !== 'number') return stored;
	const most = Math.min(MOST_RELATIVES, steps);
	return { ...stored, relatives: { shown, steps: most, size: RELATIVE_SIZES.usual, cross: 0, chosen: [] } };
}
