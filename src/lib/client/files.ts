import { z } from 'zod';
import { LONGEST_FILE } from '$lib/core/format/colour-list';
import { plainWord } from '$lib/core/format/property-names';
import { newId } from '$lib/model/ids';
import { reasonOf, UNREACHABLE } from './reason';
import { WINDOW_NAME } from './window-name';

/** Small letters, digits and hyphens: what every file system and every stylesheet takes. */
export const plainName = (text: string): string => plainWord(text) || 'untitled';

/** "furrow-anselm-2-a-banner-of-one-value": last name, first name, unit and title, as hand-ins are named. */
export function handInName({ maker, unit, title }: { maker: string; unit: string; title: string }): string {
	const names = maker.trim().split(/\s+/).filter(Boolean);
	const last = names.pop() ?? '';
	return [last, names.join(' '), unit, title]
		.filter((part) => part.trim() !== '')
		.map(plainName)
		.join('-');
}

/** The text of a file; one that is longer than can be read comes as a text that is, so that it is refused unread. */
export const textOf = (file: File): Promise<string> | string =>
	file.size > LONGEST_FILE ? 'x'.repeat(LONGEST_FILE + 1) : file.text();

/** Whether a file says that it is a picture of pixels; a drawing (SVG) is a text that is read for its colours. */
export const isPictureFile = ({ type }: File): boolean => type.startsWith('image/') && type !== 'image/svg+xml';

/** Hands a file to the browser to keep. */
export function download(name: string, content: Blob): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(content);
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** How work of the server's is asked for: what takes it back, and what is told how many are made before it, 0 while it is made itself. */
export interface Making {
	readonly signal: AbortSignal;
	readonly onplace: (before: number) => void;
}

const placeSchema = z.object({ place: z.int().min(0) });
const ASK_AGAIN = 1000;

/** Asks for the place of work that waits, again and again, until told to stop. */
function watchPlace(job: string, { onplace }: Making): () => void {
	const timer = setInterval(() => {
		void fetch(`/api/waiting/${job}`)
			.then(async (response) => (response.ok ? placeSchema.parse(await response.json()).place : null))
			.then((place) => place !== null && onplace(place))
			// The work itself says when the server is gone.
			.catch(() => undefined);
	}, ASK_AGAIN);
	return () => clearInterval(timer);
}

/** Has the server make a file and keeps it. Says in words what went wrong; null when it is kept, or was taken back. */
export async function downloadMade(
	path: string,
	request: unknown,
	name: string,
	making: Making
): Promise<string | null> {
	const job = newId();
	const unwatch = watchPlace(job, making);
	try {
		const response = await fetch(path, {
			method: 'POST',
			headers: { 'content-type': 'application/json', 'x-job': job, 'x-window': WINDOW_NAME },
			body: JSON.stringify(request),
			signal: making.signal
		});
		if (!response.ok) return await reasonOf(response);
		download(name, await response.blob());
		return null;
	} catch {
		return making.signal.aborted ? null : `${UNREACHABLE} It makes pictures and pages; SVG needs no server.`;
	} finally {
		unwatch();
	}
}
