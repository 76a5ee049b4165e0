import { type RequestHandler } from '@sveltejs/kit';
import { answering, readText } from '$lib/server/answer';
import { askedBy } from '$lib/server/asked-by';
import { picture } from '$lib/server/drawing/drawing-room';

/** A plate as PNG. It comes with the request, so that what is on screen is what is drawn, saved or not. */
export const POST: RequestHandler = (event) =>
	answering(() => askedBy(event, async (asking) => picture(await readText(event.request), asking)));
