import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingHandIn } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { deleteHandIn, readHandInFile } from '$lib/server/handed/repository';
import { handInId } from '$lib/server/ids';

/** The file as it is kept: data of somebody else's, never a page. */
export const GET: RequestHandler = ({ params }) =>
	answering(async () => {
		const text = await readHandInFile(database(), handInId(params.id!));
		if (text === null) throw missingHandIn();
		return new Response(text, { headers: { 'content-type': 'application/json', 'cache-control': 'no-store' } });
	});

export const DELETE: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await deleteHandIn(database(), handInId(params.id!)))) throw missingHandIn();
		return new Response(null, { status: 204 });
	});
