import { type Attempt, type Draft, type Drafts } from '$lib/client/drafts';
import { reasonOf } from '$lib/client/reason';
import { loadStudy } from '$lib/client/studies';
import { newId } from '$lib/model/ids';
import { savedSchema } from '$lib/study/requests';
import { isSameDocument, type StudyDocument } from '$lib/study/study';

export type SaveState =
	| { kind: 'saved' }
	| { kind: 'waiting' }
	| { kind: 'saving' }
	/** The server cannot be reached; it is tried again by itself. */
	| { kind: 'unreachable' }
	/** The server answers but cannot save now, because its disk is full for instance; it is tried again by itself. */
	| { kind: 'failing'; reason: string }
	/** Changed in another window. */
	| { kind: 'stale' }
	| { kind: 'deleted' }
	| { kind: 'refused'; reason: string };

const PAUSE = 500;
const RETRY_LEAST = 1000;
const RETRY_MOST = 15_000;
const PATIENCE = 15_000;
/** Who is still here this long after the window was to be left has stayed. */
const STAYED = 5000;

/** Saves a study by itself, a moment after each edit, one save at a time, each naming the revision it was made from. */
export class Saver {
	state = $state.raw<SaveState>({ kind: 'saved' });
	/** Whether everything up to the last edit is on the server. */
	readonly isSafe = $derived(this.state.kind === 'saved');
	/** Whether this browser keeps what is not on the server yet; null while that is not known. */
	isKeptHere = $state<boolean | null>(null);
	private latest: StudyDocument;
	private kept: StudyDocument;
	private timer: ReturnType<typeof setTimeout> | null = null;
	private running: Promise<void> | null = null;
	private retry = RETRY_LEAST;
	/** The save under way; it keeps its name until it is answered, so that a repeated one is known as the same. */
	private attempt: Attempt | null = null;

	/** While the window is being left the draft is not dropped: the page that comes next may have been asked for before the save arrived. */
	private leaving: ReturnType<typeof setTimeout> | null = null;

	/** The revision that the server has, as far as this window knows. */
	revision = $state(1);

	constructor(
		private readonly id: string,
		revision: number,
		document: StudyDocument,
		/** Keeps in the browser what could not be saved. */
		private readonly drafts: Drafts = { keep: () => Promise.resolve(false), drop: () => Promise.resolve() }
	) {
		this.revision = revision;
		this.latest = document;
		this.kept = document;
	}

	/** The study has become this; it will be saved. */
	note(document: StudyDocument): void {
		if (document === this.latest) return;
		this.latest = document;
		// From the first save that failed on, every edit is kept in the browser too.
		if (this.isHeldUp) this.keepDraft();
		// What is tried again by itself has its next time already.
		if (this.isRefusedForGood || this.isTriedAgain) return;
		this.state = { kind: 'waiting' };
		if (!this.running) this.schedule(PAUSE);
	}

	private get isRefusedForGood(): boolean {
		return this.state.kind === 'stale' || this.state.kind === 'deleted';
	}

	private get isTriedAgain(): boolean {
		return this.state.kind === 'unreachable' || this.state.kind === 'failing';
	}

	private get isHeldUp(): boolean {
		return this.isRefusedForGood || this.isTriedAgain || this.state.kind === 'refused';
	}

	private dropDraft(): void {
		if (!this.leaving) void this.drafts.drop();
	}

	/** Keeps in the browser what is not on the server. */
	keepDraft(): void {
		const { revision, latest: document, attempt } = this;
		void this.drafts.keep({ revision, document, attempt }).then((kept) => (this.isKeptHere = kept));
	}

	/** Saves what can still be saved as the window is left, and keeps it in the browser for whoever comes next, whatever becomes of the save. */
	leave(): void {
		// The save that goes out now belongs to what is kept: it may arrive, and its answer no longer find us.
		void this.flush();
		this.keepDraft();
		this.stay();
		this.leaving = setTimeout(() => {
			this.stay();
			if (this.isSafe) void this.drafts.drop();
		}, STAYED);
	}

	/** Takes up with edits that were kept in the browser, and saves them over the revision that they were made from. */
	resume({ revision, document, attempt }: Draft): void {
		this.revision = revision;
		this.attempt = attempt;
		this.latest = document;
		void this.flush();
	}

	/** Saves now, if there is anything to save, and waits for the answer. */
	async flush(): Promise<void> {
		this.clear();
		if (this.running) await this.running;
		if (this.isRefusedForGood) return;
		if (this.attempt || this.latest !== this.kept) {
			this.running ??= this.save();
			await this.running;
		} else this.state = { kind: 'saved' };
	}

	/** Takes up with a study as just loaded from the server. */
	restart(revision: number, document: StudyDocument): void {
		this.clear();
		this.revision = revision;
		this.latest = this.kept = document;
		this.attempt = null;
		this.state = { kind: 'saved' };
		this.dropDraft();
	}

	stop(): void {
		this.clear();
		this.stay();
	}

	/** Nobody waits any more to see whether the window is left. */
	private stay(): void {
		if (this.leaving) clearTimeout(this.leaving);
		this.leaving = null;
	}

	private clear(): void {
		if (this.timer) clearTimeout(this.timer);
		this.timer = null;
	}

	private schedule(wait: number): void {
		this.clear();
		this.timer = setTimeout(() => void this.flush(), wait);
	}

	private async save(): Promise<void> {
		// A save whose answer never came goes out again as it was, before anything newer.
		this.attempt ??= { saveId: newId(), document: this.latest };
		if (!this.isHeldUp) this.state = { kind: 'saving' };
		try {
			const response = await fetch(`/api/studies/${this.id}`, {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ revision: this.revision, ...this.attempt }),
				signal: AbortSignal.timeout(PATIENCE)
			});
			await this.take(response);
		} catch {
			this.tryAgain({ kind: 'unreachable' });
		} finally {
			this.running = null;
		}
	}

	private async take(response: Response): Promise<void> {
		if (response.ok) {
			this.revision = savedSchema.parse(await response.json()).revision;
			this.kept = this.attempt!.document;
			this.attempt = null;
			this.retry = RETRY_LEAST;
			const behind = this.latest !== this.kept;
			if (!behind) this.dropDraft();
			else if (this.isHeldUp) this.keepDraft();
			this.state = { kind: behind ? 'waiting' : 'saved' };
			if (behind) this.schedule(PAUSE);
			return;
		}
		if (response.status >= 500) return this.tryAgain({ kind: 'failing', reason: await reasonOf(response) });
		const { document: refused } = this.attempt!;
		this.attempt = null;
		if (response.status === 409) {
			const theirs = await loadStudy(this.id).catch(() => null);
			// A save of our own whose answer was lost under another name, just before a reload: nobody else's work.
			if (theirs && isSameDocument(theirs.document, this.latest)) return this.restart(theirs.revision, this.latest);
			this.state = { kind: 'stale' };
		} else if (response.status === 410 || response.status === 404) this.state = { kind: 'deleted' };
		else {
			this.state = { kind: 'refused', reason: await reasonOf(response) };
			// What was edited meanwhile may be what can be saved.
			if (this.latest !== refused) this.schedule(PAUSE);
		}
		this.keepDraft();
	}

	/** What could not be saved now is kept in the browser and saved later, with growing pauses. */
	private tryAgain(state: SaveState): void {
		this.state = state;
		this.keepDraft();
		this.schedule(this.retry);
		this.retry = Math.min(RETRY_MOST, this.retry * 2);
	}
}
