import { perWorkbench } from '$lib/workbench/study/per-workbench';

/** How far one has stepped back from an optical mix, as the share of its size that is seen. */
class StepBack {
	share = $state(1);
}

export const stepBackOf = perWorkbench(() => new StepBack());
