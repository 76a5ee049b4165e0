import { draftsOf, readDraft, type Drafts } from '$lib/client/drafts';
import { leaveAt, plateLeft } from '$lib/client/left-off';
import { keepCopy, loadStudy } from '$lib/client/studies';
import { renameByUs } from '$lib/model/edit-linked';
import { isSameDocument, type Study, type StudyDocument } from '$lib/study/study';
import { notices } from '$lib/ui/notices.svelte';
import { afterPause } from '$lib/ui/pause';
import { openPlate } from '../index/plate-actions';
import { comeBack, leave } from './histories';
import { NameAsking } from './name-asking';
import { Saver } from './saver.svelte';
import { Workbench } from './workbench.svelte';

const gone = (titles: readonly string[]): string =>
	`A colour on ${titles.map((title) => `“${title}”`).join(' and ')} followed what is gone. It keeps its last colour.`;

/** A study that is open on the page: its state, its saving and drafts, and the names that it asks for. */
export class OpenStudy {
	readonly id: string;
	readonly workbench: Workbench;
	readonly saver: Saver;
	private readonly drafts: Drafts;
	private readonly asking: NameAsking;
	/** When a gesture is over: nobody wants to be asked at each turn of a dial. */
	private readonly askNames = afterPause<OpenStudy>((open) => open.offerNames());
	/** The plate that was open first: where it is left is remembered from the first time that another was opened. */
	private leftAt: string | null = null;

	/** @param arrived The study as the server gave it. */
	constructor(private readonly arrived: Study) {
		const { id, revision, document } = arrived;
		const before = comeBack(id, document);
		this.id = id;
		this.workbench = new Workbench(
			before?.document ?? document,
			{
				letGo: (titles) => notices.say(gone(titles), this.undo),
				refused: (why) => notices.say(why, { label: 'Show the brief', run: () => this.workbench.showBeside('Brief') })
			},
			before?.history
		);
		this.drafts = draftsOf(id);
		this.saver = new Saver(id, revision, before?.document ?? document, this.drafts);
		this.asking = new NameAsking(document.linked);
	}

	private readonly undo = { label: 'Undo', run: () => this.workbench.undo() };

	/** Follows the study as it changes; for an effect. */
	follow(): void {
		const { decided } = this.workbench;
		this.saver.note(decided);
		this.asking.note(decided.linked);
		this.askNames(this);
	}

	/** Follows which plate is open, so that the study is opened there the next time; for an effect. */
	followPlate(): void {
		const plate = this.workbench.plate?.id;
		if (plate === undefined) return;
		if (this.leftAt !== null && this.leftAt !== plate) leaveAt(this.id, plate);
		this.leftAt = plate;
	}

	private offerNames(): void {
		for (const { id, says, name } of this.asking.offers(this.workbench.decided.linked))
			notices.say(says, {
				label: `Call it “${name}”`,
				run: () => this.workbench.edit('Rename a linked colour', renameByUs(id, name))
			});
	}

	/** Takes up where it was left; gives what is to be done when the page is left, or the study is put away. */
	begin(): () => void {
		const { id, workbench, saver } = this;
		const retry = () => void saver.flush();
		window.addEventListener('online', retry);
		const shownAgain = ({ persisted }: PageTransitionEvent) => void (persisted && this.catchUp());
		window.addEventListener('pageshow', shownAgain);
		const leftAt = plateLeft(id);
		if (leftAt !== null && workbench.decided.plates.some((plate) => plate.id === leftAt)) openPlate(workbench, leftAt);
		void this.bringBack();
		this.sayBrought();
		return () => {
			window.removeEventListener('online', retry);
			window.removeEventListener('pageshow', shownAgain);
			leave(id, workbench.left);
			saver.stop();
		};
	}

	private sayBrought(): void {
		const { brought = [] } = this.arrived;
		if (brought.length === 0) return;
		notices.say(`Stored beyond all measure, and shown as the nearest there is: ${brought.join(', ')}.`, {
			label: 'I see',
			run: () => undefined
		});
	}

	/** Edits that a reload or a closed window left in the browser come back, and are saved as if nothing had been. */
	private async bringBack(): Promise<void> {
		const draft = await readDraft(this.id);
		if (!draft) return;
		if (isSameDocument(draft.document, this.arrived.document)) return void this.drafts.drop();
		this.saver.resume(draft);
		this.takeOver('Bring back what was not saved', draft.document);
		notices.say('Edits that had not been saved are brought back.', this.undo);
	}

	/** Another state of the whole study, as an edit like any other, so that what was there can be brought back. */
	private takeOver(label: string, document: StudyDocument): void {
		this.workbench.edit(label, () => document);
	}

	/** A page that the browser kept as it was, and shows again: takes what was saved meanwhile, where nothing waits to be saved here. */
	private async catchUp(): Promise<void> {
		if (!this.saver.isSafe) return void this.saver.flush();
		const latest = await loadStudy(this.id).catch(() => null);
		if (!latest || latest.revision === this.saver.revision || !this.saver.isSafe) return;
		this.saver.restart(latest.revision, latest.document);
		this.takeOver('Load what was saved meanwhile', latest.document);
	}

	/** Takes what was saved elsewhere. */
	async reload(): Promise<void> {
		try {
			const latest = await loadStudy(this.id);
			this.saver.restart(latest.revision, latest.document);
			this.takeOver('Load what was saved elsewhere', latest.document);
			notices.say('What was saved elsewhere is loaded.', this.undo);
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The study could not be loaded.');
		}
	}

	/** Keeps the study as it stands here as a new one; gives its id, or null where that could not be done. */
	async copy(): Promise<string | null> {
		try {
			const kept = await keepCopy(this.workbench.document);
			void this.drafts.drop();
			return kept.id;
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The copy could not be kept.');
			return null;
		}
	}
}
