import { zip } from 'fflate';
import { download, handInName, plainName } from '$lib/client/files';
import { deleteHandIn, giveBack, listHandIns, restoreHandIn } from '$lib/client/handed';
import { ownDefaults } from '$lib/client/own-defaults';
import { type Hung } from '$lib/client/wall';
import { type Brief } from '$lib/study/brief/brief';
import { fingerprintOf } from '$lib/study/brief/fingerprint';
import { type GroupWall } from '$lib/study/handed/groups';
import { type HandIn } from '$lib/study/handed/hand-in';
import { isLate, nameKey, newestOfEach, wallOrder, type MeanColour, type WallSort } from '$lib/study/handed/on-wall';
import { type HandInLine, type HandInList } from '$lib/study/handed/requests';
import { givenBack, writeReturned, type GivenBack, type Returned } from '$lib/study/handed/returned';
import { notices } from '$lib/ui/notices.svelte';
import { now } from '$lib/studies/today';
import { broughtIn } from './collect';
import { Reading, reasonOf } from './reading.svelte';
import { WallGroups } from './wall-groups.svelte';

/** A file that was not taken in, or was with something to be said of it. */
export interface Told {
	readonly name: string;
	readonly why: string;
	readonly kept: boolean;
}

/** How the wall is arranged: sorted, or in groups of the educator's own. */
export type Arranged = WallSort | 'groups';

const MOST_ON_TABLE = 6;

/** The wall of a brief: what was handed in, how it hangs, what lies on the table, and what is written on it. */
export class PinUp {
	lines = $state.raw<readonly HandInLine[]>([]);
	readonly unreadable: readonly string[];
	readonly reading = new Reading();
	readonly groups: WallGroups;

	/** Which plate of the brief hangs, from 0; null for all of each. */
	plate = $state<number | null>(0);
	arranged = $state<Arranged>('name');
	names = $state(true);
	onlyUnseen = $state(false);
	/** Of a sheet, in pixels. */
	size = $state(150);
	table = $state.raw<readonly string[]>([]);
	/** Whether the whole class is seen at once, in place of the wall. */
	atOnce = $state(false);

	/** How far collecting is: files done, of how many. */
	collecting = $state<{ done: number; of: number } | null>(null);
	told = $state.raw<readonly Told[]>([]);

	private readonly fingerprint: string;

	constructor(
		readonly brief: Brief,
		{ lines, unreadable }: HandInList,
		groups: GroupWall
	) {
		this.lines = lines;
		this.unreadable = unreadable;
		this.fingerprint = fingerprintOf(brief);
		this.groups = new WallGroups(brief.terms.id, groups);
	}

	/** By the key of each maker, as groups know them. */
	readonly makers = $derived(newestOfEach(this.lines).map((each) => ({ id: nameKey(each.line.maker), ...each })));
	readonly wall = $derived.by(() => {
		const order = wallOrder(this.arranged === 'groups' ? 'name' : this.arranged, (id) => this.meanOf(id));
		return this.makers
			.filter(({ line }) => !this.onlyUnseen || !line.seen)
			.sort((one, other) => order(one.line, other.line));
	});

	/** Begins to read what hangs; gives what ends it. */
	begin(): () => void {
		const end = this.reading.begin();
		void this.readAll();
		return end;
	}

	/** What hangs first, then what hung before. */
	private async readAll(): Promise<void> {
		await this.reading.readAll(this.wall.map(({ line }) => line.id));
		await this.reading.readAll(this.lines.map(({ id }) => id));
	}

	handInOf(id: string): HandIn | null {
		return this.reading.of(id)?.handIn ?? null;
	}

	private meanOf(id: string): MeanColour | null {
		const hung = this.reading.of(id);
		if (!hung) return null;
		return this.plate === null ? hung.means.all : (hung.means.plates[this.placeIn(hung.handIn, this.plate)] ?? null);
	}

	/** Where a plate of the brief stands in a hand-in; −1 where it has none. */
	placeIn({ study }: HandIn, plate: number): number {
		const id = this.brief.plates[plate]?.id;
		return study.plates.findIndex((each) => each.id === id);
	}

	isLate({ at }: HandInLine): boolean {
		return isLate(at, this.brief.terms.due);
	}

	/** Takes in files, zips and all: what does not fit is told with the reason, and nothing else is lost. */
	async collect(files: readonly File[]): Promise<void> {
		if (files.length === 0 || this.collecting) return;
		const told: Told[] = [];
		const tell = (name: string, why: string, kept: boolean) => told.push({ name, why, kept });
		this.told = [];
		this.collecting = { done: 0, of: files.length };
		const all = await broughtIn(files, (name, error) => tell(name, reasonOf(error), false));
		for (const [i, { name, text }] of all.entries()) {
			this.collecting = { done: i, of: all.length };
			try {
				const words = await this.takeIn(await text());
				if (words) tell(name, words.why, words.kept);
			} catch (error) {
				tell(name, reasonOf(error), false);
			}
		}
		this.told = told;
		this.collecting = null;
		await this.settled();
		this.kept = {};
		this.lines = (await listHandIns({ brief: this.brief.terms.id })).lines;
		await this.readAll();
	}

	/** Takes in one file; gives what is to be said of it, where something is. */
	private async takeIn(text: string): Promise<{ why: string; kept: boolean } | null> {
		const ofAnother = ({ handIn: { brief } }: Hung): string | null =>
			brief.id === this.brief.terms.id ? null : `It answers another brief: “${brief.title}”.`;
		const taken = await this.reading.takeIn(text, ofAnother);
		if ('why' in taken) return { ...taken, kept: false };
		if (!taken.isNew) return { why: 'It was here already.', kept: true };
		const { handIn, asWritten } = taken.hung;
		const said = [
			...(asWritten ? [] : ['The file is not as it was handed in: something in it was changed since.']),
			...(handIn.brief.fingerprint === this.fingerprint ? [] : ['It answers another version of this brief.'])
		];
		return said.length > 0 ? { why: said.join(' '), kept: true } : null;
	}

	isOnTable(id: string): boolean {
		return this.table.includes(id);
	}

	/** Takes one from the wall to the table, or hangs it again. Whatever lies there was looked at. */
	turn(id: string): void {
		if (this.isOnTable(id)) {
			this.table = this.table.filter((each) => each !== id);
			return;
		}
		if (this.table.length >= MOST_ON_TABLE)
			return notices.say(`There is room for ${MOST_ON_TABLE} on the table. Hang one up again first.`);
		this.table = [...this.table, id];
		const line = this.lines.find((each) => each.id === id);
		if (line && !line.seen) this.give(id, line.given);
	}

	/** What the server has of those that were changed here. */
	private kept: Readonly<Record<string, Pick<HandInLine, 'given' | 'seen'>>> = {};
	/** What is being kept: one after the other, each over the revision of the one before. */
	private keeping: Promise<void> = Promise.resolve();

	/** When all that was written on hand-ins is kept. */
	settled(): Promise<void> {
		return this.keeping;
	}

	/** Keeps what is given back with a hand-in, which counts as looked at. */
	give(id: string, given: GivenBack, seen = true): void {
		const before = this.lines.find((each) => each.id === id);
		if (!before) return;
		this.kept = { [id]: { given: before.given, seen: before.seen }, ...this.kept };
		this.change(id, { given, seen });
		this.keeping = this.keeping.then(() => this.keepGiven(before, { given, seen }));
	}

	private async keepGiven(
		{ id, ...before }: HandInLine,
		{ given, seen }: Pick<HandInLine, 'given' | 'seen'>
	): Promise<void> {
		const { revision } = this.lines.find((each) => each.id === id) ?? before;
		try {
			this.change(id, { revision: await giveBack(id, { revision, given, seen }) });
			this.kept = { ...this.kept, [id]: { given, seen } };
		} catch (error) {
			// What was written later still waits, with all that was written before it.
			if (this.lines.some((each) => each.id === id && each.given === given)) this.change(id, this.kept[id]!);
			notices.say(error instanceof Error ? error.message : 'The note could not be kept.');
		}
	}

	private change(id: string, to: Partial<HandInLine>): void {
		this.lines = this.lines.map((line) => (line.id === id ? { ...line, ...to } : line));
	}

	async remove(id: string): Promise<void> {
		const before = this.lines;
		this.lines = before.filter((line) => line.id !== id);
		this.table = this.table.filter((each) => each !== id);
		try {
			await deleteHandIn(id);
			const putBack = () => (this.lines = [...this.lines, ...before.filter((line) => line.id === id)]);
			notices.say('The hand-in is taken off the wall.', {
				label: 'Undo',
				run: () => void restoreHandIn(id).then(putBack)
			});
		} catch (error) {
			this.lines = before;
			notices.say(error instanceof Error ? error.message : 'It could not be taken off.');
		}
	}

	private returnedOf(line: HandInLine): Returned {
		return givenBack(line, this.brief, { by: this.brief.by || ownDefaults().maker, at: now() });
	}

	private fileName({ maker }: HandInLine): string {
		return `${handInName({ maker, unit: this.brief.unit, title: this.brief.title })}.return.json`;
	}

	/** One hand-in given back, as a file. */
	returnOne(line: HandInLine): void {
		download(this.fileName(line), new Blob([writeReturned(this.returnedOf(line))], { type: 'application/json' }));
	}

	/** Every hand-in that has a note or a mark given back, as a zip with a file for each maker. */
	returnAll(): void {
		const files = Object.fromEntries(
			this.makers
				.filter(({ line }) => line.given.notes.length > 0 || line.given.mark !== '')
				.map(({ line }) => [this.fileName(line), new TextEncoder().encode(writeReturned(this.returnedOf(line)))])
		);
		zip(files, (error, bytes) =>
			error
				? notices.say('The zip could not be made.')
				: download(`${plainName(this.brief.title)}-returns.zip`, new Blob([bytes as Uint8Array<ArrayBuffer>]))
		);
	}
}
