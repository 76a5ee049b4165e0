import { zip } from 'fflate';
import { SvelteMap, SvelteSet } from 'svelte/reactivity';
import { download, handInName, plainName } from '$lib/client/files';
import {
	deleteHandIn,
	giveBack,
	handInOfText,
	keepHandIn,
	listHandIns,
	loadHandIn,
	restoreHandIn
} from '$lib/client/handed';
import { ownDefaults } from '$lib/client/own-defaults';
import { Problem } from '$lib/core/problem';
import { type Brief } from '$lib/study/brief/brief';
import { fingerprintOf } from '$lib/study/brief/fingerprint';
import { type HandIn } from '$lib/study/handed/hand-in';
import { meanColour, newestOfEach, wallOrder, type MeanColour, type WallSort } from '$lib/study/handed/on-wall';
import { type HandInLine, type HandInList } from '$lib/study/handed/requests';
import { givenBack, writeReturned, type GivenBack, type Returned } from '$lib/study/handed/returned';
import { notices } from '$lib/ui/notices.svelte';
import { now } from '$lib/studies/today';
import { broughtIn } from './collect';

/** A file that was not taken in, or was with something to be said of it. */
export interface Told {
	readonly name: string;
	readonly why: string;
	readonly kept: boolean;
}

const MOST_ON_TABLE = 6;

const reasonOf = (error: unknown): string =>
	error instanceof Problem
		? `${error.message} Expected: ${error.expected}.`
		: error instanceof Error
			? error.message
			: 'It could not be read.';

/** The wall of a brief: what was handed in, how it hangs, what lies on the table, and what is written on it. */
export class PinUp {
	lines = $state.raw<readonly HandInLine[]>([]);
	readonly unreadable: readonly string[];
	/** What was read of each, by its id. */
	private readonly read = new SvelteMap<string, HandIn>();
	/** Those whose file cannot be read, with the reason. */
	readonly broken = new SvelteMap<string, string>();
	private readonly asked = new SvelteSet<string>();

	/** Which plate of the brief hangs, from 0; null for all of each. */
	plate = $state<number | null>(0);
	sort = $state<WallSort>('name');
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
		{ lines, unreadable }: HandInList
	) {
		this.lines = lines;
		this.unreadable = unreadable;
		this.fingerprint = fingerprintOf(brief);
	}

	readonly makers = $derived(newestOfEach(this.lines));
	readonly wall = $derived.by(() => {
		const order = wallOrder(this.sort, (id) => this.meanOf(id));
		return this.makers
			.filter(({ line }) => !this.onlyUnseen || !line.seen)
			.sort((one, other) => order(one.line, other.line));
	});

	handInOf(id: string): HandIn | null {
		return this.read.get(id) ?? null;
	}

	private meanOf(id: string): MeanColour | null {
		const handIn = this.read.get(id);
		return handIn ? meanColour(handIn, this.plate === null ? null : this.placeIn(handIn, this.plate)) : null;
	}

	/** Where a plate of the brief stands in a hand-in; −1 where it has none. */
	placeIn({ study }: HandIn, plate: number): number {
		const id = this.brief.plates[plate]?.id;
		return study.plates.findIndex((each) => each.id === id);
	}

	/** Reads what hangs, one after the other. */
	async readAll(): Promise<void> {
		for (const { id } of this.lines) await this.readOne(id);
	}

	private async readOne(id: string): Promise<void> {
		if (this.asked.has(id)) return;
		this.asked.add(id);
		try {
			this.read.set(id, (await loadHandIn(id)).content);
		} catch (error) {
			this.broken.set(id, reasonOf(error));
		}
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
		this.lines = (await listHandIns({ brief: this.brief.terms.id })).lines;
		await this.readAll();
	}

	/** Takes in one file; gives what is to be said of it, where something is. */
	private async takeIn(text: string): Promise<{ why: string; kept: boolean } | null> {
		const found = await handInOfText(text);
		if (!found) return { why: 'It is no hand-in.', kept: false };
		const { content, asWritten } = found;
		if (content.brief.id !== this.brief.terms.id)
			return { why: `It answers another brief: “${content.brief.title}”.`, kept: false };
		const isNew = await keepHandIn(found, null);
		this.asked.add(content.id);
		this.read.set(content.id, content);
		if (!isNew) return { why: 'It was here already.', kept: true };
		const said = [
			...(asWritten ? [] : ['The file is not as it was handed in: something in it was changed since.']),
			...(content.brief.fingerprint === this.fingerprint ? [] : ['It answers another version of this brief.'])
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
		if (line && !line.seen) void this.give(id, line.given);
	}

	/** Keeps what is given back with a hand-in, which counts as looked at. */
	async give(id: string, given: GivenBack, seen = true): Promise<void> {
		const line = this.lines.find((each) => each.id === id);
		if (!line) return;
		const { revision } = line;
		this.change(id, { given, seen });
		try {
			this.change(id, { revision: await giveBack(id, { revision, given, seen }) });
		} catch (error) {
			this.change(id, { given: line.given, seen: line.seen });
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
