import { type Stroke } from '$lib/core/matching/strokes';
import { perWorkbench } from '$lib/workbench/study/per-workbench';

/** What is in the brush, and how strongly it covers. */
class Brush {
	holds = $state.raw<Stroke['brush']>('first');
	strength = $state(0.4);
}

export const brushOf = perWorkbench(() => new Brush());
