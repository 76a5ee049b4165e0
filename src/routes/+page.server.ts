import { listQuerySchema } from '$lib/model/requests';
import { database } from '$lib/server/app';
import { listStudies } from '$lib/server/studies/repository';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const query = listQuerySchema.parse(Object.fromEntries(url.searchParams));
	return { query, ...(await listStudies(database(), query)) };
};
