import { getContext, setContext, type Snippet } from 'svelte';

/** Choices that stand beside what they are about. */
export interface BesidePanel {
	readonly id: string;
	readonly title: string;
	readonly content: Snippet;
	/** What is said under it; nothing unless there is something to say. */
	readonly hint: string | null;
	readonly onclose: () => void;
}

/**
 * The place beside a plate where choices open, so that nothing covers what is being judged. One is seen at a time; one that was opened
 * from another lies over it, and leaves it as it was.
 */
export class Beside {
	open = $state.raw<readonly BesidePanel[]>([]);
	readonly top: BesidePanel | null = $derived(this.open.at(-1) ?? null);

	/** @param trying Shows what an act would come to, without anything being decided; null takes that back. */
	constructor(readonly trying: (act: (() => void) | null) => void) {}

	/** @param over Whether it is opened from the one that is seen, and goes back to it. */
	show(panel: BesidePanel, over: boolean): void {
		if (!over && this.open[0]) this.close(this.open[0].id);
		this.open = [...this.open, panel];
	}

	/** Closes the one that is seen, or the one with this id and what lies over it. */
	close(id: string | undefined = this.top?.id): void {
		const from = this.open.findIndex((panel) => panel.id === id);
		if (from < 0) return;
		this.trying(null);
		const closed = this.open.slice(from);
		this.open = this.open.slice(0, from);
		closed[0]!.onclose();
	}
}

const KEY = Symbol('beside');
export const setBeside = (beside: Beside): Beside => setContext(KEY, beside);
export const getBeside = (): Beside => getContext<Beside>(KEY);
