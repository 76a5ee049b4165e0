import { list } from '$lib/core/scale/remarks';
import { capital } from '$lib/model/surroundings';
import { perWorkbench } from '$lib/workbench/study/per-workbench';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type SchemePlace, memberOf } from '../places';

/** How the mixer turns the members of a scheme. */
class Turning {
	/** Whether a slider turns all members together, or the one that is held. */
	together = $state(false);
	/** The members, from 0, that could not be turned as far as the others the last time. */
	stopped = $state.raw<readonly number[]>([]);

	turnTogether(all: boolean): void {
		this.together = all;
		this.stopped = [];
	}

	/** "The lead and member 3 met the edge", or nothing. */
	get whoStopped(): string {
		if (!this.together || this.stopped.length === 0) return '';
		const names = this.stopped.map((i) => (i === 0 ? 'the lead' : `member ${i + 1}`));
		return `${capital(list(names))} met the edge`;
	}
}

export const turningOf = perWorkbench(() => new Turning());

/** What is held of the scheme that is open; null while the mixer holds a linked colour. */
export const placeOn = ({ placeHeld }: Workbench): SchemePlace | null => placeHeld as SchemePlace | null;

/** The member that is held, or of which a relative is, by its index; null while the mixer holds a linked colour. */
export function indexHeld(workbench: Workbench): number | null {
	const place = placeOn(workbench);
	return place && memberOf(place);
}
