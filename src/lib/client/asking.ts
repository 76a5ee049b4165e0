import { reasonOf, UNREACHABLE } from './reason';

export const asJson = (method: string, content: unknown): RequestInit => ({
	method,
	headers: { 'content-type': 'application/json' },
	body: JSON.stringify(content)
});

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
