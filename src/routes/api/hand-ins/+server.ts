import { json, type RequestHandler } from '@sveltejs/kit';
import { handInQuerySchema, keepHandInSchema } from '$lib/study/handed/requests';
import { answering, readAs, readBytes, readQuery } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { keepHandIn, listHandIns } from '$lib/server/handed/repository';
import { HAND_IN_TOO_LARGE, MOST_OF_HAND_IN } from '$lib/server/limits';

export const GET: RequestHandler = ({ url }) =>
	answering(async () => json(await listHandIns(database(), readQuery(url, handInQuerySchema))));

export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const text = new TextDecoder().decode(await readBytes(request, MOST_OF_HAND_IN, HAND_IN_TOO_LARGE));
		const isNew = await keepHandIn(database(), readAs(text, keepHandInSchema));
		return json({ isNew }, { status: isNew ? 201 : 200 });
	});
