import { basename } from 'node:path';
import { fontFiles } from '../picture/font-files';

/** A face of the plates on paper: its name, the file of its plain letters, and the file of the further Latin ones. */
const FACES = {
	serif: ['newsreader-latin-500-normal.ttf', 'newsreader-latin-ext-500-normal.ttf'],
	sans: ['archivo-latin-400-normal.ttf', 'archivo-latin-ext-400-normal.ttf'],
	strong: ['archivo-latin-600-normal.ttf', 'archivo-latin-ext-600-normal.ttf']
} as const;
export type FaceName = keyof typeof FACES;

/** Names under which a document knows the two files of each face, with their paths. */
export async function faceFiles(): Promise<readonly { name: string; path: string }[]> {
	const paths = await fontFiles();
	const pathOf = (file: string): string => paths.find((path) => basename(path) === file)!;
	return Object.entries(FACES).flatMap(([face, [plain, further]]) => [
		{ name: face, path: pathOf(plain) },
		{ name: `${face} further`, path: pathOf(further) }
	]);
}

/** The letters of the plain files, as the font packages cut them (unicode-range of the latin subset). */
const PLAIN =
	/[ -\u00ff\u0131\u0152\u0153\u02bb\u02bc\u02c6\u02da\u02dc\u2000-\u206f\u20ac\u2122\u2191\u2193\u2212\u2215]/;

/** Cuts a text into runs that each have their letters in one file of a face. */
export function runsOf(text: string, face: FaceName): { font: string; text: string }[] {
	const runs: { font: string; text: string }[] = [];
	for (const letter of text) {
		const font = PLAIN.test(letter) ? face : `${face} further`;
		const last = runs.at(-1);
		if (last?.font === font) last.text += letter;
		else runs.push({ font, text: letter });
	}
	return runs;
}
