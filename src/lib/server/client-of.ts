import { type RequestEvent } from '@sveltejs/kit';

/** By which work is shared out fairly: where a request comes from, and the window that it names where it names one. */
export const clientOf = (event: RequestEvent): string =>
	`${event.getClientAddress()} ${event.request.headers.get('x-window')?.slice(0, 40) ?? ''}`;
