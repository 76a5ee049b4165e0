import { browser } from '$app/environment';
import { loadBenches } from '$lib/plates/benches.svelte';
import { kindOf } from '$lib/plates/kinds';
import { type PageLoad } from './$types';

/**
 * What the first plate shows comes with the page, unless it is so much that everybody else would wait for it: then the browser
 * draws it. The other kinds are loaded when their first plate is opened.
 */
export const load: PageLoad = async ({ data }) => {
	const first = data.study?.document.plates.slice(0, 1) ?? [];
	const isHeavy = first.some((plate) => kindOf(plate).heavy?.(plate));
	if (browser || !isHeavy) await loadBenches(first);
	return { ...data, isHeavy };
};
