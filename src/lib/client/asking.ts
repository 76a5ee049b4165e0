import { reasonOf, UNREACHABLE } from './reason';

const HEADERS = { 'content-type': 'application/json' };

export const asJson = (method: string, content: unknown): RequestInit => ({
	method,
	headers: HEADERS,
	body: JSON.stringify(content)
});

/** A text that is JSON already. */
export const asJsonText = (text: string): RequestInit => ({ method: 'POST', headers: HEADERS, body: text });

/** Asks the server. @throws Error whose message says to people what went wrong. */
export async function ask(path: string, init?: RequestInit): Promise<Response> {
	let response: Response;
	try {
		response = await fetch(path, init);
	} catch {
		throw new Error(UNREACHABLE);
	}
	if (!response.ok) throw new Error(await reasonOf(response));
	return response;
}
