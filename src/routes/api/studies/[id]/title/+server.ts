import { type RequestHandler } from '@sveltejs/kit';
import { renameStudySchema } from '$lib/study/requests';
import { answering, missingStudy, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { studyId } from '$lib/server/ids';
import { renameStudy } from '$lib/server/studies/repository';

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const { title } = await readBody(request, renameStudySchema);
		if (!(await renameStudy(database(), studyId(params.id!), title))) throw missingStudy();
		return new Response(null, { status: 204 });
	});
