import { type PictureRef, type TakenIn } from '$lib/model/picture';
import { mapPictures } from '$lib/plates/kinds';
import { type StudyDocument } from '$lib/study/study';
import { sendPicture } from './pictures';

/** A study with its pictures kept by the server first, under the ids that they have there. @throws Error in words where one is refused. */
export async function withPicturesKept(
	document: StudyDocument,
	files: ReadonlyMap<string, Blob>
): Promise<StudyDocument> {
	const kept = new Map<string, TakenIn>();
	const never = new AbortController();
	for (const [id, file] of files) kept.set(id, await sendPicture(file, { signal: never.signal, onsent: () => {} }));
	const asKept = (picture: PictureRef): PictureRef => {
		const now = kept.get(picture.id);
		return now ? { ...picture, id: now.id, width: now.width, height: now.height } : picture;
	};
	return { ...document, plates: document.plates.map((plate) => mapPictures(plate, asKept)) };
}
