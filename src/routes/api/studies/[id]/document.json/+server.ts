import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingStudy } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { studyId } from '$lib/server/ids';
import { readStudyText } from '$lib/server/studies/repository';

/** A study's document just as it is stored, read or not: so that nobody's work is out of reach because a version cannot read it. */
export const GET: RequestHandler = ({ params }) =>
	answering(async () => {
		const text = await readStudyText(database(), studyId(params.id!));
		if (text === null) throw missingStudy();
		return new Response(text, { headers: { 'content-type': 'application/json' } });
	});
