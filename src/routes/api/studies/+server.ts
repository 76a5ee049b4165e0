import { json, type RequestHandler } from '@sveltejs/kit';
import { createStudySchema, listQuerySchema } from '$lib/study/requests';
import { answering, readBody, readQuery } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { createStudy, listStudies } from '$lib/server/studies/repository';

export const GET: RequestHandler = ({ url }) =>
	answering(async () => json(await listStudies(database(), readQuery(url, listQuerySchema))));

export const POST: RequestHandler = ({ request }) =>
	answering(async () => {
		const { document } = await readBody(request, createStudySchema);
		return json(await createStudy(database(), document), { status: 201 });
	});
