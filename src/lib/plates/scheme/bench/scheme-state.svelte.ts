import { list } from '$lib/core/scale/remarks';
import { capital } from '$lib/model/surroundings';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type SchemePlace, memberOf } from '../places';

/** The workbench on which a slider of the mixer turns all members together; on any other it turns the one that is held. */
let together = $state.raw<Workbench | null>(null);
/** The members, from 0, that could not be turned as far as the others the last time; and on which workbench. */
let stopped = $state.raw<{ readonly workbench: Workbench; readonly members: readonly number[] } | null>(null);

export function sayWhoStopped(workbench: Workbench, members: readonly number[]): void {
	stopped = { workbench, members };
}

/** "The lead and member 3 met the edge.", or nothing. */
export function whoStopped(workbench: Workbench): string {
	if (stopped?.workbench !== workbench || stopped.members.length === 0) return '';
	const names = stopped.members.map((i) => (i === 0 ? 'the lead' : `member ${i + 1}`));
	return `${capital(list(names))} met the edge`;
}

export const turnsTogether = (workbench: Workbench): boolean => together === workbench;
export function turnTogether(workbench: Workbench, all: boolean): void {
	together = all ? workbench : null;
	stopped = null;
}

/** What is held of the scheme that is open; null while the mixer holds a linked colour. */
export const placeOn = ({ placeHeld }: Workbench): SchemePlace | null => placeHeld as SchemePlace | null;

/** The member that is held, or of which a relative is, by its index; null while the mixer holds a linked colour. */
export function indexHeld(workbench: Workbench): number | null {
	const place = placeOn(workbench);
	return place && memberOf(place);
}
