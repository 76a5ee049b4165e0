import { newStudy } from '../../src/lib/study/new-study';
import { type StudyDocument } from '../../src/lib/study/study';

export const asJson = (method: string, content: unknown): RequestInit => ({
	method,
	headers: { 'content-type': 'application/json' },
	body: JSON.stringify(content)
});

/** Sends the file of a hand-in. A connection that fell idle while the text was made is not asked again. */
export const sendHandIn = (url: string, text: string): Promise<Response> =>
	fetch(`${url}/api/hand-ins`, {
		method: 'POST',
		headers: { 'content-type': 'application/json', connection: 'close' },
		body: text
	});

export interface Kept {
	readonly id: string;
	readonly revision: number;
}

/** Keeps a study at a server. */
export async function keep(url: string, document: StudyDocument = newStudy('Kept', '')): Promise<Kept> {
	const response = await fetch(`${url}/api/studies`, asJson('POST', { document }));
	if (response.status !== 201) throw new Error(`not kept: ${response.status} ${await response.text()}`);
	return (await response.json()) as Kept;
}

export interface ReadBack {
	readonly revision: number;
	readonly document: StudyDocument;
}

export async function readBack(url: string, id: string): Promise<ReadBack> {
	const response = await fetch(`${url}/api/studies/${id}`);
	if (!response.ok) throw new Error(`not read: ${response.status} ${await response.text()}`);
	return (await response.json()) as ReadBack;
}

/** One save over a revision; what the server answered. */
export const save = (
	url: string,
	id: string,
	revision: number,
	name: string,
	document: StudyDocument
): Promise<Response> => fetch(`${url}/api/studies/${id}`, asJson('PUT', { revision, saveId: name, document }));
