import { idSchema } from '$lib/model/ids';
import { loading, missingHandIn } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { readHandInLine } from '$lib/server/handed/repository';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params }) =>
	loading(async () => {
		const id = idSchema.safeParse(params.id);
		const line = id.success ? await readHandInLine(database(), id.data) : null;
		if (!line) throw missingHandIn();
		return { line };
	});
