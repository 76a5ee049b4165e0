import { type Workbench } from './workbench.svelte';

/**
 * What a room keeps while a study is open and that is no part of it, such as which tool is in hand: made when it is first asked for, one for
 * each workbench, gone with it.
 */
export function perWorkbench<T extends object>(make: () => T): (workbench: Workbench) => T {
	const all = new WeakMap<Workbench, T>();
	return (workbench) => {
		const found = all.get(workbench) ?? make();
		all.set(workbench, found);
		return found;
	};
}
