import { type LinkedColour } from '$lib/model/linked';
import { type PlateBase } from '$lib/model/plate-base';
import { type PlateCheck } from './checks';
import { kindOf } from './kinds';

/** What came of each thing that a plate is asked to meet; none where nothing is asked. */
export const judgePlate = (plate: PlateBase, linked: readonly LinkedColour[]): readonly PlateCheck[] =>
	kindOf(plate).checks.judged(plate, linked);
