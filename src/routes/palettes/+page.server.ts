import { HELPING } from '$lib/model/requests';
import { database } from '$lib/server/app';
import { listPalettes } from '$lib/server/palettes/repository';
import { type PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({
	list: await listPalettes(database(), { words: '', tag: '', near: '', most: HELPING })
});
