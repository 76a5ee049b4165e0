import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingHandIn } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { restoreHandIn } from '$lib/server/handed/repository';
import { handInId } from '$lib/server/ids';

export const POST: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await restoreHandIn(database(), handInId(params.id!)))) throw missingHandIn();
		return new Response(null, { status: 204 });
	});
