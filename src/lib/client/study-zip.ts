import { zip, type Zippable } from 'fflate';
import { Problem } from '$lib/core/problem';
import { MOST_OF_PICTURE, type PictureRef } from '$lib/model/picture';
import { pathOfPicture } from '$lib/model/picture-path';
import { picturesOf } from '$lib/plates/kinds';
import { type StudyDocument } from '$lib/study/study';
import { LONGEST_OURS } from '$lib/study/our-file';
import { writeStudyFile } from '$lib/study/study-file';
import { ask } from './asking';
import { withPicturesKept } from './kept-pictures';
import { readOursApart } from './reading';
import { MOST_OF_ZIP } from './zip-limits';
import { type WantedOfZip } from './zip-members';
import { unzipApart } from './zips';

/** What a study's file is called in the zip, and where its pictures stand. */
const STUDY = 'study.json';
const FOLDER = 'pictures/';
const EXPECTED = `a zip with ${STUDY} in it, as it is taken away here`;

/** A study may have as many pictures as plates. */
const MOST_FILES = 61;

/** Pictures that ship are there wherever the study is read in. */
const ships = ({ id }: PictureRef): boolean => id.startsWith('shipped');

/** The pictures that a study brings along, each once. */
export function picturesAlong({ plates }: StudyDocument): PictureRef[] {
	const all = plates.flatMap(picturesOf).filter((picture) => !ships(picture));
	return all.filter(({ id }, i) => all.findIndex((other) => other.id === id) === i);
}

/** A study with its pictures as one file (ZIP, APPNOTE 6.3): its JSON, and a PNG for each. @throws Error in words */
export async function zipOfStudy(document: StudyDocument): Promise<Blob> {
	const files: Zippable = { [STUDY]: new TextEncoder().encode(writeStudyFile(document)) };
	for (const { id } of picturesAlong(document)) {
		const response = await ask(`${pathOfPicture(id)}?as=png`);
		// A PNG is packed already.
		files[`${FOLDER}${id}.png`] = [new Uint8Array(await response.arrayBuffer()), { level: 0 }];
	}
	return new Promise((done, fail) =>
		zip(files, { consume: true }, (error, bytes) =>
			error ? fail(new Error('The zip could not be made.')) : done(new Blob([bytes], { type: 'application/zip' }))
		)
	);
}

const WANTED: WantedOfZip = {
	names: /^(?:study\.json|pictures\/[0-9a-z]{6,24}\.png)$/,
	mostFiles: MOST_FILES,
	mostOfOne: MOST_OF_PICTURE,
	mostOfAll: MOST_OF_ZIP,
	expected: EXPECTED
};

/**
 * A study out of a zip: its pictures are kept by the server first, and it names them as they are kept there. A picture that the zip does
 * not hold is said to be missing; nothing is read in by half.
 * @throws Problem `file`; Error in words where a picture is refused.
 */
export async function studyOfZip(zip: Blob): Promise<StudyDocument> {
	const files = new Map((await unzipApart(zip, WANTED)).map(({ name, bytes }) => [name, bytes]));
	const study = files.get(STUDY);
	if (!study || study.length > LONGEST_OURS)
		throw new Problem('file', `There is no ${STUDY} in the zip, or it is too large.`, EXPECTED);
	const ours = await readOursApart(new TextDecoder().decode(study));
	if (ours.what !== 'study') throw new Problem('file', `The ${STUDY} in the zip is no study.`, EXPECTED);
	const document = ours.study;
	const pictures = new Map<string, Blob>();
	for (const { id, name } of picturesAlong(document)) {
		const file = files.get(`${FOLDER}${id}.png`);
		if (!file) throw new Problem('file', `The picture “${name}” is not in the zip.`, 'the zip as it was taken away');
		pictures.set(id, new Blob([file]));
	}
	return withPicturesKept(document, pictures);
}
