import { building } from '$app/environment';
import { type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';
import { problem } from '$lib/server/answer';
import { start } from '$lib/server/app';
import { isExpectedHost } from '$lib/server/settings';

export const init: ServerInit = async () => {
	if (!building) await start();
};

const READING = new Set(['GET', 'HEAD']);

/** A browser names the page that a write comes from; it must be one of ours. */
function comesFromElsewhere(request: Request): boolean {
	const origin = request.headers.get('origin');
	if (READING.has(request.method) || origin === null) return false;
	return !URL.canParse(origin) || new URL(origin).host !== request.headers.get('host');
}

export const handle: Handle = async ({ event, resolve }) => {
	if (!isExpectedHost(event.request.headers.get('host')))
		return problem({
			status: 421,
			code: 'other-host',
			title: 'This server does not answer under that name.',
			detail: 'Use the address it printed at its start.'
		});
	if (comesFromElsewhere(event.request))
		return problem({
			status: 403,
			code: 'other-origin',
			title: 'The request comes from another site.',
			detail: 'Only Ricercar’s own pages may change studies.'
		});
	const response = await resolve(event);
	response.headers.set('x-content-type-options', 'nosniff');
	response.headers.set('referrer-policy', 'no-referrer');
	response.headers.set('cross-origin-opener-policy', 'same-origin');
	return response;
};

/** What failed is written to the server's log with a number; people get the number, never the stack. */
export const handleError: HandleServerError = ({ error, status, message }) => {
	if (status === 404) return { message: 'There is nothing at this address.' };
	const number = crypto.randomUUID().slice(0, 8);
	console.error(`failure ${number}:`, error);
	return {
		message: status >= 500 ? `Something failed on the server (number ${number}). Nothing was lost; try again.` : message
	};
};
