import { groupWall } from '$lib/client/handed';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { hungIn, MOST_GROUPS, movedTo, type GroupWall, type WallGroup } from '$lib/study/handed/groups';
import { notices } from '$lib/ui/notices.svelte';

/** The groups in which the sheets of a wall hang, kept as they are changed. */
export class WallGroups {
	all = $state.raw<readonly WallGroup[]>([]);
	private revision: number;
	private kept: readonly WallGroup[];
	private saving = false;

	constructor(
		private readonly brief: string,
		{ groups, revision }: GroupWall
	) {
		this.all = groups;
		this.kept = groups;
		this.revision = revision;
	}

	get isFull(): boolean {
		return this.all.length >= MOST_GROUPS;
	}

	private set(groups: readonly WallGroup[]): void {
		this.all = groups;
		void this.save();
	}

	/** One after the other, only ever the latest: what was changed meanwhile goes with it. */
	private async save(): Promise<void> {
		if (this.saving) return;
		this.saving = true;
		while (this.all !== this.kept) {
			const groups = this.all;
			try {
				this.revision = await groupWall(this.brief, { revision: this.revision, groups });
				this.kept = groups;
			} catch (error) {
				// What was changed meanwhile is tried by itself.
				if (this.all === groups) this.all = this.kept;
				notices.say(error instanceof Error ? error.message : 'The groups could not be kept.');
			}
		}
		this.saving = false;
	}

	/** A new group at the end, with one maker in it or none yet. Gives its id; null where there is no room. */
	add(maker: string | null): string | null {
		if (this.isFull) return null;
		const id = newId();
		const others = maker === null ? this.all : movedTo(this.all, maker, null);
		let number = this.all.length + 1;
		while (this.isTaken(`Group ${number}`)) number++;
		this.set([...others, { id, name: `Group ${number}`, makers: maker === null ? [] : [maker] }]);
		return id;
	}

	private isTaken(name: string): boolean {
		return this.all.some((group) => group.name === name);
	}

	/** Gives whether it has that name now: two groups of one name could not be told apart. */
	rename(id: string, typed: string): boolean {
		const name = asLine(typed).trim();
		if (this.all.some((group) => group.id === id && group.name === name)) return true;
		if (name === '' || this.isTaken(name)) {
			notices.say(name === '' ? 'A group needs a name.' : `There is a group “${name}” already.`);
			return false;
		}
		this.set(this.all.map((group) => (group.id === id ? { ...group, name } : group)));
		return true;
	}

	/** Takes a group apart: its sheets hang in none. */
	remove(id: string): void {
		const before = this.all;
		this.set(before.filter((group) => group.id !== id));
		notices.say('The group is taken apart.', { label: 'Undo', run: () => this.set(before) });
	}

	move(maker: string, to: string | null): void {
		this.set(movedTo(this.all, maker, to));
	}

	/** These makers in a group in this order, or in none (null). */
	hang(to: string | null, makers: readonly string[], shown: ReadonlySet<string>): void {
		this.set(hungIn(this.all, to, makers, shown));
	}
}
