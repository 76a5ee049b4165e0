import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type SchemePlace, memberOf } from '../places';
import { type SchemePlate } from '../schema';
import { type RelativeCell } from '../scheme-layout';

/** The workbench on which a slider of the mixer turns all members together; on any other it turns the one that is held. */
let together = $state.raw<Workbench | null>(null);
/** The relatives that are chosen to be kept, and of which plate. */
let chosen = $state.raw<{ readonly plate: string; readonly cells: readonly RelativeCell[] }>({ plate: '', cells: [] });

export const turnsTogether = (workbench: Workbench): boolean => together === workbench;
export function turnTogether(workbench: Workbench, all: boolean): void {
	together = all ? workbench : null;
}

export const chosenRelatives = ({ id }: SchemePlate): readonly RelativeCell[] =>
	chosen.plate === id ? chosen.cells : [];
export function chooseRelatives({ id }: SchemePlate, cells: readonly RelativeCell[]): void {
	chosen = { plate: id, cells };
}

/** What is held of the scheme that is open; null while the mixer holds a linked colour. */
export const placeOn = ({ placeHeld }: Workbench): SchemePlace | null => placeHeld as SchemePlace | null;

/** The member that is held, or of which a relative is, by its index; null while the mixer holds a linked colour. */
export function indexHeld(workbench: Workbench): number | null {
	const place = placeOn(workbench);
	return place && memberOf(place);
}
