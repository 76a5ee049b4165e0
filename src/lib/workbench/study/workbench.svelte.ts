import { emptyHistory, noted, redone, settled, undone, type History } from '$lib/client/history';
import { PLAIN_VIEW, type View } from '$lib/drawing/view';
import { kindOf } from '$lib/plates/kinds';
import { type Plate } from '$lib/plates/plate';
import { isHidden, refusedBy } from '$lib/study/brief/given';
import { type StudyEdit } from '$lib/study/edits';
import { named } from '$lib/study/named';
import { followed } from '$lib/study/followed';
import { type StudyDocument } from '$lib/study/study';
import { Acts } from './acts';
import { gather, type Gathered, type GatheringKeys } from './gathered';
import { type Left } from './histories';

/** What the mixer holds: a linked colour, or a place of the open plate. A place's shape belongs to the plate's kind. */
export type Held =
	{ readonly kind: 'linked'; readonly id: string } | { readonly kind: 'place'; readonly place: unknown };

/** How large a plate is seen: as large as fits, or so many screen pixels for each of its units. */
export const ZOOMS = ['fit', 'whole', 'double'] as const;
export type Zoom = (typeof ZOOMS)[number];
export const ZOOM_WORDS: Readonly<Record<Zoom, string>> = { fit: 'Fit', whole: '100 %', double: '200 %' };

/** What can stand beside the plate. */
const BESIDE = ['Readings', 'Palettes', 'Reflection', 'Brief'] as const;
export type Beside = (typeof BESIDE)[number];

/** What is told of an edit beside what it does. */
interface Told {
	/** The titles of plates on which a colour followed what an edit took away. */
	readonly letGo: (titles: readonly string[]) => void;
	/** Why an edit cannot be done: it would change what a brief gives. */
	readonly refused: (why: string) => void;
}
const NOBODY: Told = { letGo: () => {}, refused: () => {} };

/** The state of the study page: the study as it stands, its history, and what is chosen. Owns nothing of the screen, and nothing of one kind. */
export class Workbench {
	/** The study as it is decided, replaced as a whole by every edit, never changed in place. */
	decided = $state.raw<StudyDocument>() as StudyDocument;
	/** An edit that is only being tried. */
	private trial = $state.raw<StudyEdit | null>(null);
	/** While an act is being tried: what it would decide is shown, and nothing is held or opened. */
	private tries = false;
	/** The study as it is shown: as decided, or with what is being tried. */
	readonly document: StudyDocument = $derived(this.trial ? this.after(this.trial).study : this.decided);
	private history = $state.raw<History<StudyDocument>>(emptyHistory());
	private plateChoice = $state<string | null>(null);
	/** The place that was held last on the open plate, whether it is still there or not. */
	private lastHeld = $state.raw<unknown>(null);
	private linkedChoice = $state<string | null>(null);

	/** What the hand does, so that what belongs to one act is undone together. */
	readonly acts = new Acts();

	/** Whether the exercises are being looked through, to add one. */
	adding = $state(false);
	/** Whether the study is being shown to a room. */
	teaching = $state(false);
	/** What stands beside the plate, and how often it was asked for from elsewhere. */
	beside = $state<Beside>('Readings');
	/** What there is to stand there: a brief only where the study is one, or answers one. */
	readonly besides: readonly Beside[] = $derived(
		this.document.brief || this.document.answers ? BESIDE : BESIDE.filter((each) => each !== 'Brief')
	);
	besideAsked = $state(0);

	zoom = $state<Zoom>('fit');
	/** Whether only the plate and the mixer are seen. */
	alone = $state(false);
	/** The plates that stand side by side, left and right, by their ids; null while one is seen alone. */
	private pairChoice = $state.raw<readonly [string, string] | null>(null);
	readonly pair: readonly [Plate, Plate] | null = $derived.by(() => {
		const found = this.pairChoice?.map((id) => this.document.plates.find((plate) => plate.id === id));
		const [left, right] = found ?? [];
		return left && right && left !== right && this.plate && [left.id, right.id].includes(this.plate.id)
			? [left, right]
			: null;
	});

	/** How the study is looked at; it is no part of the study. */
	view = $state.raw<View>(PLAIN_VIEW);
	/** How the plate is looked at that stands beside the open one. */
	viewBeside = $state.raw<View>(PLAIN_VIEW);

	readonly plate: Plate | null = $derived(this.openIn(this.document));
	/** Whether a brief puts away all that tells until it is handed in. */
	readonly isHidden: boolean = $derived(isHidden(this.document));
	/** Whether colours of the open plate are being judged by eye: then nothing on the page tells them. */
	readonly byEye: boolean = $derived(
		this.plate !== null && ((kindOf(this.plate).byEye?.(this.plate) ?? false) || this.isHidden)
	);
	/** The open plate without what is being tried. */
	readonly decidedPlate: Plate | null = $derived(this.openIn(this.decided));
	/** The place of the open plate that is held, or was last; as near as can be to one that is gone. */
	readonly place: unknown = $derived(this.plate && placeOn(this.plate, this.lastHeld));
	readonly held: Held | null = $derived(this.whatIsHeld());
	/** Several that were gathered, to be taken along together. */
	private gatheredChoice = $state.raw<Gathered | null>(null);
	readonly gathered: Gathered | null = $derived.by(() => this.stillGathered());
	readonly canUndo = $derived(this.history.past.at(-1)?.label ?? null);
	readonly canRedo = $derived(this.history.future[0]?.label ?? null);

	/**
	 * @param told Is told what an edit brings with it.
	 * @param history What can be taken back from the start, where the study was open in this window before.
	 */
	constructor(
		document: StudyDocument,
		private readonly told: Told = NOBODY,
		history: History<StudyDocument> = emptyHistory()
	) {
		this.decided = followed(document).study;
		if (document.brief || document.answers) this.beside = 'Brief';
		this.history = history;
	}

	private openIn({ plates }: StudyDocument): Plate | null {
		return plates.find(({ id }) => id === this.plateChoice) ?? plates[0] ?? null;
	}

	/** The study with all that can be taken back, for whoever comes back to it. */
	get left(): Left {
		return { document: this.decided, history: this.history };
	}

	/** Whether what is shown is only being tried. */
	get isTried(): boolean {
		return this.trial !== null;
	}

	/** Shows what an act would come to, without deciding anything; null shows the study as it is decided. */
	try(act: (() => void) | null): void {
		this.trial = null;
		if (!act) return;
		this.tries = true;
		try {
			act();
		} finally {
			this.tries = false;
		}
	}

	private whatIsHeld(): Held | null {
		const id = this.byEye ? null : this.linkedChoice;
		if (id !== null && this.document.linked.some((colour) => colour.id === id)) return { kind: 'linked', id };
		return this.place === null ? null : { kind: 'place', place: this.place };
	}

	/** The place that is held; null while the mixer holds a linked colour, or nothing. */
	get placeHeld(): unknown {
		return this.held?.kind === 'place' ? this.held.place : null;
	}

	/**
	 * Carries out a named edit.
	 * @param what What is changed, where the hand may go on changing it: such edits of one act are undone together.
	 */
	edit(label: string, change: StudyEdit, what: string | null = null): void {
		if (this.tries) {
			this.trial = change;
			return;
		}
		this.trial = null;
		const before = this.decided;
		const { study: after, letGo, refused } = this.after(change);
		if (refused !== null) return this.told.refused(refused);
		if (after === before) return;
		this.decided = after;
		this.history = noted(this.history, { label, before, after, act: what && `${what} ${this.acts.now}` });
		if (letGo.length > 0) this.told.letGo(letGo);
	}

	/** Adds what was reckoned of the study as it stands, apart from the page: it belongs to the edit that it was reckoned of. */
	settle(change: StudyEdit): void {
		const before = this.decided;
		const { study: after } = this.after(change);
		if (after === before) return;
		this.decided = after;
		this.history = settled(this.history, before, after);
	}

	/** The study after an edit; as it is where a brief gives what the edit would change, with the reason. */
	private after(change: StudyEdit): {
		readonly study: StudyDocument;
		readonly letGo: readonly string[];
		readonly refused: string | null;
	} {
		const { study, letGo } = followed(change(this.decided));
		const refused = refusedBy(this.decided, study);
		return refused === null
			? { study: named(this.decided, study), letGo, refused }
			: { study: this.decided, letGo: [], refused };
	}

	undo(): void {
		this.go(undone(this.history));
	}

	redo(): void {
		this.go(redone(this.history));
	}

	private go(step: { history: History<StudyDocument>; state: StudyDocument } | null): void {
		if (!step) return;
		this.trial = null;
		this.history = step.history;
		this.decided = step.state;
	}

	/** Brings something beside the plate, before whatever is open there. */
	showBeside(what: Beside): void {
		if (this.tries) return;
		this.beside = what;
		this.besideAsked++;
	}

	/** All that can be gathered of a sort, and which of them is chosen. */
	private among(what: Gathered['what']): { what: Gathered['what']; all: readonly string[]; chosen: string | null } {
		const { plate, document, held } = this;
		if (what === 'plates') return { what, all: document.plates.map(({ id }) => id), chosen: plate?.id ?? null };
		if (what === 'colours') {
			const chosen = held?.kind === 'linked' ? held.id : null;
			return { what, all: document.linked.map(({ id }) => id), chosen };
		}
		const parts = plate && kindOf(plate).parts;
		if (!plate || !parts) return { what, all: [], chosen: null };
		return { what, all: parts.ids(plate), chosen: this.place === null ? null : parts.idAt(plate, this.place) };
	}

	/** What of the gathered is still there: parts are of the open plate. */
	private stillGathered(): Gathered | null {
		const choice = this.gatheredChoice;
		if (!choice) return null;
		const { all } = this.among(choice.what);
		const ids = choice.ids.filter((id) => all.includes(id));
		return ids.length > 0 ? { ...choice, ids } : null;
	}

	/**
	 * Gathers with the keys that were down while this one was clicked; without any, nothing is gathered any more.
	 * @param chosen The one that was chosen before the click, where the click has changed that already.
	 */
	gather(what: Gathered['what'], id: string, keys: GatheringKeys, chosen?: string | null): void {
		const among = this.among(what);
		this.gatheredChoice = gather(this.gathered, { ...among, chosen: chosen ?? among.chosen }, id, keys);
	}

	/** The part of the open plate to which belongs what is held; null where its kind has no parts. */
	get partHeld(): string | null {
		return this.held?.kind === 'place' ? this.among('parts').chosen : null;
	}

	isGathered(what: Gathered['what'], id: string): boolean {
		return this.gathered?.what === what && this.gathered.ids.includes(id);
	}

	gatherNone(): void {
		this.gatheredChoice = null;
	}

	/** Puts a plate beside the open one. */
	putBeside(id: string): void {
		const open = this.plate?.id;
		this.pairChoice = open === undefined || open === id ? null : [open, id];
	}

	/** Puts a plate on the left (0) or on the right (1), where two stand side by side; what was open there is so no more. */
	putOnSide(side: 0 | 1, id: string): void {
		const { pair } = this;
		if (!pair || pair.some((plate) => plate.id === id)) return;
		const wasOpen = pair[side].id === this.plate?.id;
		this.pairChoice = side === 0 ? [id, pair[1].id] : [pair[0].id, id];
		if (wasOpen) this.choosePlate(id);
	}

	/** Opens the plate that stands beside the open one, each keeping its view. */
	turnTo(id: string): void {
		if (id === this.plate?.id) return;
		this.choosePlate(id);
		[this.view, this.viewBeside] = [this.viewBeside, this.view];
	}

	/** One plate again, the open one. */
	endPair(): void {
		this.pairChoice = null;
	}

	choosePlate(id: string): void {
		if (this.tries) return;
		this.plateChoice = id;
		this.lastHeld = null;
		this.linkedChoice = null;
	}

	/** Holds a place of the open plate. */
	hold(place: unknown): void {
		if (this.tries) return;
		this.lastHeld = place;
		this.linkedChoice = null;
	}

	holdLinked(id: string): void {
		if (this.tries) return;
		this.linkedChoice = id;
	}
}

function placeOn(plate: Plate, left: unknown): unknown {
	const { places } = kindOf(plate);
	return left !== null && places.has(plate, left) ? left : places.first(plate, left);
}
