import { json } from '@sveltejs/kit';
import { type z } from 'zod';
import { type ProblemAnswer } from '$lib/model/requests';

/** What a route can say went wrong. `detail` says what would be right. */
export class Refusal extends Error {
	constructor(
		readonly status: number,
		readonly code: string,
		readonly title: string,
		readonly detail: string
	) {
		super(title);
	}
}

/** A problem as the client gets it: RFC 9457, and never more than this. */
export function problem({ status, code, title, detail }: ProblemAnswer): Response {
	return json(
		{ type: 'about:blank', status, code, title, detail },
		{ status, headers: { 'content-type': 'application/problem+json' } }
	);
}

export const missingStudy = (): Refusal =>
	new Refusal(
		404,
		'no-such-study',
		'There is no such study.',
		'It may have been deleted. The list of studies shows what there is.'
	);

export const missingPalette = (): Refusal =>
	new Refusal(
		404,
		'no-such-palette',
		'There is no such palette.',
		'It may have been deleted. The list of palettes shows what there is.'
	);

export const missingMeasure = (): Refusal =>
	new Refusal(
		404,
		'no-such-measure',
		'There is no such measure.',
		'It may have been deleted. “My own contrast” shows which there are.'
	);

/** Runs a route and answers what it refuses as a readable problem. */
export async function answering(work: () => Promise<Response>): Promise<Response> {
	try {
		return await work();
	} catch (error) {
		if (error instanceof Refusal) return problem(error);
		throw error;
	}
}

/** The body of a request, read as JSON by a schema. */
export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<T> {
	const type = request.headers.get('content-type') ?? '';
	if (!type.startsWith('application/json'))
		throw new Refusal(415, 'not-json', 'The request is not JSON.', 'Send it with the content type application/json.');
	const result = schema.safeParse(await parseJson(request));
	if (result.success) return result.data;
	const [issue] = result.error.issues;
	const place = issue && issue.path.length > 0 ? issue.path.map(String).join(' › ') : 'the whole request';
	throw new Refusal(
		422,
		'not-as-expected',
		'Something in the request is not as expected.',
		`At ${place}: ${issue?.message ?? 'unreadable'}.`
	);
}

async function parseJson(request: Request): Promise<unknown> {
	let text: string;
	try {
		text = await request.text();
	} catch (error) {
		const tooLarge = typeof error === 'object' && error !== null && 'status' in error && error.status === 413;
		if (tooLarge) throw new Refusal(413, 'too-large', 'The request is too large.', 'A study may take 2 megabytes.');
		throw new Refusal(400, 'broken-off', 'The request broke off.', 'Send it again.');
	}
	try {
		return JSON.parse(text);
	} catch {
		throw new Refusal(400, 'not-json', 'The request is not JSON.', 'It should be one JSON object.');
	}
}
