import { perWorkbench } from '$lib/workbench/study/per-workbench';

/** The row whose name is being written on the plate, by its id; null while none is. */
class Naming {
	row = $state<string | null>(null);
}

export const namingOf = perWorkbench(() => new Naming());
