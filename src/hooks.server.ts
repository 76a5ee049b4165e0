import { building } from '$app/environment';
import { type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';
import { problem } from '$lib/server/answer';
import { start } from '$lib/server/app';
import { ownOrigin } from '$lib/server/settings';

export const init: ServerInit = async () => {
	if (!building) await start();
};

const READING = new Set(['GET', 'HEAD']);

/** A browser names the page that a write comes from; it must be one of ours. */
function comesFromElsewhere(request: Request): boolean {
	const origin = request.headers.get('origin');
	if (READING.has(request.method) || origin === null) return false;
	return !URL.canParse(origin) || origin !== ownOrigin(request.headers.get('host'));
}

/** What pages do not say themselves: their letters, what may be kept of them, and that nothing else may run in them. */
function finish({ headers }: Response): void {
	const type = headers.get('content-type') ?? '';
	if (type === 'text/html') headers.set('content-type', 'text/html; charset=utf-8');
	// People's work is not kept anywhere, unless a route says otherwise: going back must not show an older version as the saved one.
	if (!headers.get('cache-control')?.includes('immutable')) headers.set('cache-control', 'no-store');
	if (!headers.has('content-security-policy'))
		headers.set('content-security-policy', "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'");
	headers.set('cross-origin-opener-policy', 'same-origin');
}

export const handle: Handle = async ({ event, resolve }) => {
	const response = comesFromElsewhere(event.request)
		? problem({
				status: 403,
				code: 'other-origin',
				title: 'The request comes from another site.',
				detail: 'Only Ricercar’s own pages may change studies.'
			})
		: await resolve(event);
	finish(response);
	return response;
};

/** What failed is written to the server's log with a number; people get the number, never the stack. */
export const handleError: HandleServerError = ({ error, status, message }) => {
	if (status === 404) return { message: 'There is nothing at this address.' };
	// What was asked wrongly is nothing that failed here.
	if (status < 500) return { message };
	const number = crypto.randomUUID().slice(0, 8);
	// The stack and the message, not the object: a failure may carry whole documents with it.
	console.error(
		`failure ${number}:`,
		error instanceof Error ? (error.stack ?? error.message).slice(0, 4000) : 'no reason given'
	);
	return {
		message: `Something failed on the server (number ${number}). Load the page again to see what is kept.`
	};
};
