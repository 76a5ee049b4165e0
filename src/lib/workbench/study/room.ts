import { MOST_LINKED } from '$lib/model/linked';
import { MOST_PLATES } from '$lib/study/parts';
import { type StudyDocument } from '$lib/study/study';
import { notices } from '$lib/ui/notices.svelte';

/** Whether so many fit; where they do not, says how many a study holds. */
function fits(count: number, most: number, what: string): boolean {
	if (count <= most) return true;
	notices.say(`A study holds ${most} ${what} at most.`);
	return false;
}

/** Whether a study holds one plate more, or so many; where it does not, says so. */
export const hasRoomForPlate = ({ plates }: StudyDocument, more = 1): boolean =>
	fits(plates.length + more, MOST_PLATES, 'plates');

/** Whether a study holds one linked colour more, or so many; where it does not, says so. */
export const hasRoomForLinked = ({ linked }: StudyDocument, more = 1): boolean =>
	fits(linked.length + more, MOST_LINKED, 'linked colours');
