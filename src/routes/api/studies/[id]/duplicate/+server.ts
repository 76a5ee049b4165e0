import { json, type RequestHandler } from '@sveltejs/kit';
import { answering, missingStudy, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { studyId } from '$lib/server/ids';
import { duplicateStudy } from '$lib/server/studies/repository';
import { duplicateStudySchema } from '$lib/study/requests';

export const POST: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const { maker } = await readBody(request, duplicateStudySchema);
		const copy = await duplicateStudy(database(), studyId(params.id!), maker);
		if (!copy) throw missingStudy();
		return json(copy, { status: 201 });
	});
