import { wrap, type Remote } from 'comlink';
import { type Pixels } from '$lib/core/picture/square';
import { takenInSchema, type TakenIn } from '$lib/model/picture';
import { pathOfPicture } from '$lib/model/picture-path';
import { type Drawing, type Of } from '$lib/drawing/drawing';
import { type PictureSource } from '$lib/drawing/svg';
import { type PictureWork } from '$lib/workers/picture-work';
import { problemSchema } from '$lib/study/requests';
import { asData } from './as-data';
import { UNREACHABLE } from './reason';

let remote: Remote<PictureWork> | null = null;

/** What is done with pixels, in a thread apart that is begun when it is first asked. */
export function pictureWork(): Remote<PictureWork> {
	remote ??= wrap<PictureWork>(new Worker(new URL('../workers/pictures.ts', import.meta.url), { type: 'module' }));
	return remote;
}

const MOST_OPEN = 2;
const open = new Map<string, Promise<Pixels>>();

/** The pixels of a picture, for what must answer a hand at once; those of the last two are held. */
export function pixelsOf(id: string): Promise<Pixels> {
	const pixels = open.get(id) ?? pictureWork().pixels(id);
	open.delete(id);
	open.set(id, pixels);
	pixels.catch(() => open.delete(id));
	const [oldest] = open.keys();
	if (oldest && open.size > MOST_OPEN) open.delete(oldest);
	return pixels;
}

/** What tells how far a picture is sent, 0–1, and takes it back. */
export interface Bringing {
	readonly signal: AbortSignal;
	readonly onsent: (share: number) => void;
}

function readAnswer(request: XMLHttpRequest): TakenIn {
	let content: unknown = null;
	try {
		content = JSON.parse(request.responseText);
	} catch {
		// Said below, whatever came.
	}
	if (request.status === 201) return takenInSchema.parse(content);
	const problem = problemSchema.safeParse(content);
	throw new Error(
		problem.success ? `${problem.data.title} ${problem.data.detail}` : `The server answered ${request.status}.`
	);
}

/**
 * Sends a picture to be kept. By a request of the older kind, the only one that tells how much has been sent.
 * @throws Error whose message says to people what went wrong; DOMException where it was taken back.
 */
export function sendPicture(file: Blob, { signal, onsent }: Bringing): Promise<TakenIn> {
	return new Promise((done, fail) => {
		const request = new XMLHttpRequest();
		request.open('POST', '/api/images');
		// Whatever the file is called: what it is, is read from its bytes.
		request.setRequestHeader('content-type', 'application/octet-stream');
		request.upload.onprogress = ({ loaded, total }) => onsent(total > 0 ? loaded / total : 0);
		request.onerror = () => fail(new Error(UNREACHABLE));
		request.onabort = () => fail(new DOMException('Taken back.', 'AbortError'));
		request.onload = () => {
			try {
				done(readAnswer(request));
			} catch (error) {
				fail(error instanceof Error ? error : new Error(UNREACHABLE));
			}
		};
		signal.addEventListener('abort', () => request.abort());
		if (signal.aborted) return fail(new DOMException('Taken back.', 'AbortError'));
		request.send(file);
	});
}

/** The file of what is kept of a picture. @throws Error in words */
export async function pictureFile(id: string): Promise<Blob> {
	const response = await fetch(pathOfPicture(id)).catch(() => null);
	if (!response) throw new Error(UNREACHABLE);
	if (!response.ok) throw new Error('A picture of this study is not here any more.');
	return response.blob();
}

const fileOf = ({ id, seen }: Of<'image'>): Promise<Blob> =>
	seen.as === 'itself' && !seen.view ? pictureFile(id) : pictureWork().png(id, seen);

/** The pictures of a drawing as data that stands in a file. @throws Error in words */
export async function sourcesOf({ shapes }: Drawing): Promise<PictureSource> {
	const found = new Map<Of<'image'>, string>();
	for (const shape of shapes) if (shape.kind === 'image') found.set(shape, await asData(await fileOf(shape)));
	return (shape) => found.get(shape) ?? null;
}
