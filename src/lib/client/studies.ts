import { copyOfStudy } from '$lib/model/new-study';
import { studySchema, type Study, type StudyDocument } from '$lib/model/study';
import { reasonOf, UNREACHABLE } from './reason';

const asJson = (method: string, content: unknown): RequestInit => ({
	method,
	headers: { 'content-type': 'application/json' },
	body: JSON.stringify(content)
});

/** @throws Error whose message says to people what went wrong. */
async function ask(path: string, init?: RequestInit): Promise<Response> {
	let response: Response;
	try {
		response = await fetch(`/api/studies${path}`, init);
	} catch {
		throw new Error(UNREACHABLE);
	}
	if (!response.ok) throw new Error(await reasonOf(response));
	return response;
}

/** The study as the server has it now. */
export async function loadStudy(id: string): Promise<Study> {
	return studySchema.parse(await (await ask(`/${id}`)).json());
}

/** Keeps a document as a new study and gives it as kept. */
export async function keepNew(document: StudyDocument): Promise<Study> {
	return studySchema.parse(await (await ask('', asJson('POST', { document }))).json());
}

export const keepCopy = (document: StudyDocument): Promise<Study> => keepNew(copyOfStudy(document));

export const deleteStudy = (id: string): Promise<Response> => ask(`/${id}`, { method: 'DELETE' });
export const restoreStudy = (id: string): Promise<Response> => ask(`/${id}/restore`, { method: 'POST' });
export const duplicateStudy = (id: string): Promise<Response> => ask(`/${id}/duplicate`, { method: 'POST' });
export const renameStudy = (id: string, title: string): Promise<Response> =>
	ask(`/${id}/title`, asJson('PUT', { title }));
