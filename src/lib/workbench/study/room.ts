import { MOST_PLATES, type StudyDocument } from '$lib/study/study';
import { notices } from '$lib/ui/notices.svelte';

/** Whether a study holds one plate more; where it does not, says so. */
export function hasRoomForPlate({ plates }: StudyDocument): boolean {
	if (plates.length < MOST_PLATES) return true;
	notices.say(`A study holds ${MOST_PLATES} plates at most.`);
	return false;
}
