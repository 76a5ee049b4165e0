import { json, type RequestHandler } from '@sveltejs/kit';
import { saveStudySchema } from '$lib/study/requests';
import { answering, missingStudy, readBody, Refusal } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { studyId } from '$lib/server/ids';
import { deleteStudy, readStudy, saveStudy } from '$lib/server/studies/repository';

export const GET: RequestHandler = ({ params }) =>
	answering(async () => {
		const study = await readStudy(database(), studyId(params.id!));
		if (!study) throw missingStudy();
		return json(study);
	});

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const outcome = await saveStudy(database(), studyId(params.id!), await readBody(request, saveStudySchema));
		if (outcome.kind === 'saved') return json(outcome.saved);
		if (outcome.kind === 'missing') throw missingStudy();
		if (outcome.kind === 'deleted')
			throw new Refusal(410, 'deleted', 'This study was deleted.', 'Keep what you have as a new study.');
		throw new Refusal(
			409,
			'stale',
			'This study was changed elsewhere.',
			`The latest revision is ${outcome.revision}. Load it, or keep what you have as a copy.`
		);
	});

export const DELETE: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await deleteStudy(database(), studyId(params.id!)))) throw missingStudy();
		return new Response(null, { status: 204 });
	});
