import { type RequestHandler } from '@sveltejs/kit';
import { returnedSchema } from '$lib/study/handed/returned';
import { answering, missingHandIn, readBody, Refusal } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { takeReturned } from '$lib/server/handed/repository';
import { handInId } from '$lib/server/ids';

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const returned = await readBody(request, returnedSchema);
		if (returned.handIn !== handInId(params.id!))
			throw new Refusal(
				422,
				'not-as-expected',
				'This was given back with another hand-in.',
				'Send it to the hand-in that it names.'
			);
		if (!(await takeReturned(database(), returned))) throw missingHandIn();
		return new Response(null, { status: 204 });
	});
