import { SvelteMap, SvelteSet } from 'svelte/reactivity';
import { Wall, type Hung } from '$lib/client/wall';
import { Problem } from '$lib/core/problem';

export const reasonOf = (error: unknown): string =>
	error instanceof Problem
		? `${error.message} Expected: ${error.expected}.`
		: error instanceof Error
			? error.message
			: 'It could not be read.';

/** What was read of the hand-ins of a wall, which is read, kept and painted apart from the page. */
export class Reading {
	private readonly read = new SvelteMap<string, Hung>();
	/** Those whose file cannot be read, with the reason. */
	readonly broken = new SvelteMap<string, string>();
	private readonly asked = new SvelteSet<string>();
	/** None while the page is made on the server. */
	wall = $state.raw<Wall | null>(null);

	/** Begins; gives what ends it. */
	begin(): () => void {
		const wall = new Wall();
		this.wall = wall;
		return () => wall.close();
	}

	of(id: string): Hung | null {
		return this.read.get(id) ?? null;
	}

	/** Reads what is kept here of each, one after the other. */
	async readAll(ids: readonly string[]): Promise<void> {
		for (const id of ids) await this.readOne(id);
	}

	private async readOne(id: string): Promise<void> {
		if (!this.wall || this.asked.has(id)) return;
		this.asked.add(id);
		try {
			this.read.set(id, await this.wall.load(id));
		} catch (error) {
			this.broken.set(id, reasonOf(error));
		}
	}

	/**
	 * Takes in the file of a hand-in that fits, and keeps it.
	 * @param why why a hand-in does not fit, where it does not
	 * @returns the hand-in, with whether it is new here; or why it does not fit
	 * @throws Problem, Error in words
	 */
	async takeIn(
		text: string,
		why: (hung: Hung) => string | null
	): Promise<{ hung: Hung; isNew: boolean } | { why: string }> {
		const { wall } = this;
		if (!wall) throw new Error('The page is not ready yet. Drop it once more.');
		const hung = await wall.readFile(text);
		const { id } = hung.handIn;
		const refused = why(hung);
		if (refused !== null) {
			await wall.drop(id);
			return { why: refused };
		}
		const isNew = await wall.keep(id);
		if (isNew) {
			this.asked.add(id);
			this.broken.delete(id);
			this.read.set(id, hung);
		}
		return { hung, isNew };
	}
}
