import { download } from '$lib/client/files';
import { keepHere, readHere } from '$lib/client/kept-here';
import { readJson } from '$lib/core/format/read-json';
import { type PracticeResult } from '$lib/core/matching/practice';
import { type Trial } from '$lib/core/matching/staircase';
import { newId } from '$lib/model/ids';
import { practiceFileSchema, type PracticeFile, type PracticeSeries } from '$lib/model/practice';
import { notices } from '$lib/ui/notices.svelte';
import { MOST_BEFORE } from '../practised';

/** The name under which a browser keeps them. */
const KEY = 'ricercar practice';
/** About two years of daily practice; the oldest give way. */
const MOST = 500;
const MOST_BYTES = 4_000_000;

const fileOf = (series: readonly PracticeSeries[]): PracticeFile => ({
	format: 'ricercar practice',
	version: 1,
	series: [...series]
});

/** The series in a text, or null where it is none of ours. */
function seriesIn(text: string): readonly PracticeSeries[] | null {
	try {
		return practiceFileSchema.safeParse(readJson(text, 'a practice file')).data?.series ?? null;
	} catch {
		return null;
	}
}

const newestFirst = (one: PracticeSeries, other: PracticeSeries): number => other.made.localeCompare(one.made);

/** What a person has practised: it is theirs, so this browser keeps it and nobody else sees it; it can be taken along as a file. */
class KeptPractice {
	list = $state.raw<readonly PracticeSeries[]>([]);
	private loaded = false;

	load(): void {
		if (this.loaded) return;
		this.loaded = true;
		this.list = readHere(KEY, practiceFileSchema)?.series ?? [];
	}

	private set(list: readonly PracticeSeries[]): void {
		this.list = [...list].sort(newestFirst).slice(0, MOST);
		if (!keepHere(KEY, fileOf(this.list)))
			notices.say('This browser keeps nothing: the series lasts until the page is closed. Take it along as a file.');
	}

	keep(results: readonly PracticeResult[]): PracticeSeries {
		this.load();
		const series: PracticeSeries = { id: newId(), made: new Date().toISOString(), results: [...results] };
		this.set([series, ...this.list]);
		return series;
	}

	/** The last trials of all series, the oldest first: by these the next series goes on. */
	get trials(): Trial[] {
		return [...this.list]
			.reverse()
			.flatMap(({ results }) => results.map(({ limit, difference }) => ({ level: limit, held: difference < limit })))
			.slice(-MOST_BEFORE);
	}

	removeAll(): void {
		const gone = this.list;
		this.set([]);
		notices.say('All practice is deleted.', { label: 'Bring it back', run: () => this.set(gone) });
	}

	takeAlong(): void {
		const content = JSON.stringify(fileOf(this.list), null, '\t');
		download('my-eye.practice.json', new Blob([content], { type: 'application/json' }));
	}

	/** Adds the series of a file that was taken along; what is here already is not added again. */
	async bring(file: File): Promise<void> {
		const found = file.size > MOST_BYTES ? null : seriesIn(await file.text());
		if (!found) return notices.say(`“${file.name}” has no practice: a file ending in .practice.json was expected.`);
		this.load();
		const added = found.filter(({ id }) => !this.list.some((series) => series.id === id));
		this.set([...this.list, ...added]);
		notices.say(added.length === 1 ? 'One series was added.' : `${added.length} series were added.`);
	}
}

export const keptPractice = new KeptPractice();
