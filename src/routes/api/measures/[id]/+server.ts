import { type RequestHandler } from '@sveltejs/kit';
import { answering, missingMeasure } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { measureId } from '$lib/server/ids';
import { deleteMeasure } from '$lib/server/measures/repository';

export const DELETE: RequestHandler = ({ params }) =>
	answering(async () => {
		if (!(await deleteMeasure(database(), measureId(params.id!)))) throw missingMeasure();
		return new Response(null, { status: 204 });
	});
