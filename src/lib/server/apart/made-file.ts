import { createReadStream } from 'node:fs';
import { mkdtemp, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { MADE_FILE } from './work-files';

/** A folder of its own for a piece of work. */
export const workFolder = (): Promise<string> => mkdtemp(join(tmpdir(), 'ricercar-work-'));

export const clearFolder = (folder: string): Promise<void> => rm(folder, { recursive: true, force: true });

/** What was made, as the body of an answer: read while it is sent, and gone when it was, or nobody takes it any more. */
export async function sendMade(folder: string, type: string): Promise<Response> {
	const file = join(folder, MADE_FILE);
	const { size } = await stat(file);
	const stream = createReadStream(file);
	stream.once('close', () => void clearFolder(folder));
	return new Response(Readable.toWeb(stream) as ReadableStream<Uint8Array>, {
		headers: { 'content-type': type, 'content-length': String(size) }
	});
}
