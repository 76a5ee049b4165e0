import { MOST_PLATES, type StudyDocument } from '$lib/study/study';
import { notices } from '$lib/ui/notices.svelte';

/** Whether a study holds one plate more, or so many; where it does not, says so. */
export function hasRoomForPlate({ plates }: StudyDocument, more = 1): boolean {
	if (plates.length + more <= MOST_PLATES) return true;
	notices.say(`A study holds ${MOST_PLATES} plates at most.`);
	return false;
}
