import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingStudy } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { studyId } from '$lib/server/ids';
import { restoreStudy } from '$lib/server/studies/repository';

export const POST: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await restoreStudy(database(), studyId(params.id!)))) throw missingStudy();
		return new Response(null, { status: 204 });
	});
