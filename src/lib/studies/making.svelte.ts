import { goto } from '$app/navigation';
import { ownDefaults } from '$lib/client/own-defaults';
import { keepNew } from '$lib/client/studies';
import { takenUp } from '$lib/study/brief/take-up';
import { type Brief } from '$lib/study/brief/brief';
import { type StudyDocument } from '$lib/study/study';
import { today } from './today';
import { notices } from '$lib/ui/notices.svelte';

/** Makes studies and opens them. */
export class Making {
	/** Whether one is being made. */
	busy = $state(false);

	/** Keeps a document as a new study and opens it. Says in words what went wrong. */
	async open(document: StudyDocument): Promise<void> {
		this.busy = true;
		try {
			const study = await keepNew(document);
			await goto(`/studies/${study.id}`);
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The study could not be made.');
		} finally {
			this.busy = false;
		}
	}

	/** Takes up a brief, for whoever works in this browser. */
	readonly takeUp = (brief: Brief): Promise<void> =>
		this.open(takenUp(brief, { maker: ownDefaults().maker ?? '', date: today() }));
}
