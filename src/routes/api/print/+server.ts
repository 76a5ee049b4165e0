import { type RequestHandler } from '@sveltejs/kit';
import { answering, readText } from '$lib/server/answer';
import { askedBy } from '$lib/server/asked-by';
import { print } from '$lib/server/drawing/drawing-room';

/** Plates as a PDF. They come with the request, so that what is on screen is what is printed, saved or not. */
export const POST: RequestHandler = (event) =>
	answering(() => askedBy(event, async (asking) => print(await readText(event.request), asking)));
