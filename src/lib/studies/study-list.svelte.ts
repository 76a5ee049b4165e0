import { listStudies } from '$lib/client/studies';
import { type ListQuery, type StudyLine, type StudyList } from '$lib/study/requests';
import { HELPING } from '$lib/model/listed';

/** The list of studies as far as it has come, helping by helping. */
export class ShownStudies {
	lines = $state.raw<readonly StudyLine[]>([]);
	unreadable = $state.raw<readonly string[]>([]);
	/** Where the next helping begins, or null at the end of the list. */
	next = $state<string | null>(null);
	/** Whether a helping is under way. */
	busy = $state(false);
	private query: ListQuery;

	constructor(list: StudyList, query: ListQuery) {
		this.query = query;
		this.begin(list, query);
	}

	/** Begins another list, or this one afresh. */
	begin({ lines, unreadable, next }: StudyList, query: ListQuery): void {
		this.query = query;
		this.lines = lines;
		this.unreadable = unreadable;
		this.next = next;
	}

	/** Lists so many helpings afresh, as many as were shown. */
	async again(): Promise<void> {
		const shown = Math.max(1, Math.ceil(this.lines.length / HELPING));
		this.begin(await listStudies({ ...this.query, after: '' }), this.query);
		for (let i = 1; i < shown && this.next !== null; i++) await this.more();
	}

	/** Asks for the next helping. @throws Error in words */
	async more(): Promise<void> {
		const { next, query } = this;
		if (next === null || this.busy) return;
		this.busy = true;
		try {
			const helping = await listStudies({ ...query, after: next });
			// Another list was begun while this helping was under way.
			if (this.query !== query || this.next !== next) return;
			const known = Object.fromEntries(this.lines.map(({ id }) => [id, true]));
			// One that changed meanwhile has moved to the top and may come twice.
			this.lines = [...this.lines, ...helping.lines.filter(({ id }) => !known[id])];
			this.unreadable = [...this.unreadable, ...helping.unreadable];
			this.next = helping.next;
		} finally {
			this.busy = false;
		}
	}

	/** Takes a study out of the list at once; gives what puts it back. */
	without(id: string): () => void {
		const at = this.lines.findIndex((line) => line.id === id);
		const line = this.lines[at];
		this.lines = this.lines.filter((each) => each.id !== id);
		this.unreadable = this.unreadable.filter((each) => each !== id);
		return () => {
			if (line) this.lines = [...this.lines.slice(0, at), line, ...this.lines.slice(at)];
			else this.unreadable = [...this.unreadable, id];
		};
	}
}
