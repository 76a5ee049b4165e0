export interface Naming {
	readonly name: string;
	readonly label: string;
	readonly onrename: (name: string) => void;
}

/** Short messages at the foot of the screen: what was done, and how to take it back. */
export interface Notice {
	readonly id: number;
	readonly words: string;
	readonly action: { readonly label: string; readonly run: () => void } | null;
	/** A name that was given by us, to be changed where it is said. */
	readonly naming?: Naming | undefined;
}

const SHORT = 3000;
const LONG = 12_000;

class Notices {
	list = $state.raw<readonly Notice[]>([]);
	private count = 0;
	/** What was said last by the act that is going on. */
	private now: Notice | null = null;

	/**
	 * Says something; one with an action stays long enough to be acted on. What is said of one and the same act is one notice, with the
	 * action that was offered last.
	 */
	say(words: string, action: Notice['action'] = null, naming?: Naming): void {
		const before = this.now;
		const joined = before !== null && this.list.includes(before);
		const notice: Notice = joined
			? { ...before, words: `${before.words} ${words}`, action: action ?? before.action }
			: { id: ++this.count, words, action, naming };
		this.list = joined ? this.list.map((each) => (each === before ? notice : each)) : [...this.list.slice(-2), notice];
		this.now = notice;
		queueMicrotask(() => (this.now = null));
		if (!joined) setTimeout(() => this.dismiss(notice.id), notice.action ? LONG : SHORT);
	}

	/** Says something for as long as it goes on; the words can change meanwhile. Gives what changes and what ends it. */
	hold(words: string, action: Notice['action'] = null): { say: (words: string) => void; end: () => void } {
		const id = ++this.count;
		this.list = [...this.list.slice(-2), { id, words, action }];
		return {
			say: (latest) => (this.list = this.list.map((each) => (each.id === id ? { ...each, words: latest } : each))),
			end: () => this.dismiss(id)
		};
	}

	dismiss(id: number): void {
		this.list = this.list.filter((notice) => notice.id !== id);
	}
}

export const notices = new Notices();
