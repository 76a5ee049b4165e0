import * as server from '$lib/client/measures';
import { type KeptMatch, type Measure } from '$lib/model/own-contrast';
import { notices } from '$lib/ui/notices.svelte';

const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : 'That could not be done.');

/** A person's own contrast as it was measured: the newest first. One list for all studies. */
class Measures {
	list = $state.raw<readonly Measure[]>([]);
	/** Whether the list has come yet. */
	loaded = $state(false);
	private asked = false;

	/** Asks the server for them, once. */
	load(): void {
		if (this.asked) return;
		this.asked = true;
		void this.carryOut(() => Promise.resolve());
	}

	/** Does something and lists them afresh; says what went wrong, and then gives null. */
	private async carryOut<T>(work: () => Promise<T>): Promise<T | null> {
		try {
			const done = await work();
			this.list = await server.listMeasures();
			this.loaded = true;
			return done;
		} catch (error) {
			this.asked = false;
			notices.say(wordsOf(error));
			return null;
		}
	}

	/** Keeps what a series came to; null where that could not be done. */
	keep(matches: readonly KeptMatch[]): Promise<Measure | null> {
		return this.carryOut(() => server.keepMeasure(matches));
	}

	async remove(id: string): Promise<void> {
		const done = await this.carryOut(() => server.deleteMeasure(id));
		if (done)
			notices.say('The measure is deleted.', {
				label: 'Bring it back',
				run: () => void this.carryOut(() => server.restoreMeasure(id))
			});
	}
}

export const measures = new Measures();
