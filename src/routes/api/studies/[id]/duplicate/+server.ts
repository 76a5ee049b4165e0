import { json, type RequestHandler } from '@sveltejs/kit';
import { answering, missingStudy } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { studyId } from '$lib/server/ids';
import { duplicateStudy } from '$lib/server/studies/repository';

export const POST: RequestHandler = ({ params }) =>
	answering(async () => {
		const copy = await duplicateStudy(database(), studyId(params.id!));
		if (!copy) throw missingStudy();
		return json(copy, { status: 201 });
	});
