import { type Stroke } from '$lib/core/matching/strokes';

/** What is in the brush, and how strongly it covers. Of this window alone, no part of the study. */
class Brush {
	holds = $state.raw<Stroke['brush']>('first');
	strength = $state(0.4);
}

export const brush = new Brush();
