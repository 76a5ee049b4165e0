import { HELPING } from '$lib/model/listed';
import { loading } from '$lib/server/answer';
import { database } from '$lib/server/app';
import { listPalettes } from '$lib/server/palettes/repository';
import { type PageServerLoad } from './$types';

/** The whole list in its order: nothing is sorted by nearness. */
const ALL = { words: '', tag: '', near: '', most: HELPING };

export const load: PageServerLoad = () =>
	loading(async () => ({ list: await listPalettes(database(), ALL, (palettes) => Promise.resolve([...palettes])) }));
