import { json, type RequestHandler } from '@sveltejs/kit';
import { answering, readBody, Refusal } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { groupWall } from '$lib/server/handed/walls';
import { briefId } from '$lib/server/ids';
import { groupWallSchema } from '$lib/study/handed/groups';

export const PUT: RequestHandler = ({ params, request }) =>
	answering(async () => {
		const revision = await groupWall(database(), briefId(params.brief!), await readBody(request, groupWallSchema));
		if (revision !== null) return json({ revision });
		throw new Refusal(
			409,
			'stale',
			'The groups of this wall were changed elsewhere.',
			'Load the page again: what hangs together there comes with it.'
		);
	});
