import { sayProgress } from '$lib/study/brief/progress';
import { type GroupWall } from '$lib/study/handed/groups';
import { inOrderOfBriefs } from '$lib/study/handed/on-wall';
import { handInOf, type HandIn } from '$lib/study/handed/hand-in';
import { writeHandIn } from '$lib/study/handed/hand-in-file';
import {
	givenSchema,
	handInListSchema,
	HAND_INS_PATH,
	pathToKeep,
	type GiveBack,
	type HandInList,
	MOST_PRINTED,
	type HandInQuery,
	type PrintHanded
} from '$lib/study/handed/requests';
import { type Returned } from '$lib/study/handed/returned';
import { type Sealed } from '$lib/study/our-file';
import { type StudyDocument } from '$lib/study/study';
import { rasterAddress } from '$lib/drawing/raster-png';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { drawPlate } from '$lib/plates/draw-plate';
import { pictureKey, type Pixels } from '$lib/study/handed/stored-drawing';
import { withPicturesKept } from './kept-pictures';
import { pictureWork } from './pictures';
import { pathOfPicture } from '$lib/model/picture-path';
import { asData } from './as-data';
import { ask, asJson, asJsonText } from './asking';
import { downloadMade, handInName, plainName, type Making } from './files';
import { readOursApart } from './reading';
import { picturesAlong } from './study-zip';

export async function listHandIns(query: HandInQuery): Promise<HandInList> {
	return handInListSchema.parse(await (await ask(`${HAND_INS_PATH}?${new URLSearchParams(query)}`)).json());
}

/** A hand-in with its file as it is. */
export interface WithFile extends Sealed<HandIn> {
	readonly text: string;
}

/** The hand-in of a file; null where it is another file of ours. @throws Problem `file` */
async function handInOfText(text: string): Promise<WithFile | null> {
	const ours = await readOursApart(text);
	return ours.what === 'hand-in' ? { ...ours, text } : null;
}

/** A hand-in as it is kept here. @throws Error in words */
export async function loadHandIn(id: string): Promise<WithFile> {
	const found = await handInOfText(await (await ask(`${HAND_INS_PATH}/${id}`)).text());
	if (!found) throw new Error('What is kept here is no hand-in.');
	return found;
}

/** Keeps a hand-in; says whether it is new here. @throws Error in words */
export async function keepHandIn(text: string, study: string | null): Promise<boolean> {
	return (await ask(pathToKeep(study), asJsonText(text))).status === 201;
}

/** Keeps the groups of a wall; gives the revision after it. @throws Error in words */
export async function groupWall(brief: string, groups: GroupWall): Promise<number> {
	return givenSchema.parse(await (await ask(`/api/walls/${brief}`, asJson('PUT', groups))).json()).revision;
}

export const deleteHandIn = (id: string): Promise<Response> => ask(`${HAND_INS_PATH}/${id}`, { method: 'DELETE' });
export const restoreHandIn = (id: string): Promise<Response> =>
	ask(`${HAND_INS_PATH}/${id}/restore`, { method: 'POST' });

/** Keeps what is given back with a hand-in; gives the revision after it. @throws Error in words */
export async function giveBack(id: string, given: GiveBack): Promise<number> {
	return givenSchema.parse(await (await ask(`${HAND_INS_PATH}/${id}/given`, asJson('PUT', given))).json()).revision;
}

/** Keeps what came back with a hand-in of one's own. @throws Error in words */
export const takeReturned = (returned: Returned): Promise<Response> =>
	ask(`${HAND_INS_PATH}/${returned.handIn}/returned`, asJson('PUT', returned));

/** The pictures that a study brings along, as they stand in a hand-in. @throws Error in words */
async function picturesIn(document: StudyDocument): Promise<HandIn['pictures']> {
	const found: Record<string, string> = {};
	for (const { id } of picturesAlong(document))
		found[id] = await asData(await (await ask(`${pathOfPicture(id)}?as=png`)).blob());
	return found;
}

/** So many pixels wide a picture stands in a hand-in, where it does not ship: as wide as a plate. */
const WIDEST = PLATE_WIDTH;

/** A picture as it is seen, in no more pixels than a plate shows. */
async function reducedPng(blob: Blob): Promise<string> {
	const bitmap = await createImageBitmap(blob);
	const width = Math.min(WIDEST, bitmap.width);
	const height = Math.max(1, Math.round((bitmap.height * width) / bitmap.width));
	const canvas = new OffscreenCanvas(width, height);
	const context = canvas.getContext('2d')!;
	context.drawImage(bitmap, 0, 0, width, height);
	const { data } = context.getImageData(0, 0, width, height);
	const codes = Uint32Array.from(
		{ length: width * height },
		(_, i) => (data[4 * i]! << 16) | (data[4 * i + 1]! << 8) | data[4 * i + 2]!
	);
	return rasterAddress({ kind: 'raster', x: 0, y: 0, width, height, columns: width, codes });
}

/** The pixels of pictures that do not ship, as the plates show them. @throws Error in words */
async function pixelsIn(document: StudyDocument): Promise<Pixels> {
	const own = new Set(picturesAlong(document).map(({ id }) => id));
	const found: Record<string, string> = {};
	for (const plate of document.plates)
		for (const shape of drawPlate(plate, document.linked, 'full').shapes)
			if (shape.kind === 'image' && own.has(shape.id) && !found[pictureKey(shape)])
				found[pictureKey(shape)] = await reducedPng(await pictureWork().png(shape.id, shape.seen));
	return found;
}

/** A study frozen as it stands, kept here as handed in from it. @throws Error in words */
export async function handIn(studyId: string, document: StudyDocument): Promise<WithFile> {
	const made = handInOf(document, {
		id: newId(),
		at: new Date().toISOString(),
		pictures: await picturesIn(document),
		pixels: await pixelsIn(document)
	});
	if (!made) throw new Error('This study answers no brief.');
	const frozen: WithFile = { content: made, asWritten: true, text: writeHandIn(made) };
	await keepHandIn(frozen.text, studyId);
	return frozen;
}

/** A picture that carries its own data as a file. */
function pngOf(address: string): Blob {
	const letters = atob(address.slice(address.indexOf(',') + 1));
	return new Blob([Uint8Array.from(letters, (letter) => letter.charCodeAt(0))], { type: 'image/png' });
}

/** A study begun from what was handed in, its pictures kept here first. @throws Error in words */
export const begunHere = ({ study, pictures }: HandIn): Promise<StudyDocument> =>
	withPicturesKept(study, new Map(Object.entries(pictures).map(([id, address]) => [id, pngOf(address)])));

/** "furrow-anselm-2-four-intervals.handin.json" */
export const handInFileName = ({ study }: HandIn): string => `${handInName(study.titleBlock)}.handin.json`;

/** "7 of 9 hold", or that nothing was asked. */
export const sayHeld = ({ asked }: Pick<HandIn, 'asked'>): string =>
	asked.length === 0 ? 'no checks' : sayProgress(asked);

const ACROSS = { paper: 'a4', across: true } as const;

/** Everything that one maker handed in, as far as it is here, as a PDF. Says in words what went wrong. */
export async function downloadPortfolio(maker: string, notes: boolean, making: Making): Promise<string | null> {
	const { lines } = await listHandIns({ maker });
	const request: PrintHanded = {
		ids: inOrderOfBriefs(lines)
			.map(({ id }) => id)
			.slice(-MOST_PRINTED),
		title: asLine(`Portfolio: ${maker}`),
		notes,
		plate: null,
		page: ACROSS
	};
	return downloadMade(`${HAND_INS_PATH}/print`, request, `${plainName(maker)}-portfolio.pdf`, making);
}

/** One plate of each hand-in as a wall, as a PDF. Says in words what went wrong. */
export const downloadWall = (
	{ ids, title, plate }: Pick<PrintHanded, 'ids' | 'title' | 'plate'>,
	making: Making
): Promise<string | null> =>
	downloadMade(
		`${HAND_INS_PATH}/print`,
		{ ids: ids.slice(0, MOST_PRINTED), title, plate, notes: false, page: ACROSS } satisfies PrintHanded,
		`${plainName(title)}-pin-up.pdf`,
		making
	);
