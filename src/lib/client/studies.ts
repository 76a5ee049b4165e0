import { studyListSchema, type ListQuery, type StudyList } from '$lib/study/requests';
import { ownDefaults } from './own-defaults';
import { newId } from '$lib/model/ids';
import { emptyTerms } from '$lib/study/brief/terms';
import { copyOfStudy } from '$lib/study/new-study';
import { studySchema, type Study, type StudyDocument } from '$lib/study/study';
import { ask, asJson } from './asking';

const PATH = '/api/studies';

/** A helping of the list of studies. */
export async function listStudies({ of, words, sort, after }: ListQuery): Promise<StudyList> {
	const query = new URLSearchParams({ of, words, sort, after });
	return studyListSchema.parse(await (await ask(`${PATH}?${query}`)).json());
}

/** The study as the server has it now. */
export async function loadStudy(id: string): Promise<Study> {
	return studySchema.parse(await (await ask(`${PATH}/${id}`)).json());
}

/** Keeps a document as a new study and gives it as kept. */
export async function keepNew(document: StudyDocument): Promise<Study> {
	return studySchema.parse(await (await ask(PATH, asJson('POST', { document }))).json());
}

/** A brief set from a study: a copy of it, under its own title. */
export async function setAsBrief(id: string): Promise<Study> {
	const { document } = await loadStudy(id);
	return keepNew({ ...document, reflection: undefined, answers: undefined, brief: emptyTerms(newId()) });
}

export const keepCopy = (document: StudyDocument): Promise<Study> => keepNew(copyOfStudy(document));

export const deleteStudy = (id: string): Promise<Response> => ask(`${PATH}/${id}`, { method: 'DELETE' });
export const restoreStudy = (id: string): Promise<Response> => ask(`${PATH}/${id}/restore`, { method: 'POST' });
/** A copy belongs to whoever makes it, as far as this browser knows their name. */
export const duplicateStudy = (id: string): Promise<Response> =>
	ask(`${PATH}/${id}/duplicate`, asJson('POST', { maker: ownDefaults().maker }));
export const renameStudy = (id: string, title: string): Promise<Response> =>
	ask(`${PATH}/${id}/title`, asJson('PUT', { title }));
