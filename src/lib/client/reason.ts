import { problemSchema } from '$lib/study/requests';

/** Why the server refused, in its own words where it gave any. */
export async function reasonOf(response: Response): Promise<string> {
	const answer = problemSchema.safeParse(await response.json().catch(() => null));
	return answer.success ? `${answer.data.title} ${answer.data.detail}` : `The server answered ${response.status}.`;
}

export const UNREACHABLE = 'The server cannot be reached.';
