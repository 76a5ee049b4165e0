import { emptyHistory, noted, redone, undone, type History } from '$lib/client/history';
import * as server from '$lib/client/palettes';
import { type Palette, type PaletteContent, type PaletteList, type PaletteQuery } from '$lib/model/palette';
import { HELPING } from '$lib/model/listed';
import { notices } from '$lib/ui/notices.svelte';

/** What one palette was or became, so that an edit of it can be taken back. */
interface State {
	readonly id: string;
	readonly content: PaletteContent;
}

export const ALL_PALETTES: PaletteQuery = { words: '', tag: '', near: '', most: HELPING };

/** The library of palettes as it is shown: a list with its search, and every change carried to the server at once. */
export class Library {
	palettes = $state.raw<readonly Palette[]>([]);
	tags = $state.raw<readonly string[]>([]);
	/** Ids of palettes that cannot be read. */
	unreadable = $state.raw<readonly string[]>([]);
	more = $state(false);
	query = $state.raw<PaletteQuery>(ALL_PALETTES);
	/** Whether the list has come yet. */
	loaded = $state(false);
	private history = $state.raw<History<State>>(emptyHistory());
	/** Changes that are seen and not on their way to the server yet. */
	private waiting: readonly State[] = [];
	/** Changes go to the server one after the other, each over the revision that the last one gave. */
	private last: Promise<unknown> = Promise.resolve();

	readonly canUndo = $derived(this.history.past.at(-1)?.label ?? null);
	readonly canRedo = $derived(this.history.future[0]?.label ?? null);

	show({ palettes, unreadable, tags, more }: PaletteList): void {
		this.palettes = palettes;
		this.unreadable = unreadable;
		this.tags = tags;
		this.more = more;
		this.loaded = true;
	}

	/** Lists palettes another way, or afresh. */
	load(change: Partial<PaletteQuery> = {}): Promise<void> {
		this.query = { ...this.query, ...change };
		return this.carryOut(async () => this.show(await server.listPalettes(this.query)));
	}

	/** Does something after all that was asked before it; says what went wrong. */
	private carryOut(work: () => Promise<void>): Promise<void> {
		const next = this.last.then(work).catch((error: unknown) => {
			notices.say(error instanceof Error ? error.message : 'That could not be done.');
		});
		this.last = next;
		return next;
	}

	/** Keeps a new palette, or gives null and says why not. */
	async keep(content: PaletteContent): Promise<Palette | null> {
		let kept: Palette | null = null;
		await this.carryOut(async () => {
			kept = await server.keepPalette(content);
			this.show(await server.listPalettes(this.query));
		});
		return kept;
	}

	/** Changes a palette: seen at once, then saved; taken back where it could not be. */
	change(id: string, label: string, change: Partial<PaletteContent>): void {
		const palette = this.palettes.find((each) => each.id === id);
		if (!palette) return;
		const before = { id, content: server.contentOf(palette) };
		const after = { id, content: { ...before.content, ...change } };
		this.history = noted(this.history, { label, before, after, act: null });
		this.put(after);
	}

	private replace(id: string, change: (palette: Palette) => Palette): void {
		this.palettes = this.palettes.map((palette) => (palette.id === id ? change(palette) : palette));
	}

	private put(state: State): void {
		const { id, content } = state;
		this.replace(id, (palette) => ({ ...palette, ...content }));
		this.waiting = [...this.waiting, state];
		void this.carryOut(async () => {
			this.waiting = this.waiting.filter((each) => each !== state);
			const palette = this.palettes.find((each) => each.id === id);
			if (!palette) return;
			try {
				const saved = await server.savePalette({ ...palette, ...content });
				// What was typed meanwhile stays; only the revision is news.
				this.replace(id, (now) => ({ ...now, revision: saved.revision }));
				const news = saved.tags.filter((tag) => !this.tags.includes(tag));
				if (news.length > 0) this.tags = [...this.tags, ...news].sort();
			} catch (error) {
				this.show(await server.listPalettes(this.query));
				// What was changed later is still to be saved, with all that was changed before it.
				for (const later of this.waiting) this.replace(later.id, (now) => ({ ...now, ...later.content }));
				throw error;
			}
		});
	}

	undo(): void {
		this.go(undone(this.history));
	}

	redo(): void {
		this.go(redone(this.history));
	}

	private go(step: { history: History<State>; state: State } | null): void {
		if (!step) return;
		this.history = step.history;
		this.put(step.state);
	}

	/** Moves a palette to another index of the list that is shown. */
	move(id: string, index: number): void {
		const palette = this.palettes.find((each) => each.id === id);
		if (!palette) return;
		const rest = this.palettes.filter((each) => each !== palette);
		const at = Math.max(0, Math.min(rest.length, index));
		this.palettes = [...rest.slice(0, at), palette, ...rest.slice(at)];
		void this.carryOut(async () => {
			await server.placePalette(id, rest[at]?.id ?? null);
		});
	}

	/** Deletes a palette, with a way back; `name` as the notice says it. */
	remove(id: string, name: string): void {
		void this.carryOut(async () => {
			await server.deletePalette(id);
			this.show(await server.listPalettes(this.query));
			notices.say(`${name} deleted.`, { label: 'Undo', run: () => void this.restore(id) });
		});
	}

	private restore(id: string): Promise<void> {
		return this.carryOut(async () => {
			await server.restorePalette(id);
			this.show(await server.listPalettes(this.query));
		});
	}

	duplicate({ id, name }: Palette): void {
		void this.carryOut(async () => {
			await server.duplicatePalette(id);
			this.show(await server.listPalettes(this.query));
			notices.say(`“${name}” duplicated.`);
		});
	}
}
