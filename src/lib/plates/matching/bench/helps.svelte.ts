import { perWorkbench } from '$lib/workbench/study/per-workbench';

/** What helps the eye while it works: both blurred, and a grey card with a hole. */
class Helps {
	blurred = $state(false);
	card = $state(false);
	/** Where the hole is, in shares of the plate. */
	hole = $state.raw({ across: 0.25, down: 0.45 });
}

export const helpsOf = perWorkbench(() => new Helps());
