import { type IncomingMessage, type ServerResponse } from 'node:http';
import { type ProblemAnswer } from '$lib/study/requests';
import { isExpectedHost } from '../settings';

/** One thing that is done with a request before the next. */
export type Middleware = (request: IncomingMessage, response: ServerResponse, next: () => void) => void;

/** Answers with a problem (RFC 9457), before anything else has been answered. */
function refuse(response: ServerResponse, problem: ProblemAnswer): void {
	response.writeHead(problem.status, {
		'content-type': 'application/problem+json',
		'cache-control': 'no-store'
	});
	response.end(JSON.stringify({ type: 'about:blank', ...problem }));
}

/** Headers of every answer, static files and refusals among them. */
export const plainHeaders: Middleware = (_request, response, next) => {
	response.setHeader('x-content-type-options', 'nosniff');
	response.setHeader('referrer-policy', 'no-referrer');
	next();
};

/** Only names that are this server's are answered, whatever is asked for: a page elsewhere could have its own name point here. */
export const onlyExpectedHosts: Middleware = (request, response, next) => {
	if (isExpectedHost(request.headers.host ?? null)) return next();
	refuse(response, {
		status: 421,
		code: 'other-host',
		title: 'This server does not answer under that name.',
		detail: 'Use the address it printed at its start. Whoever runs it can name others in RICERCAR_HOSTS.'
	});
};

/** So much of a body that is too large is still taken in, so that whoever sends it can read the answer. */
const MOST_DRAINED = 64_000_000;

/** How much may be sent to an address, and what is said of more. */
export type Limit = (path: string) => { readonly most: number; readonly detail: string };

/** Refuses bodies that say beforehand that they are too large, after taking them in: an answer in the middle of sending is lost. */
export const bodiesUpTo =
	(limit: Limit): Middleware =>
	(request, response, next) => {
		const { most, detail } = limit((request.url ?? '').split('?')[0]!);
		const length = Number(request.headers['content-length'] ?? 0);
		if (!(length > most)) return next();
		const answer = (): void => {
			response.setHeader('connection', 'close');
			refuse(response, { status: 413, code: 'too-large', title: 'The request is too large.', detail });
		};
		if (length > MOST_DRAINED) return answer();
		request.once('end', answer);
		request.resume();
	};
