import { isZip } from '$lib/client/is-zip';
import { type WantedOfZip, type ZipMember } from '$lib/client/zip-members';
import { unzipApart } from '$lib/client/zips';
import { Problem } from '$lib/core/problem';
import { LONGEST_OURS } from '$lib/study/our-file';

/** A text file that was brought, or why it cannot be. */
export interface Brought {
	readonly name: string;
	readonly text: () => Promise<string>;
}

const MOST_FILES = 400;
const MOST_UNPACKED = 400_000_000;
const MOST_ZIP = 200_000_000;

/** What is called by its last part: paths in a zip or a folder say nothing to us. */
const bareName = (path: string): string => path.split(/[/\\]/).at(-1) ?? path;

const WANTED: WantedOfZip = {
	// Not what a system puts beside files of its own accord: its names begin with a point.
	names: /(?:^|[/\\])[^./\\][^/\\]*\.json$/i,
	mostFiles: MOST_FILES,
	mostOfOne: LONGEST_OURS,
	mostOfAll: MOST_UNPACKED,
	expected: 'a zip of hand-ins as they were handed in'
};

/** Unpacks what is wanted of a zip: apart from the page, or at once where there is none. */
export type Unzip = (zip: Blob, wanted: WantedOfZip) => Promise<readonly ZipMember[]>;

/** The JSON files in a zip, by their bare names; other files, zips among them, are left out. @throws Problem `file` */
async function inZip(file: File, unzip: Unzip): Promise<Brought[]> {
	if (file.size > MOST_ZIP) throw new Problem('file', 'The zip is too large.', 'at most 200 megabytes');
	const members = await unzip(file, WANTED);
	if (members.length === 0) throw new Problem('file', 'There is no hand-in in the zip.', WANTED.expected);
	return members.map(({ name, bytes }) => ({
		name: bareName(name),
		text: () => Promise.resolve(new TextDecoder().decode(bytes))
	}));
}

const oneFile = (file: File): Brought => ({
	name: file.name,
	text: () => {
		if (file.size > LONGEST_OURS) throw new Problem('file', 'The file is too large.', 'at most 20 megabytes');
		return file.text();
	}
});

/** Everything in the files that were brought, zips unpacked. A zip that cannot be read is told, and hides no other. */
export async function broughtIn(
	files: readonly File[],
	refused: (name: string, error: unknown) => void,
	unzip: Unzip = unzipApart
): Promise<Brought[]> {
	const all: Brought[] = [];
	for (const file of files.slice(0, MOST_FILES))
		try {
			all.push(...((await isZip(file)) ? await inZip(file, unzip) : [oneFile(file)]));
		} catch (error) {
			refused(file.name, error);
		}
	for (const { name } of files.slice(MOST_FILES))
		refused(name, new Problem('file', 'Too many files at once.', `at most ${MOST_FILES}`));
	return all;
}

const entriesOf = (folder: FileSystemDirectoryEntry): Promise<FileSystemEntry[]> => {
	const reader = folder.createReader();
	const all: FileSystemEntry[] = [];
	return new Promise((done) => {
		const more = () =>
			reader.readEntries(
				(some) => {
					if (some.length === 0 || all.length > MOST_FILES) return done(all);
					all.push(...some);
					more();
				},
				() => done(all)
			);
		more();
	});
};

const MOST_DEEP = 6;

async function filesOf(entry: FileSystemEntry, deep = 0): Promise<File[]> {
	if (entry.isFile)
		return new Promise((done) =>
			(entry as FileSystemFileEntry).file(
				(file) => done([file]),
				() => done([])
			)
		);
	if (!entry.isDirectory || deep > MOST_DEEP) return [];
	const within = await entriesOf(entry as FileSystemDirectoryEntry);
	return (await Promise.all(within.map((each) => filesOf(each, deep + 1)))).flat();
}

/** The files that were dropped, those in folders among them. */
export async function droppedFiles({ items, files }: DataTransfer): Promise<File[]> {
	const entries = [...items].flatMap((item) => item.webkitGetAsEntry() ?? []);
	if (entries.length === 0) return [...files];
	return (await Promise.all(entries.map((entry) => filesOf(entry)))).flat();
}
