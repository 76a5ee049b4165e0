import { type StandFor } from '$lib/core/picture/taking';
import { type PicturePlate } from './schema';

/** How far the colours stand for the picture; null until it has been reckoned for the colours that there are now. */
export function measuredOf({ measured, places }: PicturePlate): StandFor | null {
	if (!measured || measured.of.length !== places.length || measured.shares.length !== places.length) return null;
	return measured.of.every((text, i) => text === places[i]!.text) ? measured : null;
}

/** The picture in as many values as were chosen, or as many as it has; null until that has been reckoned. */
export const notanOf = ({ known, values }: PicturePlate) => known?.notans[values - 2] ?? null;
