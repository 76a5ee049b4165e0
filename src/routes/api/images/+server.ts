import { json, type RequestHandler } from '@sveltejs/kit';
import { MOST_OF_PICTURE } from '$lib/model/picture';
import { answering, readBytes } from '$lib/server/answer';
import { clientOf } from '$lib/server/client-of';
import { PICTURE_TOO_LARGE } from '$lib/server/limits';
import { keepPicture } from '$lib/server/images/kept-pictures';

/** Takes a picture in, as the body of the request. The only route to which more than a study may be sent. */
export const POST: RequestHandler = (event) =>
	answering(async () => {
		const sent = await readBytes(event.request, MOST_OF_PICTURE, PICTURE_TOO_LARGE);
		return json(await keepPicture(sent, clientOf(event)), { status: 201 });
	});
