import { type Verdict } from '$lib/core/brief/rules';
import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { kindOf } from './kinds';

/** What came of each thing that a plate is asked to meet; none where nothing is asked. */
export const judgePlate = (plate: PlateBase, linked: readonly LinkedColour[]): readonly Verdict[] =>
	kindOf(plate).judge?.(plate, linked) ?? [];
