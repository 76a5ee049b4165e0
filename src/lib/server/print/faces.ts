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
	return [
		...Object.entries(FACES).flatMap(([face, [plain, further]]) => [
			{ name: face, path: pathOf(plain) },
			{ name: `${face} further`, path: pathOf(further) }
		]),
		...ELSEWHERE.map(({ name, file }) => ({ name, path: pathOf(file) }))
	];
}

/** Letters that our faces do not have: in another's, alike for all three; the signs have nearly all the rest. */
const ELSEWHERE = [
	{ name: 'greek', file: 'noto-sans-greek-400-normal.ttf', letters: /[\u0370-\u03ff]/ },
	{ name: 'cyrillic', file: 'noto-sans-cyrillic-400-normal.ttf', letters: /[\u0400-\u045f\u0490\u0491\u04b0\u04b1]/ },
	{ name: 'signs', file: 'noto-sans-math-latin-400-normal.ttf', letters: /[^]/u }
] as const;

/** The letters of the plain files, as the font packages cut them (unicode-range of the latin subset), that both faces have. */
const PLAIN = /[ -\u00ff\u0131\u0152\u0153\u02bb\u02bc\u02c6\u02da\u02dc\u2000-\u206f\u20ac\u2122\u2212\u2215]/;
/** Those of the further files (latin-ext). */
const FURTHER =
	/[\u0100-\u02ba\u02bd-\u02c5\u02c7-\u02cc\u02ce-\u02d7\u02dd-\u02ff\u1e00-\u1e9f\u1ef2-\u1eff\u20a0-\u20ab\u20ad-\u20c0]/;

function fontOf(letter: string, face: FaceName): string {
	if (PLAIN.test(letter)) return face;
	if (FURTHER.test(letter)) return `${face} further`;
	return ELSEWHERE.find(({ letters }) => letters.test(letter))!.name;
}

/** Cuts a text into runs that each have their letters in one file of a face. */
export function runsOf(text: string, face: FaceName): { font: string; text: string }[] {
	const runs: { font: string; text: string }[] = [];
	for (const letter of text) {
		const font = fontOf(letter, face);
		const last = runs.at(-1);
		if (last?.font === font) last.text += letter;
		else runs.push({ font, text: letter });
	}
	return runs;
}
