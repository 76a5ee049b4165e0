import { download } from '$lib/client/files';
import { keepHere, readHere } from '$lib/client/kept-here';
import { readJson } from '$lib/core/format/read-json';
import { type OwnContrast } from '$lib/core/matching/own-contrast';
import { newId } from '$lib/model/ids';
import { measuresFileSchema, type Measure, type MeasuresFile } from '$lib/model/own-contrast';
import { notices } from '$lib/ui/notices.svelte';

/** The name under which a browser keeps them. */
const KEY = 'ricercar measures';
/** Nobody measures themselves more often; the oldest give way. */
const MOST = 50;

const fileOf = (measures: readonly Measure[]): MeasuresFile => ({
	format: 'ricercar measures',
	version: 1,
	measures: [...measures]
});

/** The measures in a text, or null where it is none of ours. */
function measuresIn(text: string): readonly Measure[] | null {
	try {
		return measuresFileSchema.safeParse(readJson(text, 'a file of measures')).data?.measures ?? null;
	} catch {
		return null;
	}
}

const newestFirst = (one: Measure, other: Measure): number => other.made.localeCompare(one.made);

/**
 * One's own contrast as it was measured: the newest first. It belongs to a person and their screen, so this browser keeps it and nobody
 * else sees it; it can be taken along as a file.
 */
class Measures {
	list = $state.raw<readonly Measure[]>([]);
	/** Whether the browser has been asked yet. */
	loaded = $state(false);

	load(): void {
		if (this.loaded) return;
		this.loaded = true;
		// From a browser that keeps nothing for us none come: then they last as long as the page.
		this.list = readHere(KEY, measuresFileSchema)?.measures ?? [];
	}

	private set(list: readonly Measure[]): void {
		this.list = [...list].sort(newestFirst).slice(0, MOST);
		if (!keepHere(KEY, fileOf(this.list)))
			notices.say('This browser keeps nothing: the measure lasts until the page is closed. Take it along as a file.');
	}

	/** Keeps what a series came to. */
	keep({ strengths, spread, shifts }: OwnContrast): Measure {
		this.load();
		const measure: Measure = { id: newId(), made: new Date().toISOString(), strengths, spread, matches: shifts.length };
		this.set([measure, ...this.list]);
		return measure;
	}

	remove(id: string): void {
		const gone = this.list.find((measure) => measure.id === id);
		if (!gone) return;
		this.set(this.list.filter((measure) => measure !== gone));
		notices.say('The measure is deleted.', { label: 'Bring it back', run: () => this.set([gone, ...this.list]) });
	}

	takeAlong(): void {
		const content = JSON.stringify(fileOf(this.list), null, '\t');
		download('my-contrast.measures.json', new Blob([content], { type: 'application/json' }));
	}

	/** Adds the measures of a file that was taken along; what is here already is not added again. */
	async bring(file: File): Promise<void> {
		const found = file.size > MOST_BYTES ? null : measuresIn(await file.text());
		if (!found) return notices.say(`“${file.name}” has no measures: a file ending in .measures.json was expected.`);
		this.load();
		const added = found.filter(({ id }) => !this.list.some((measure) => measure.id === id));
		this.set([...this.list, ...added]);
		notices.say(added.length === 1 ? 'One measure was added.' : `${added.length} measures were added.`);
	}
}

const MOST_BYTES = 200_000;

export const measures = new Measures();
