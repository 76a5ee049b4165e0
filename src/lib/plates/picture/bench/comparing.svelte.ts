import { perWorkbench } from '$lib/workbench/study/per-workbench';

/** Whether the picture is compared with what it is in its few colours, and how far from the left it is seen as it is, in per cent. */
class Comparing {
	on = $state(false);
	share = $state(50);
}

export const comparingOf = perWorkbench(() => new Comparing());
