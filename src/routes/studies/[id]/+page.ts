import { loadBenches } from '$lib/plates/benches.svelte';
import { type PageLoad } from './$types';

/** What the first plate shows comes with the page; the other kinds are loaded when their first plate is opened. */
export const load: PageLoad = async ({ data }) => {
	if (data.study) await loadBenches(data.study.document.plates.slice(0, 1));
	return data;
};
