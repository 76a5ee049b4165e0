import { Readable } from 'node:stream';
import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingHandIn } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { deleteHandIn, readHandInFile } from '$lib/server/handed/repository';
import { handInId } from '$lib/server/ids';

/** The file as it is kept: data of somebody else's, never a page. */
export const GET: RequestHandler = ({ params }) =>
	answering(async () => {
		const pieces = await readHandInFile(database(), handInId(params.id!));
		if (pieces === null) throw missingHandIn();
		const body = Readable.toWeb(Readable.from(pieces).map((piece: string) => Buffer.from(piece)));
		return new Response(body as ReadableStream<Uint8Array>, {
			headers: { 'content-type': 'application/json', 'cache-control': 'no-store' }
		});
	});

export const DELETE: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await deleteHandIn(database(), handInId(params.id!)))) throw missingHandIn();
		return new Response(null, { status: 204 });
	});
