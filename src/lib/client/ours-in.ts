import { Problem } from '$lib/core/problem';
import { LONGEST_OURS } from '$lib/study/our-file';
import { type Ours } from '$lib/study/read-ours';
import { isZip } from './is-zip';
import { readOursApart } from './reading';
import { MOST_OF_ZIP } from './zip-limits';

/** What a file of ours holds: JSON, or a study with its pictures as a zip. @throws Problem `file`, Error in words */
export async function oursOfFile(file: File): Promise<Ours> {
	const zipped = await isZip(file);
	const most = zipped ? MOST_OF_ZIP : LONGEST_OURS;
	if (file.size > most) throw new Problem('file', 'The file is too large.', `at most ${most / 1_000_000} megabytes`);
	if (!zipped) return readOursApart(await file.text());
	const { studyOfZip } = await import('./study-zip');
	return { what: 'study', study: await studyOfZip(file) };
}

/** Why a file was not read in, with what would be right. @throws what is no problem that people can read */
export function whyNot({ name }: File, error: unknown): string {
	if (!(error instanceof Error)) throw error;
	const expected = error instanceof Problem ? ` Expected: ${error.expected}.` : '';
	return `“${name}” was not read in. ${error.message}${expected}`;
}
