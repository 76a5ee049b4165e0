import { type RequestHandler } from '@sveltejs/kit';
import { returnedSchema } from '$lib/study/handed/returned';
import { answering, missingHandIn, readBody } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { takeReturned } from '$lib/server/handed/repository';
import { handInId } from '$lib/server/ids';

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const returned = await readBody(request, returnedSchema);
		if (!(await takeReturned(database(), handInId(params.id!), returned))) throw missingHandIn();
		return new Response(null, { status: 204 });
	});
