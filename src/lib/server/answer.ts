import { createHash } from 'node:crypto';
import { open } from 'node:fs/promises';
import { error as pageError, json } from '@sveltejs/kit';
import { type z } from 'zod';
import { readJson } from '$lib/core/format/read-json';
import { Problem } from '$lib/core/problem';
import { type ProblemAnswer } from '$lib/study/requests';
import { sayIssue } from '$lib/model/say-issue';
import { MOST_BYTES, TOO_LARGE } from './limits';
import { hasEnded, inMegabytes, isDamage, isFull, OutOfSpace } from './database/failures';

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

export const missingHandIn = (): Refusal =>
	new Refusal(
		404,
		'no-such-hand-in',
		'There is no such hand-in here.',
		'It may have been deleted. Whoever has its file can read it in.'
	);

export const missingBrief = (): Refusal =>
	new Refusal(
		404,
		'no-such-brief',
		'There is no such brief.',
		'It may have been deleted. The list of briefs shows what there is.'
	);

export const missingPalette = (): Refusal =>
	new Refusal(
		404,
		'no-such-palette',
		'There is no such palette.',
		'It may have been deleted. The list of palettes shows what there is.'
	);

/** What a failure of the database means to people, or null for any other error. */
function refusalOf(error: unknown): Refusal | null {
	if (isFull(error)) {
		const space =
			error instanceof OutOfSpace
				? `${inMegabytes(error.free)} MB are free where the studies are kept, ${inMegabytes(error.needed)} MB are needed.`
				: 'No space is left where the studies are kept.';
		return new Refusal(507, 'disk-full', 'The disk is nearly full.', `${space} Make room there.`);
	}
	if (isDamage(error))
		return new Refusal(
			503,
			'database-damaged',
			'The database cannot read this.',
			'Its files seem to be damaged. Whoever runs this server finds the reason in its log.'
		);
	if (hasEnded(error))
		return new Refusal(
			503,
			'database-ended',
			'The database has ended.',
			'Whoever runs this server starts it again; every save that was answered is kept.'
		);
	return null;
}

/** Notes in the server's log what the database said; never the statement or its values, which are people's work. */
function note(error: unknown): void {
	if (!isFull(error))
		console.error(error instanceof Error ? `${error.name}: ${error.message}` : 'A failure without a reason.');
}

function refused(error: unknown): Refusal {
	if (error instanceof Refusal) return error;
	const refusal = refusalOf(error);
	if (!refusal) throw error;
	note(error);
	return refusal;
}

/** Runs a route and answers what it refuses as a readable problem. */
export async function answering(work: () => Promise<Response>): Promise<Response> {
	try {
		return await work();
	} catch (error) {
		return problem(refused(error));
	}
}

/** Loads what a page shows; what is refused becomes an error page in the same words. */
export async function loading<T>(work: () => Promise<T>): Promise<T> {
	try {
		return await work();
	} catch (error) {
		const { status, title, detail } = refused(error);
		return pageError(status, `${title} ${detail}`);
	}
}

/** What is asked for by an address, read by a schema. */
export function readQuery<T>(url: URL, schema: z.ZodType<T>): T {
	const refuse = (detail: string): Refusal =>
		new Refusal(400, 'not-as-expected', 'Something in the address is not as expected.', detail);
	const result = schema.safeParse(Object.fromEntries(url.searchParams));
	if (!result.success) throw refuse(sayIssue(result.error, 'the address'));
	// No database text holds this one.
	if ([...url.searchParams.values()].some((value) => value.includes('\0'))) throw refuse('It holds the letter U+0000.');
	return result.data;
}

/** The body of a request, read as JSON by a schema. */
export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<T> {
	return readAs(await readText(request), schema);
}

/** The body of a request as the text of a JSON document, unread: for what is read in a thread apart. */
export async function readText(request: Request): Promise<string> {
	checkIsJson(request);
	return new TextDecoder().decode(await readBytes(request, MOST_BYTES));
}

function checkIsJson({ headers }: Request): void {
	if (!(headers.get('content-type') ?? '').startsWith('application/json'))
		throw new Refusal(415, 'not-json', 'The request is not JSON.', 'Send it with the content type application/json.');
}

const isTooLarge = (error: unknown): boolean =>
	typeof error === 'object' && error !== null && 'status' in error && error.status === 413;

/**
 * The body of a request part by part, which may take so many bytes; what is more, where that was not said beforehand, is not given.
 * @throws Refusal
 */
async function* partsOf({ body }: Request, most: number, detail: string): AsyncGenerator<Uint8Array> {
	let length = 0;
	try {
		for (const reader = body?.getReader(); reader;) {
			const { done, value } = await reader.read();
			if (done) break;
			length += value.length;
			// Taken in to its end all the same, as far as the server takes anything: an answer in the middle of sending is lost.
			if (length <= most) yield value;
		}
	} catch (error) {
		if (!isTooLarge(error)) throw new Refusal(400, 'broken-off', 'The request broke off.', 'Send it again.');
		length = most + 1;
	}
	if (length > most) throw new Refusal(413, 'too-large', 'The request is too large.', detail);
}

/** The body of a request, which may take so many bytes. @throws Refusal */
export async function readBytes(request: Request, most: number, detail = TOO_LARGE): Promise<Uint8Array> {
	const parts: Uint8Array[] = [];
	for await (const part of partsOf(request, most, detail)) parts.push(part);
	return Buffer.concat(parts);
}

/** The body of a request, JSON of so many bytes at most, into a file. Gives its SHA-256, hexadecimal. @throws Refusal */
export async function readIntoFile(request: Request, file: string, most: number, detail: string): Promise<string> {
	checkIsJson(request);
	const hash = createHash('sha256');
	const handle = await open(file, 'w');
	try {
		for await (const part of partsOf(request, most, detail)) {
			hash.update(part);
			await handle.write(part);
		}
	} finally {
		await handle.close();
	}
	return hash.digest('hex');
}

/** A text as JSON, no larger inside than its length explains. */
function jsonOf(text: string): unknown {
	try {
		return readJson(text, 'one JSON object');
	} catch (error) {
		if (!(error instanceof Problem)) throw error;
		throw new Refusal(400, 'not-json', error.message, `It should be ${error.expected}.`);
	}
}

/** A text read as JSON by a schema. */
export function readAs<T>(text: string, schema: z.ZodType<T>): T {
	const result = schema.safeParse(jsonOf(text));
	if (result.success) return result.data;
	throw new Refusal(
		422,
		'not-as-expected',
		'Something in the request is not as expected.',
		sayIssue(result.error, 'the whole request')
	);
}
