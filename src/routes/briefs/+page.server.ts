import { listQuerySchema } from '$lib/study/requests';
import { loading, readQuery } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { listStudies } from '$lib/server/studies/repository';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) =>
	loading(async () => {
		const query = { ...readQuery(url, listQuerySchema), of: 'briefs' as const };
		return { query, list: await listStudies(database(), query) };
	});
